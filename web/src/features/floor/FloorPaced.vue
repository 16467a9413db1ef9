<script setup lang="ts">
import { readable } from '@/lib/readable'
import { plural, t } from '@/lib/text'
import { computed, useTemplateRef } from 'vue'
import LevelMark from '@/ui/LevelMark.vue'
import { clockText } from '@/lib/clockText'
import { LEVELS, type Block, type BlockPreview, type Level } from '@/lib/api/types'
import FloorPacedRow from './FloorPacedRow.vue'
import FloorTally from './FloorTally.vue'
import { besidesOf } from './besides'
import { LIST_LETTERS } from './letters'
import { nextSet } from './nextSet'
import { partsOf } from './target'
import type { Moment } from './plan'
import type { Taps } from './useTaps'
import { useRowsThatFit } from './useRowsThatFit'
import type { Versions } from './useVersions'

// A block that the people pace: each level's list, with a tally of rounds or
// what is left of a total, a tap or a key each.
const props = defineProps<{
  block: Block
  preview: BlockPreview
  moment: Moment
  versions: Versions
  taps: Taps
  /** Without buttons. */
  plain?: boolean
}>()

const round = computed(() => props.moment.round ?? 1)
const isTally = computed(() => props.preview.tally === 'rounds')
const isTotal = computed(() => props.preview.tally === 'total')
const stations = computed(() =>
  (props.block.stations ?? []).filter((station) => !station.in_rounds || station.in_rounds.includes(round.value)),
)

/** What counts is read where one exercise is all there is: everybody must see the others first. */
const roomForStandards = computed(() => stations.value.length === 1)
const shown = (station: string, level: Level) => props.versions.version(props.block.id, station, level)
/** A short list moves, a longer one shows key poses; beyond that there is room for the names alone. */
const MOST_MOVING = 3
const MOST_DRAWN = 6
const roomForFigures = computed(() => stations.value.length <= MOST_DRAWN)
const still = computed(() => stations.value.length > MOST_MOVING)

function target(station: string, level: Level): string {
  const cell = props.preview.stations.find((held) => held.id === station)?.levels[level]
  const document = props.block.stations?.find((held) => held.id === station)
  if (!cell) return ''
  if (!cell.per_round) return cell.target
  const visited = document?.in_rounds ? [...document.in_rounds].sort((one, other) => one - other) : undefined
  const index = visited ? visited.indexOf(round.value) : round.value - 1
  return cell.per_round[index] === undefined ? '' : t('floor.per_round_reps', { per_round: cell.per_round[index] })
}

const rounds = (level: Level) =>
  props.taps.sum((tap) => tap.block === props.block.id && tap.level === level && !tap.station && !tap.person_id)
const done = (station: string, level: Level) =>
  props.taps.sum(
    (tap) => tap.block === props.block.id && tap.level === level && tap.station === station && !tap.person_id,
  )
const total = (station: string, level: Level) =>
  props.preview.stations.find((held) => held.id === station)?.levels[level].reps_counted ?? 0
const plan = (station: string, level: Level) =>
  props.preview.forecast?.[level].stations?.find((held) => held.station === station)?.sets ?? []

const next = (station: string, level: Level) =>
  nextSet(plan(station, level), done(station, level), total(station, level))

/** Through with all of its rounds, while others go on. */
const isDone = (level: Level) => props.moment.lanes[level].kind === 'done'

const ownOf = (level: Level) => stations.value.filter((station) => !station.levels[level].sits_out)
/** What a level still has to do: of totals those that are through are only counted. */
const ahead = (level: Level) =>
  isDone(level) ? [] : isTotal.value ? ownOf(level).filter((station) => next(station.id, level) > 0) : ownOf(level)
const through = (level: Level) => ownOf(level).length - ahead(level).length
const rows = computed(() => Math.max(...LEVELS.map((level) => ahead(level).length)))
/** Numbers stand below each other: two digits wide, or one where none is longer. */
const digits = computed(() => {
  const numbers = stations.value.flatMap((station) =>
    LEVELS.map((level) =>
      isTotal.value ? String(total(station.id, level)) : partsOf(target(station.id, level)).number,
    ),
  )
  return Math.min(2, Math.max(1, ...numbers.map((number) => number.length)))
})

const { fitting } = useRowsThatFit(
  useTemplateRef<HTMLElement[]>('lists'),
  computed(() => rows.value + LIST_LETTERS.length - 1),
  rows,
)
const size = computed(() => LIST_LETTERS[Math.max(0, fitting.value - rows.value)]!)

