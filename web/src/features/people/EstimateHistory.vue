<script setup lang="ts">
import { scaleLinear, scaleTime } from 'd3-scale'
import { computed } from 'vue'
import type { Estimate } from '@/lib/api/types'
import { dateText } from '@/lib/clockText'
import { t } from '@/lib/text'

// An estimate as it came about: each test and result at its day, as the number that it is at one version,
// and a line for what was believed from then on.
type Measure = Estimate['history'][number]
type Point = Measure['points'][number]
const props = defineProps<{ measure: Measure }>()

const WIDTH = 420
const HEIGHT = 130
const LEFT = 34
const BOTTOM = 18
const days = computed(() => props.measure.points.map((point) => new Date(point.day)))
const x = computed(() => {
  const [first, last] = [days.value[0] ?? new Date(), new Date()]
  return scaleTime()
    .domain([first, last])
    .range([LEFT, WIDTH - 8])
})
const y = computed(() => {
  const most = Math.max(5, ...props.measure.points.flatMap((point) => [point.value, point.after]))
  return scaleLinear()
    .domain([0, most])
    .nice()
    .range([HEIGHT - BOTTOM, 8])
})
/** It holds until the next one, and up to today. */
const line = computed(() => {
  const points = props.measure.points
  return points
    .map((point, at) => {
      const [from, to] = [x.value(days.value[at]!), at + 1 < points.length ? x.value(days.value[at + 1]!) : WIDTH - 8]
      return `${at ? 'L' : 'M'}${from} ${y.value(point.after)}H${to}`
    })
    .join('')
})
const unit = computed(() => (props.measure.unit === 's' ? ` ${t('common.s')}` : ''))
function words(point: Point) {
  const amount = `${Math.round(point.amount)}${unit.value}`
  const values = { name: point.name, amount, value: `${Math.round(point.value)}${unit.value}` }
  if (point.source === 'measured') return t('people.a_test_of', values)
  return point.bound ? t('people.at_least', values) : t('people.a_result_of', values)
}
const latest = computed(() => props.measure.points.slice(-5).reverse())
</script>

<template>
  <figure class="history">
    <figcaption class="small">
      <b>{{ $t(measure.unit === 's' ? 'people.told_in_seconds' : 'people.told_in_reps', { at: measure.at }) }}</b>
      <span v-if="measure.points.length" class="quiet">{{ ' ' }}{{ $t('people.how_to_read_history') }}</span>
    </figcaption>
    <svg v-if="measure.points.length" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="measure.at">
      <g v-for="tick in y.ticks(4)" :key="tick">
        <line :x1="LEFT" :x2="WIDTH - 8" :y1="y(tick)" :y2="y(tick)" class="rule" />
        <text :x="LEFT - 5" :y="y(tick) + 4" text-anchor="end">{{ tick }}</text>
      </g>
      <text :x="LEFT" :y="HEIGHT - 3">{{ dateText(measure.points[0]!.day) }}</text>
      <text :x="WIDTH - 8" :y="HEIGHT - 3" text-anchor="end">{{ $t('people.today') }}</text>
      <path :d="line" class="believed" />
      <g v-for="(point, at) in measure.points" :key="at" :transform="`translate(${x(days[at]!)},${y(point.value)})`">
        <path v-if="point.bound" d="M-4 3H4M0 3V-5M-3 -2 0 -5 3 -2" class="bound" />
        <rect v-else-if="point.source === 'measured'" x="-4" y="-4" width="8" height="8" class="exact" />
        <circle v-else r="4" class="exact" />
      </g>
    </svg>
    <ul v-if="latest.length" class="small">
      <li v-for="(point, at) in latest" :key="at">{{ dateText(point.day) }}: {{ words(point) }}</li>
    </ul>
    <p class="small quiet">{{ measure.changes }}</p>
  </figure>
</template>

<style scoped>
.history {
  margin: 0;
  max-width: 34rem;
}
svg {
  width: 100%;
  height: auto;
}
text {
  font-size: 11px;
  fill: var(--ink-soft);
}
.rule {
  stroke: var(--rule-soft);
}
.believed {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.exact {
  fill: var(--accent);
}
.bound {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1.5;
}
ul {
  list-style: none;
  padding: 0;
  margin: var(--space-1) 0;
}
</style>
