<script setup lang="ts">
import { computed } from 'vue'
import { LEVELS, type Level } from '@/api/types'

// One, two or three tally strokes; the word; the hue last.
const props = defineProps<{ level: Level; bare?: boolean }>()
const strokes = computed(() => LEVELS.indexOf(props.level) + 1)
</script>

<template>
  <span class="mark" :class="level">
    <svg viewBox="0 0 22 20" aria-hidden="true">
      <line v-for="stroke in strokes" :key="stroke" :x1="stroke * 6 - 1" y1="18" :x2="stroke * 6 + 1" y2="2" />
    </svg>
    <span :class="{ 'visually-hidden': bare }" class="word">{{ level }}</span>
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
.word::first-letter {
  text-transform: uppercase;
}
.word {
  display: inline-block;
}
svg {
  width: 1.15em;
  height: 1.05em;
  stroke-width: 3;
  stroke-linecap: round;
  stroke: currentColor;
}
.beginner {
  color: var(--beginner);
}
.intermediate {
  color: var(--intermediate);
}
.advanced {
  color: var(--advanced);
}
</style>
