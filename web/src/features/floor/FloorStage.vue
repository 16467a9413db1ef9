<script setup lang="ts">
import { t } from '@/lib/text'
import { computed, toRef, useTemplateRef } from 'vue'
import LaneChart from '@/ui/LaneChart.vue'
import { clockText } from '@/lib/clockText'
import { LEVELS, type Cue, type Level, type Run } from '@/lib/api/types'
import { besidesOf } from './besides'
import FloorGroups from './FloorGroups.vue'
import FloorHeadline from './FloorHeadline.vue'
import FloorLevel from './FloorLevel.vue'
import FloorPaced from './FloorPaced.vue'
import FloorStrip from './FloorStrip.vue'
import { stationOf, stretched, type Moment, type Plan } from './plan'
import { useHeadline } from './useHeadline'
import type { RunState } from './useRunClock'
import type { Taps } from './useTaps'
import type { Versions } from './useVersions'

// What is read from ten metres, on the instructor's screen and in the hall: the clock, the versions side by side, what comes next.
const props = defineProps<{
  run: Run
  plan: Plan
  second: number
  moment: Moment
  state: RunState
  held: boolean
  calls: Cue[]
  versions: Versions
  taps: Taps
  /** Without buttons: nobody touches this screen. */
  plain?: boolean
  untold?: boolean
  maySleep?: boolean
}>()

const { blockNow, blockPreview, pacedNow, about, resting, heading, nextLine, nextBrief } = useHeadline(
  toRef(props, 'run'),
  toRef(props, 'plan'),
  toRef(props, 'moment'),
  toRef(props, 'held'),
  props.versions,
)
const chart = computed(() => stretched(props.plan))
const station = computed(() => stationOf(props.run, props.moment.blockId, props.moment.station))

/** All of the block stands there already: what comes next is not said again, and the clock gives it room. */
const listed = computed(() => pacedNow.value || Boolean(blockPreview.value?.groups))

/** “4 of 15”, of the stations that the round visits. */
const place = computed(() => {
  if (listed.value) return ''
  const visited = (blockNow.value?.stations ?? []).filter(
    (held) => !held.in_rounds || held.in_rounds.includes(props.moment.round ?? 1),
  )
  const index = visited.findIndex((held) => held.id === props.moment.station)
  return index < 0 || visited.length < 2 ? '' : t('floor.station_n_of_m', { n: index + 1, m: visited.length })
})

/** What else the plan says here: its note, and what stands in for whom a joint must be spared. */
const besides = computed(() => {
  if (listed.value) return ''
  return besidesOf(station.value, props.versions.called)
})

/** More letters than stand in one line of a wide screen: they stand in two, and smaller. */
const LINE = 110
const isLong = (text: string) => text.length > LINE

const paced = useTemplateRef<{ tap: (level: Level) => void }>('paced')
defineExpose({ tap: (level: Level) => paced.value?.tap(level) })
</script>

<template>
  <FloorStrip
    :moment="moment"
    :place="place"
    :state="state"
    :untold="untold"
    :may-sleep="maySleep"
    :left="clockText(Math.ceil(plan.totalS - second))"
  />
  <slot />
  <slot v-if="state === 'over'" name="over" />
  <template v-else>
    <FloorHeadline :moment="moment" :heading="heading" :calls="calls" :about="about" :held="held" :low="listed" />
    <FloorPaced
      v-if="pacedNow"
      ref="paced"
      class="below"
      :block="blockNow!"
      :preview="blockPreview!"
      :moment="moment"
      :versions="versions"
      :taps="taps"
      :plain="plain"
    />
    <FloorGroups
      v-else-if="blockPreview?.groups"
      class="below"
      :preview="blockPreview"
      :second="moment.plannedS"
      :working="moment.kind === 'work' || moment.kind === 'switch'"
      :versions="versions"
      :sizes="run.groups?.[blockPreview.id]"
    />
    <div v-else-if="moment.station" class="abreast below">
      <FloorLevel
        v-for="level in LEVELS"
        :key="level"
        :level="level"
        v-bind="versions.version(moment.blockId, moment.station, moment.lanes[level].level)"
        :lane="moment.lanes[level]"
        :resting="resting"
      />
    </div>
    <p v-if="besides" class="besides" :class="{ long: isLong(besides) }" data-testid="besides">{{ besides }}</p>
    <p v-if="state !== 'before' && !listed" class="next" :class="{ long: isLong(nextLine) }" data-testid="next">
      <span class="whole">{{ nextLine }}</span>
      <span v-if="isLong(nextLine)" class="brief">{{ nextBrief }}</span>
    </p>
  </template>
  <div class="now-line">
    <LaneChart :preview="chart" :now="second" compact />
    <slot name="over-chart" />
  </div>
</template>

<style scoped>
.below {
  flex: 1 1 0;
  min-height: 0;
}
.abreast {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 2vw;
}
.next,
.besides {
  font-size: max(0.95rem, 2.6vh);
  min-height: 1.4em;
  line-height: 1.25;
  color: var(--ink-soft);
}
/* A note may have a thousand letters: what two lines have no room for is not for ten metres. */
.long {
  font-size: max(0.95rem, 2.5vh);
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
.besides {
  color: var(--ink);
}
.brief {
  display: none;
}
.now-line {
  flex: none;
  position: relative;
}
/* On a tall screen the levels stand below each other, so that each is written across all of it. */
@media (min-width: 44.01rem) and (max-aspect-ratio: 1/1) {
  .abreast {
    grid-template: repeat(3, minmax(min-content, auto)) / minmax(0, 1fr);
    gap: 0.8vh;
  }
  .next,
  .besides {
    font-size: 2.5vh;
    line-height: 1.15;
  }
  .besides.long {
    -webkit-line-clamp: 4;
  }
  .long .whole {
    display: none;
  }
  .long .brief {
    display: inline;
  }
}
@media (max-width: 44rem) {
  .below {
    flex: none;
  }
  .abreast {
    grid-template-columns: 1fr;
    gap: var(--space-2);
  }
  .long {
    -webkit-line-clamp: none;
  }
}
</style>
