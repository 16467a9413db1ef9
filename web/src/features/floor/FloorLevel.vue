<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { computed } from 'vue'
import LevelMark from '@/ui/LevelMark.vue'
import TempoBeat from './TempoBeat.vue'
import FigureOf from '@/ui/figure/FigureOf.vue'
import { clockText } from '@/lib/clockText'
import type { Level } from '@/lib/api/types'
import type { Moment } from './plan'

// One level's version of the station, and what it has left.
defineOptions({ inheritAttrs: false })
const props = defineProps<{
  level: Level
  name: string
  target: string
  load?: string
  standard: string
  figure?: string
  /** As the plan has it, and as the version has it by itself. */
  tempo?: { own?: string; usual?: string }
  /** What the plan says to this level alone. */
  note?: string
  /** It has nothing to do at this station. */
  out?: boolean
  lane: Moment['lanes'][Level]
  resting: boolean
}>()

/** More letters need two lines on a tall screen, and these three. */
const ONE_LINE = 18
const LONG = 30
/** A note of more letters would take more than two lines. */
const LENGTHY = 64
const secondsOf = (tempo?: string) => (tempo ?? '').split('-').reduce((sum, part) => sum + Number(part), 0)
const speed = computed(() => {
  const [own, usual] = [secondsOf(props.tempo?.own), secondsOf(props.tempo?.usual)]
  return own && usual ? usual / own : 1
})

const left = computed(() => {
  switch (props.lane.kind) {
    case 'work':
      return t('floor.ceil_s_left', { ceil: Math.ceil(props.lane.leftS) })
    case 'waiting':
      return props.resting || props.out ? t('floor.doing_rest') : t('floor.stop_and_wait')
    case 'done':
      return t('floor.doing_done')
    case 'switch':
      return t('floor.switch_sides_2')
    case 'rest':
      return t('floor.doing_rest')
    case 'pause':
      return t('floor.doing_pause')
    default:
      return t('floor.get_ready_2')
  }
})
</script>

<template>
  <section class="level" :class="[level, lane.kind]" :aria-label="readable(level)">
    <p class="mark">
      <LevelMark :level="level" /><span v-if="lane.level !== level" class="as">{{
        $t('floor.takes_level', { level: readable(lane.level) })
      }}</span
      ><span class="left" data-testid="left">{{ left }}</span>
    </p>
    <p class="name" :class="{ 'two-lines': name.length > ONE_LINE, long: name.length > LONG }">{{ name }}</p>
    <p class="target">{{ target }}</p>
    <div v-if="load || tempo?.own" class="how">
      <b v-if="load">{{ load }}</b>
      <TempoBeat v-if="tempo?.own" :tempo="tempo.own" :since-s="lane.sinceS" :running="lane.kind === 'work'" />
    </div>
    <p v-if="note" class="note" :class="{ lengthy: note.length > LENGTHY }">{{ note }}</p>
    <FigureOf
      v-if="figure"
      :key="figure"
      :version="figure"
      :label="$t('figure.label', { name, standard })"
      :speed="speed"
      :paused="lane.kind === 'done'"
      class="figure"
    />
    <p class="standard">{{ standard }}</p>
    <p class="ahead">
      {{
        lane.kind === 'done'
          ? $t('floor.meanwhile')
          : $t('floor.work_ahead_clock_text', { clock_text: clockText(Math.ceil(lane.workLeftS)) })
      }}
    </p>
  </section>
</template>

<style scoped src="./floorLevel.css"></style>
