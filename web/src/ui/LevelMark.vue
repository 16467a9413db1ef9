<script setup lang="ts">
import { readable } from '@/lib/readable'
import type { Level } from '@/lib/api/types'
import LevelTally from './LevelTally.vue'

// One, two or three tally strokes; the word; the hue last.
defineProps<{ level: Level }>()
</script>

<template>
  <span class="mark" :class="`hue-${level}`">
    <LevelTally :level="level" aria-hidden="true" />
    <span class="word">{{ readable(level) }}</span>
  </span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  align-items: center;
  gap: 0.3em;
  white-space: nowrap;
  font-weight: 600;
}
/* It stands on the line of the words around it. */
.word {
  display: inline-block;
  align-self: baseline;
}
.word::first-letter {
  text-transform: uppercase;
}
</style>
