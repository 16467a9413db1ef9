<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { computed, useTemplateRef } from 'vue'
import { LEVELS, type Preview } from '@/lib/api/types'
import { clockText } from '@/lib/clockText'
import LaneChartKey from './LaneChartKey.vue'
import LaneChartLane from './LaneChartLane.vue'

// The class in seconds, a lane per level, like a long section of a canal: work
// stands above the water line, rest lies on it, waiting is a ripple, a switch a
// notch, and a lane that is done runs dry. Hue is the third signal only.
const props = defineProps<{
  preview: Preview
  now?: number | null
  compact?: boolean
  title?: (block: string) => string
  ordinal?: (block: string, station: string) => number
}>()

/** Lower on the Floor, whose room is for what people look for. */
const laneHeight = computed(() => (props.compact ? 14 : 34))
const rise = computed(() => (props.compact ? 9 : 20))
const LEFT = 30

const root = useTemplateRef<HTMLElement>('root')
const { width } = useElementSize(root)
const inner = computed(() => Math.max(120, width.value - LEFT - 8))
const x = computed(() => scaleLinear([0, Math.max(1, props.preview.total_s)], [0, inner.value]))
const top = computed(() => (props.compact ? 4 : 20))
const GROUP = 14
/** Under the lanes, where groups move on: which station each stands at. */
const rotating = computed(() => (props.compact ? [] : props.preview.blocks.filter((block) => block.groups)))
const groupRows = computed(() => Math.max(0, ...rotating.value.map((block) => block.groups!.length)))
const lanesEnd = computed(() => top.value + LEVELS.length * laneHeight.value)
const height = computed(() => lanesEnd.value + groupRows.value * GROUP + (props.compact ? 2 : 18))

const MINUTES = [1, 2, 5, 10, 15, 30, 60]
const ticks = computed(() => {
  const total = props.preview.total_s / 60
  const step = MINUTES.find((minutes) => total / minutes <= Math.max(2, inner.value / 60)) ?? 60
  return Array.from({ length: Math.floor(total / step) + 1 }, (_, index) => index * step * 60)
})

const lanes = computed(() =>
  LEVELS.map((level, index) => ({
    level,
    base: top.value + index * laneHeight.value + laneHeight.value - (props.compact ? 3 : 6),
    segments: props.preview.blocks.flatMap((block) =>
      block.lanes[level].segments.map((segment) => ({ ...segment, guess: block.paced })),
    ),
  })),
)

const summary = computed(() =>
  LEVELS.map((level) => {
    const sums = props.preview.lanes[level]
    return t('ui.level_work_work_s_rest_rest_s_waiting', {
      level: readable(level),
      work_s: clockText(sums.work_s),
      rest_s: clockText(sums.rest_s),
      waiting_s: clockText(sums.waiting_s),
      done_s: clockText(sums.done_s),
    })
  }).join('; '),
)
</script>

<template>
  <figure ref="root" class="chart">
    <svg
      v-if="width"
      class="plot"
      :width="width"
      :height="height"
      role="img"
      :aria-label="$t('ui.the_class_to_scale_total_s_summary', { total_s: clockText(preview.total_s), summary })"
    >
      <g :transform="`translate(${LEFT} 0)`">
        <g v-for="(block, index) in preview.blocks" :key="block.id" class="block">
          <rect
            v-if="index % 2 === 0"
            class="band"
            :x="x(block.start_s)"
            :y="0"
            :width="x(block.total_s)"
            :height="top + LEVELS.length * laneHeight"
          />
          <line
            class="edge"
            :x1="x(block.start_s)"
            :x2="x(block.start_s)"
            y1="0"
            :y2="top + LEVELS.length * laneHeight"
          />
          <text v-if="!compact && title && x(block.total_s) > 46" class="caption" :x="x(block.start_s) + 4" y="13">
            {{ title(block.id).slice(0, Math.floor(x(block.total_s) / 7)) }}
          </text>
        </g>
        <LaneChartLane
          v-for="lane in lanes"
          :key="lane.level"
          v-bind="lane"
          :x="x"
          :rise="rise"
          :compact="compact"
          :tally-x="4 - LEFT"
        />
        <g v-for="block in rotating" :key="`groups-${block.id}`" class="groups">
          <g v-for="(group, row) in block.groups" :key="group.label">
            <text
              v-for="stop in group.stops.filter((held) => x(held.seconds) > 9)"
              :key="stop.start_s"
              :x="x(stop.start_s + stop.seconds / 2)"
              :y="lanesEnd + row * GROUP + 11"
              text-anchor="middle"
            >
              {{ ordinal?.(block.id, stop.station) ?? '' }}
            </text>
            <text class="name" :x="x(block.start_s) - 4" :y="lanesEnd + row * GROUP + 11" text-anchor="end">
              {{ group.label.toLowerCase() }}
            </text>
          </g>
        </g>
        <g v-if="!compact" class="axis">
          <g v-for="tick in ticks" :key="tick">
            <line :x1="x(tick)" :x2="x(tick)" :y1="height - 18" :y2="height - 14" />
            <text :x="x(tick)" :y="height - 3" text-anchor="middle">{{ tick / 60 }}</text>
          </g>
          <text :x="-LEFT + 2" :y="height - 3">{{ $t('common.min') }}</text>
        </g>
        <line
          v-if="now != null"
          class="now"
          :x1="x(Math.min(now, preview.total_s))"
          :x2="x(Math.min(now, preview.total_s))"
          y1="0"
          :y2="top + LEVELS.length * laneHeight"
        />
      </g>
    </svg>
    <LaneChartKey v-if="!compact" />
  </figure>
</template>

<style scoped>
.chart.late .plot {
  opacity: 0.55;
}
.chart {
  margin: 0;
  width: 100%;
  overflow: hidden;
}
svg {
  display: block;
}
.band {
  fill: var(--paper-sunk);
  opacity: 0.6;
}
.edge {
  stroke: var(--rule);
}
.caption,
.axis text {
  font-size: 11px;
  fill: var(--ink-soft);
}
.axis line {
  stroke: var(--ink-soft);
}
.groups text {
  font-size: 10px;
  fill: var(--ink);
}
.groups .name {
  fill: var(--ink-soft);
}
.now {
  stroke: var(--ink);
  stroke-width: 2.5;
}
</style>
