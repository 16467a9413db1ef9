<script setup lang="ts">
import { readable } from '@/lib/readable'
import { LEVELS, type Level } from '@/lib/api/types'

// The tally strokes of a level by themselves; who cannot see them hears the word.
const props = defineProps<{ level: Level }>()
const STROKES = ['M5 18 7 2', 'M11 18 13 2', 'M17 18 19 2']
</script>

<template>
  <svg class="tally" :class="`hue-${level}`" viewBox="0 0 22 20" role="img" :aria-label="readable(level)">
    <path :d="STROKES.slice(0, LEVELS.indexOf(props.level) + 1).join('')" />
  </svg>
</template>

<style scoped>
.tally {
  width: 1.15em;
  height: 1.05em;
  vertical-align: -0.12em;
  stroke-width: 3;
  stroke-linecap: round;
  stroke: currentColor;
}
</style>