/** In rounds of reps a tap says that a level is through with the round. */
const atGates = computed(() => !isTally.value && !isTotal.value)
const finishedAt = (level: Level) => {
  const done = props.taps.taps.value.filter(
    (tap) => tap.block === props.block.id && tap.level === level && !tap.station && !tap.person_id,
  )
  return done.length >= round.value ? done.at(round.value - 1)?.at_s : undefined
}
/** To the second, from the block's start. */
function finished(level: Level): string {
  const at = finishedAt(level)
  return at == null ? t('floor.round_done') : t('floor.done_at', { at: clockText(at - props.preview.start_s) })
}

/** A tap for a level: a round done, or the next set of its first open total. */
function tap(level: Level) {
  if (isTally.value || (atGates.value && finishedAt(level) == null))
    return props.taps.add({ block: props.block.id, level: level, amount: 1 })
  if (!isTotal.value) return
  const open = ownOf(level).find((station) => next(station.id, level) > 0)
  if (open) props.taps.add({ block: props.block.id, level: level, station: open.id, amount: next(open.id, level) })
}

const takeBack = (level: Level) =>
  props.taps.undo((tap) => tap.block === props.block.id && tap.level === level && !tap.person_id)
defineExpose({ tap })

function about(level: Level): string {
  const forecast = props.preview.forecast?.[level]
  if (!forecast) return ''
  if (forecast.rounds !== undefined) return t('floor.about_rounds_rounds', { rounds: plural(forecast.rounds, 'round') })
  return forecast.finish_s == null ? '' : t('floor.about_finish_s', { finish_s: clockText(forecast.finish_s) })
}
</script>

<template>
  <div
    class="levels"
    :style="{ '--digits': digits, '--numbers': size.numbers, '--names': size.names, '--besides': size.besides }"
  >
    <section v-for="level in LEVELS" :key="level" class="level" :class="level" :aria-label="readable(level)">
      <p class="mark">
        <LevelMark :level="level" /><span class="about">{{ about(level) }}</span>
      </p>
      <FloorTally
        v-if="isTally && !plain"
        :level="level"
        :rounds="rounds(level)"
        @tap="tap(level)"
        @back="takeBack(level)"
      />
      <p v-else-if="isTally" class="counted">
        <b>{{ rounds(level) }}</b> {{ $t('common.rounds') }}
      </p>
      <p v-if="isDone(level)" class="counted">{{ $t('floor.meanwhile') }}</p>
      <p v-else-if="through(level)" class="more" data-testid="through">
        {{ $t('floor.n_through', { n: through(level) }) }}
      </p>
      <ul ref="lists">
        <FloorPacedRow
          v-for="station in ahead(level).slice(0, fitting)"
          :key="station.id"
          v-bind="shown(station.id, level)"
          :target="isTotal ? undefined : target(station.id, level)"
          :total="total(station.id, level)"
          :done="done(station.id, level)"
          :drawn="roomForFigures && size.figures"
          :still="still"
          :explained="roomForStandards"
          :besides="besidesOf(station, versions.called)"
        />
      </ul>
      <p v-if="ahead(level).length > fitting" class="more" data-testid="more">
        {{ $t('floor.and_n_more', { n: ahead(level).length - fitting }) }}
      </p>
      <FloorTally
        v-if="(isTotal || atGates) && !plain && !isDone(level)"
        :level="level"
        :when="atGates ? finished(level) : undefined"
        @tap="tap(level)"
        @back="takeBack(level)"
      />
      <p v-else-if="atGates && finishedAt(level)" class="counted">{{ finished(level) }}</p>
    </section>
  </div>
</template>

<style scoped>
/* The lists have what the clock leaves; the controls stay, and what does not fit is counted. */
.levels {
  flex: 1 1 0;
  display: grid;
  grid-template: minmax(0, 1fr) / repeat(3, minmax(0, 1fr));
  gap: 2vw;
  min-height: 0;
}
.level {
  display: flex;
  flex-direction: column;
  border-top: 1vh solid var(--hue);
  padding-top: 1vh;
  min-width: 0;
  min-height: 0;
}
.more {
  color: var(--ink-soft);
  font-size: max(0.9rem, min(2.5vh, 2vw));
}
.mark {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  font-size: max(1rem, min(2.9vh, 2.2vw));
}
.about {
  color: var(--ink-soft);
  font-size: max(0.9rem, min(2.3vh, 2vw));
}
ul {
  flex: 1 1 0;
  min-height: 0;
  overflow: hidden;
  list-style: none;
  padding: 0;
  margin: 0.6vh 0;
}
.counted {
  font-size: max(1.1rem, 3.4vh);
}
.counted b {
  font-size: 1.6em;
}
@media (max-width: 44rem) {
  .level {
    min-height: auto;
  }
  .levels {
    flex: none;
    grid-template-rows: none;
    grid-template-columns: 1fr;
  }
  ul {
    flex: none;
    overflow: visible;
  }
}
</style>
