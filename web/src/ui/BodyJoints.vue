<script setup lang="ts">
import { computed } from 'vue'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'

// A small body with its joints: filled where they are loaded, open where they only move.
const props = defineProps<{ loaded: string[]; moved?: string[] }>()

const AT: Record<string, [number, number][]> = {
  neck: [[30, 15]],
  shoulder: [
    [21, 20],
    [39, 20],
  ],
  elbow: [
    [16, 34],
    [44, 34],
  ],
  wrist: [
    [13, 46],
    [47, 46],
  ],
  lower_back: [[30, 38]],
  hip: [
    [25, 46],
    [35, 46],
  ],
  knee: [
    [24, 62],
    [36, 62],
  ],
  ankle: [
    [23, 77],
    [37, 77],
  ],
}
const dots = (joints: string[]) => joints.flatMap((joint) => (AT[joint] ?? []).map((at) => ({ joint, at })))
const words = computed(() =>
  props.loaded.length
    ? t('ui.loads_joints', { joints: props.loaded.map(readable).join(', ') })
    : t('ui.loads_no_joint'),
)
</script>

<template>
  <svg viewBox="4 0 52 84" role="img" :aria-label="words">
    <circle class="body" cx="30" cy="7" r="5.5" />
    <path
      class="body"
      d="M30 13 L30 42 M21 20 L39 20 M21 20 L16 34 L13 46 M39 20 L44 34 L47 46 M25 46 L35 46 M30 42 L25 46 L24 62 L23 77 M30 42 L35 46 L36 62 L37 77"
    />
    <circle
      v-for="{ joint, at } in dots((moved ?? []).filter((held) => !loaded.includes(held)))"
      :key="`m${joint}${at[0]}`"
      class="moved"
      :cx="at[0]"
      :cy="at[1]"
      r="2.6"
    />
    <circle
      v-for="{ joint, at } in dots(loaded)"
      :key="`l${joint}${at[0]}`"
      class="loaded"
      :cx="at[0]"
      :cy="at[1]"
      r="3.4"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 2.6rem;
  height: 4.2rem;
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.body {
  stroke: var(--ink-soft);
  stroke-width: 1.6;
}
.moved {
  stroke: var(--ink);
  stroke-width: 1.2;
  fill: var(--paper);
}
.loaded {
  fill: var(--warn);
  stroke: none;
}
</style>
