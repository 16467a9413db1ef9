<script setup lang="ts">
import { weightText } from '@/lib/units'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import { LEVELS, type Level, type Station } from '@/lib/api/types'
import { chooseVariation, copyCell, stepVariation, unhalve, variationOf } from './document'
import { targetHint, targetText, writeTarget } from './target'
import { useBoard } from './useBoard'

// One level at one station: the variation and the target, typed in place.
const props = defineProps<{
  station: Station
  level: Level
  blockIndex: number
  stationIndex: number
  blockId: string
}>()
const board = useBoard()

const movement = computed(() => board.movement(props.station.movement))
const prescription = computed(() => props.station.levels[props.level])
const variation = computed(() => variationOf(movement.value, prescription.value))
const pointer = computed(
  () => `/blocks/${props.blockIndex}/stations/${props.stationIndex}/levels/${readable(props.level)}`,
)
const error = computed(() => board.errorBelow(pointer.value))
const figures = computed(
  () =>
    board.blockPreview(props.blockId)?.stations.find((station) => station.id === props.station.id)?.levels[props.level],
)
const tooMany = computed(() => figures.value?.fits != null && figures.value.reps_counted > figures.value.fits)
const block = computed(() => board.document.value.blocks[props.blockIndex])
const isDay = computed(() => board.format(block.value)?.tally === 'day')
const onLadder = computed(() => Boolean(props.station.ladder))
/** What the number comes to: both numbers where they differ, what the set takes, how many the window has time for. */
const beside = computed(() => {
  const cell = figures.value
  if (!cell) return ''
  if (cell.per_round) return `${cell.target}${cell.moves === cell.reps_counted ? ` = ${cell.reps_counted}` : ''}`
  if (cell.reps_counted === 0 || isDay.value) return cell.target
  const numbers =
    cell.moves === cell.reps_counted
      ? t('board.reps')
      : t('board.reps_counted_counted_moves_moves', { reps_counted: cell.reps_counted, moves: cell.moves })
  const parts = [numbers]
  if (cell.fits === null && cell.set_s) parts.push(t('board.about_set_s_s', { set_s: cell.set_s }))
  if (cell.left_s !== undefined && cell.left_s > 0) parts.push(t('board.left_s_s_left', { left_s: cell.left_s }))
  else if (cell.fits !== null) parts.push(t('board.fits_fit', { fits: cell.fits }))
  return parts.join(', ')
})
/** What is told even where nobody edits: a number for each round, a day's total, the parts of a compound. */
const always = computed(() => Boolean(figures.value?.per_round) || isDay.value || !movement.value)
/** The moves that a number comes to where they are more. */
const both = computed(() => {
  const cell = figures.value
  return cell && !always.value && cell.moves !== cell.reps_counted ? t('board.comes_to', { moves: cell.moves }) : ''
})
const beyond = computed(() => [
  ...(figures.value?.tempo ? [t('board.tempo_tempo', { tempo: figures.value.tempo })] : []),
  ...(figures.value?.load_kg ? [weightText(figures.value.load_kg)] : []),
  ...(props.station.levels[props.level].note ? [props.station.levels[props.level].note!] : []),
])
/** A number that the school filled in stands where one would be typed. */
const hint = computed(() => {
  const cell = figures.value
  if (onLadder.value) return t('board.hint_ladder')
  const filled = cell?.filled?.find((key) => ['reps', 'hold_s', 'work_s'].includes(key))
  return filled && cell?.filled_as ? cell.filled_as : targetHint(variation.value)
})
const low = computed(() => figures.value?.reserve && figures.value.reserve.left < 0)
const reserveText = computed(() => {
  const reserve = figures.value?.reserve
  if (!reserve) return ''
  return t('board.estimate_for_a_level_left_n', {
    level: readable(props.level),
    left: reserve.left,
    n: reserve.unit === 's' ? t('board.seconds') : t('board.reps'),
    round: reserve.round,
  })
})
const name = computed(() => `${movement.value?.name ?? t('board.station')}, ${readable(props.level)}`)

function change(label: string, work: (station: Station) => void, key = '') {
  board.edit(
    label,
    (draft) => {
      const station = draft.blocks[props.blockIndex]?.stations?.[props.stationIndex]
      if (station) work(station)
    },
    key,
  )
}

function type(text: string | undefined) {
  change(
    t('board.target'),
    (station) => writeTarget(station.levels[props.level], text ?? '', variation.value, isDay.value),
    `${pointer.value}/target`,
  )
}

function choose(id: string) {
  change(t('board.version'), (station) => {
    if (!movement.value) return
    chooseVariation(movement.value, station.levels[props.level], id)
    unhalve(movement.value, station)
  })
}

function step(by: 1 | -1) {
  change(t('board.version'), (station) => {
    if (!movement.value) return
    stepVariation(movement.value, station, props.level, by)
    unhalve(movement.value, station)
  })
}

/** The number that the window has time for, as numbers are called. */
function takeOffer() {
  const offer = figures.value?.offer
  if (offer)
    change(t('board.the_number_that_fits'), (station) =>
      writeTarget(station.levels[props.level], String(offer), variation.value),
    )
}

