<script setup lang="ts">
import { computed } from 'vue'
import type { Level } from '@/lib/api/types'
import { clockText } from '@/lib/clockText'

// How long a level takes, before and after, to the scale of what takes longest.
const props = defineProps<{ level: Level; before: number | null; after: number | null; mostS: number }>()
const width = (seconds: number | null) => `${((seconds ?? 0) / Math.max(props.mostS, 1)) * 100}%`
const changed = computed(() => props.before !== props.after)
</script>

<template>
  <span v-if="after !== null" class="bars" :class="`hue-${level}`">
    <span class="text"
      ><template v-if="changed">{{ clockText(before ?? 0) }} → </template><b>{{ clockText(after) }}</b></span
    >
    <span class="bar was" aria-hidden="true" :style="{ width: width(before) }" />
    <span class="bar" aria-hidden="true" :style="{ width: width(after) }" />
  </span>
  <template v-else>–</template>
</template>

<style scoped>
.bars {
  display: grid;
  gap: 2px;
}
.text {
  color: var(--ink);
}
.bar {
  height: 5px;
  min-width: 2px;
  background: currentColor;
}
.was {
  height: 3px;
  opacity: 0.45;
}
</style>
