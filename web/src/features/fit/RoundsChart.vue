<script setup lang="ts">
import { t } from '@/lib/text'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'

// Round by round: what is available, drawn as an open bar, and in it what is
// asked, filled. What the last round leaves is the gap at the top.
const props = defineProps<{ rounds: number[][]; unit: string }>()
const HEIGHT = 72
const BAR = 26
const GAP = 12
const most = computed(() => Math.max(1, ...props.rounds.flatMap((round) => [round[1]!, round[2]!])))
const y = computed(() => scaleLinear().domain([0, most.value]).range([0, HEIGHT]))
const width = computed(() => props.rounds.length * (BAR + GAP) + GAP)
const text = computed(() =>
  props.rounds
    .map(([round, there, asked]) => t('fit.round_round_there_there_asked_asked', { round, there, asked }))
    .join('. '),
)
</script>

<template>
  <svg
    class="rounds"
    :viewBox="`0 0 ${width} ${HEIGHT + 34}`"
    :width="width"
    :height="HEIGHT + 34"
    role="img"
    :aria-label="text"
  >
    <g
      v-for="([round, there, asked], index) in rounds"
      :key="index"
      :transform="`translate(${GAP + index * (BAR + GAP)} 14)`"
    >
      <rect
        class="asked"
        :class="{ over: asked! > there! }"
        x="0"
        :y="HEIGHT - y(asked!)"
        :width="BAR"
        :height="y(asked!)"
      />
      <rect class="there" x="0" :y="HEIGHT - y(there!)" :width="BAR" :height="y(there!)" />
      <text class="figure-text" :x="BAR / 2" :y="HEIGHT - Math.max(y(there!), y(asked!)) - 3">
        {{ Math.floor(there!) }}
      </text>
      <text :x="BAR / 2" :y="HEIGHT + 14">{{ round }}</text>
    </g>
    <line x1="0" :x2="width" :y1="HEIGHT + 14" :y2="HEIGHT + 14" class="ground" />
  </svg>
</template>

<style scoped>
.rounds {
  display: block;
  max-width: 100%;
}
.there {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.asked {
  fill: var(--accent);
  opacity: 0.55;
}
.asked.over {
  fill: var(--warn);
}
.ground {
  stroke: var(--ink);
}
text {
  font-size: 11px;
  text-anchor: middle;
  fill: var(--ink);
}
.figure-text {
  font-weight: 700;
}
</style>