function copyAcross() {
  change(t('board.copy_across'), (station) => {
    for (const level of LEVELS.slice(LEVELS.indexOf(props.level) + 1))
      copyCell(station.levels[props.level], station.levels[level], true)
  })
}

function copyDown() {
  board.edit(t('board.copy_down'), (draft) => {
    const stations = draft.blocks[props.blockIndex]?.stations ?? []
    const own = stations[props.stationIndex]
    const below = stations[props.stationIndex + 1]
    if (own && below) copyCell(own.levels[props.level], below.levels[props.level], own.movement === below.movement)
  })
}

/** With Alt: an arrow for the next variation, F the number that fits, R a copy to the levels right, B one below. */
function key(event: KeyboardEvent) {
  if (!event.altKey || event.shiftKey || event.ctrlKey) return
  const work = {
    ArrowUp: () => step(1),
    ArrowDown: () => step(-1),
    KeyF: takeOffer,
    KeyR: copyAcross,
    KeyB: copyDown,
  }[event.code]
  if (!work) return
  event.preventDefault()
  event.stopPropagation()
  work()
}
</script>

<template>
  <div class="cell" :class="[level, { wrong: error }]" role="group" :aria-label="name" @keydown.capture="key">
    <Select
      v-if="movement"
      :title="variation ? $t('board.a_rep_counts_if_standard', { standard: variation.standard }) : undefined"
      :model-value="prescription.variation"
      :options="movement.ladder"
      option-label="name"
      option-value="id"
      :aria-label="$t('board.name_version', { name })"
      size="small"
      class="variation"
      @update:model-value="choose"
    />
    <div class="target">
      <InputText
        :model-value="targetText(prescription, variation)"
        :placeholder="hint"
        :disabled="onLadder"
        :aria-label="$t('board.name_target', { name })"
        :invalid="Boolean(error)"
        class="number"
        :class="{ amiss: tooMany || low }"
        size="small"
        autocomplete="off"
        @update:model-value="type"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <span class="figures small" :class="{ 'warn-text': tooMany || low, always }" :title="reserveText">
        {{ beside }}</span
      >
      <span v-if="both" class="both small quiet" :title="beside">{{ both }}</span>
      <button
        v-if="figures?.offer && prescription.reps !== undefined && !error"
        type="button"
        class="link small"
        :aria-label="$t('board.name_take_the_offer_that_fit', { name, offer: figures.offer })"
        :aria-keyshortcuts="$t('board.alt_f_2')"
        @click="takeOffer"
      >
        {{ figures.offer }}?
      </button>
    </div>
    <p v-if="beyond.length" class="small quiet beyond">{{ beyond.join(' · ') }}</p>
    <p v-if="error" class="error small" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.cell {
  display: grid;
  gap: var(--space-1);
  border-left: 3px solid transparent;
  padding-left: var(--space-2);
  min-width: 0;
}
.cell.beginner {
  border-color: var(--beginner);
}
.cell.intermediate {
  border-color: var(--intermediate);
}
.cell.advanced {
  border-color: var(--advanced);
}
.variation {
  width: 100%;
  min-width: 0;
}
.target {
  display: flex;
  align-items: center;
  gap: var(--space-2);
  min-width: 0;
}
.number {
  width: 4.6rem;
  text-align: right;
  font-weight: 600;
}
.figures {
  color: var(--ink-soft);
  line-height: 1.15;
}
.figures.warn-text {
  color: var(--warn);
  font-weight: 600;
}
.beyond {
  line-height: 1.2;
}
.error {
  color: var(--warn);
}
.both {
  display: none;
}
.number.amiss {
  border-color: var(--warn);
  color: var(--warn);
}
/* Version and number in one line; what they come to is told where somebody edits. */
@media (min-width: 60rem) {
  .cell {
    grid-template-columns: minmax(0, 1fr) 3.4rem auto;
    gap: 0 2px;
    align-items: center;
    padding-left: var(--space-1);
    --p-select-sm-padding-y: 0.1rem;
    --p-select-sm-padding-x: 0.3rem;
    --p-select-sm-font-size: 0.82rem;
    --p-select-dropdown-width: 1.1rem;
    --p-inputtext-sm-padding-y: 0.1rem;
    --p-inputtext-sm-padding-x: 0.3rem;
    --p-inputtext-sm-font-size: 0.85rem;
  }
  .target {
    display: contents;
  }
  .number {
    width: 100%;
  }
  .cell:not(:has(.variation)) .number {
    grid-column: 2;
  }
  .both {
    display: inline;
  }
  .figures.always {
    grid-column: 1 / -1;
  }
  .cell:not(:has(.variation)) .figures {
    grid-column: 1;
    grid-row: 1;
  }
  .figures:not(.always),
  .target .link,
  .beyond {
    display: none;
  }
  :global(.station.opened .cell .both) {
    display: none;
  }
  :global(.station.opened .cell .figures:not(.always)),
  :global(.station.opened .cell .beyond) {
    display: block;
    grid-column: 1 / -1;
  }
  :global(.station.opened .cell .figures:has(+ .link)) {
    grid-column: 1;
  }
  :global(.station.opened .cell .target .link) {
    display: inline-block;
    justify-self: center;
    min-height: 1.5rem;
  }
  .error {
    grid-column: 1 / -1;
  }
}
</style>
