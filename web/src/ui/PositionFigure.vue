<script setup lang="ts">
import { computed } from 'vue'

// The position of a variation as a small line figure: a head and a few strokes on a ground line.
const props = defineProps<{ position: string }>()

const FIGURES: Record<string, { head: [number, number]; lines: string }> = {
  standing: { head: [40, 8], lines: 'M40 13 L40 30 M40 17 L32 26 M40 17 L48 26 M40 30 L35 46 M40 30 L45 46' },
  kneeling: { head: [40, 14], lines: 'M40 19 L40 36 M40 23 L32 31 M40 23 L48 31 M40 36 L42 46 L28 46' },
  all_fours: { head: [58, 26], lines: 'M53 29 L30 30 M52 30 L52 46 M30 30 L32 46 L20 46' },
  front_support: { head: [64, 24], lines: 'M59 26 L18 44 L14 46 M55 28 L55 46' },
  supported: {
    head: [40, 10],
    lines:
      'M40 15 L40 30 M40 19 L31 32 M40 19 L49 32 M40 30 L48 38 L42 46 M26 32 L34 32 M46 32 L54 32 M30 32 L30 46 M52 32 L52 46',
  },
  prone: { head: [62, 36], lines: 'M57 38 L40 44 L14 44 M52 40 L60 46' },
  supine: { head: [14, 42], lines: 'M19 44 L42 44 L52 32 L58 46 M24 44 L34 38' },
  side: { head: [60, 24], lines: 'M56 28 L16 45 M54 29 L56 46 M50 31 L46 18' },
  seated: { head: [34, 14], lines: 'M34 19 L34 34 M34 23 L44 29 M34 34 L48 34 L48 46 M26 34 L44 34 M28 34 L28 46' },
  hanging: { head: [28, 24], lines: 'M14 10 L66 10 M32 27 L58 44 M34 28 L34 10' },
}
const figure = computed(() => FIGURES[props.position] ?? FIGURES.standing!)
</script>

<template>
  <svg viewBox="0 0 80 50" role="img" :aria-label="$t('ui.position_replace', { replace: position.replace('_', ' ') })">
    <line class="ground" x1="4" y1="48" x2="76" y2="48" />
    <circle :cx="figure.head[0]" :cy="figure.head[1]" r="4.4" />
    <path :d="figure.lines" />
  </svg>
</template>

<style scoped>
svg {
  width: 5rem;
  height: 3.1rem;
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.ground {
  stroke: var(--rule);
  stroke-width: 1.5;
}
</style>
