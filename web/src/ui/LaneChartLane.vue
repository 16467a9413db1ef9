<script setup lang="ts">
import { readable } from '@/lib/readable'
import { clockText } from '@/lib/clockText'
import { LEVELS, type Level, type Segment } from '@/lib/api/types'

// What one level does, second by second: a lane of the chart.
const props = defineProps<{
  level: Level
  /** In order; a guess is of a block that people pace. */
  segments: (Segment & { guess: boolean })[]
  /** The water line, from the top. */
  base: number
  /** How high work stands above it. */
  rise: number
  /** Seconds to pixels. */
  x: (second: number) => number
  tallyX: number
  compact?: boolean
}>()

function work(segment: Segment) {
  const from = props.x(segment.start_s)
  const to = props.x(segment.start_s + segment.seconds)
  const gap = to - from > 3 ? 0.6 : 0
  return { x: from, y: props.base - props.rise, width: Math.max(0.5, to - from - gap), height: props.rise }
}

/** A ripple for the seconds in which somebody waits. */
function ripple(segment: Segment) {
  const from = props.x(segment.start_s)
  const to = props.x(segment.start_s + segment.seconds)
  const waves = Math.max(1, Math.round((to - from) / 8))
  const length = (to - from) / waves
  let path = `M${from} ${props.base}`
  for (let wave = 0; wave < waves; wave++) {
    const start = from + wave * length
    path += ` Q${start + length / 4} ${props.base - 7} ${start + length / 2} ${props.base} T${start + length} ${props.base}`
  }
  return path
}

function span(segment: Segment) {
  return { x1: props.x(segment.start_s), x2: props.x(segment.start_s + segment.seconds) }
}
</script>

<template>
  <g :class="['lane', level]">
    <template v-for="segment in segments" :key="segment.start_s">
      <rect
        v-if="segment.kind === 'work'"
        class="work"
        :class="{ guess: segment.guess }"
        :style="segment.level && segment.level !== level ? { '--hue': `var(--${segment.level})` } : undefined"
        v-bind="work(segment)"
      >
        <title>
          {{
            $t('ui.level_work_n_seconds_s_from', {
              level: readable(level),
              n: segment.guess ? `${$t('common.about')} ` : '',
              seconds: segment.seconds,
              start_s: clockText(segment.start_s),
            })
          }}
        </title>
      </rect>
      <path v-else-if="segment.kind === 'waiting'" class="waiting" :d="ripple(segment)">
        <title>
          {{ $t('ui.level_waiting_seconds_s', { level: readable(level), seconds: segment.seconds }) }}
        </title>
      </path>
      <line v-else-if="segment.kind !== 'done'" :class="segment.kind" v-bind="span(segment)" :y1="base" :y2="base" />
    </template>
    <g :transform="`translate(${tallyX} ${base - (compact ? 9 : 15)}) scale(${compact ? 0.6 : 1})`" class="tally">
      <line
        v-for="stroke in LEVELS.indexOf(level) + 1"
        :key="stroke"
        :x1="stroke * 6"
        y1="15"
        :x2="stroke * 6 + 2"
        y2="1"
      />
    </g>
  </g>
</template>

<style scoped>
.work {
  fill: var(--hue);
}
/* A prediction is drawn as an outline: nobody's clock says so. */
.work.guess {
  fill: var(--hue);
  fill-opacity: 0.22;
  stroke: var(--hue);
  stroke-width: 1.2;
}
.rest {
  stroke: var(--hue);
  stroke-width: 2.5;
}
.waiting {
  fill: none;
  stroke: var(--hue);
  stroke-width: 1.6;
}
.ready,
.pause,
.switch,
.transition {
  stroke: var(--hue);
  stroke-width: 2.5;
  stroke-dasharray: 1.5 3.5;
}
.tally line {
  stroke: var(--hue);
  stroke-width: 2.6;
  stroke-linecap: round;
}
</style>
