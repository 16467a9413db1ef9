<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import { computed, nextTick, useTemplateRef } from 'vue'
import { LEVELS, type Level, type Movement, type Station } from '@/lib/api/types'
import VersionChoice, { type Other } from './VersionChoice.vue'
import { chooseVariation, copyCell } from './document'
import { movementOf, replaceForAll, sitOut, stepVersion, takeMovement, takeParts, takeStation, unhalve } from './level'
import { targetText, writeTarget } from './target'
import { useCell } from './useCell'

// One level at one station, or all of them where they are given the same: the version and the target, typed in place.
const props = defineProps<{
  station: Station
  levels: Level[]
  blockIndex: number
  stationIndex: number
  blockId: string
  isNear: boolean
}>()
const emit = defineEmits<{ together: [isTogether: boolean] }>()
const cell = useCell(props)
const { board, level, prescription, variation, error, figures, isDay, beside, always, both, beyond, hint } = cell
const choice = useTemplateRef<{ look: () => Promise<void> }>('choice')
const isAll = computed(() => props.levels.length > 1)
const movement = computed(() => movementOf(board.movement, props.station, level.value))
const name = computed(() => {
  const called = board.movement(props.station.movement)?.name ?? movement.value?.name ?? t('board.station')
  return `${called}, ${isAll.value ? t('board.all_levels') : readable(level.value)}`
})

function type(text: string | undefined) {
  cell.change(
    t('board.target'),
    (station, level) => writeTarget(station.levels[level], text ?? '', variation.value, isDay.value),
    'target',
  )
}

function choose(id: string) {
  cell.change(t('board.version'), (station, level) => {
    const ladder = movementOf(board.movement, station, level)
    if (ladder) chooseVariation(ladder, station.levels[level], id)
    unhalve(board.movement, station)
  })
}

function takeOther(movement: Movement) {
  cell.change(t('board.another_movement_for_level'), (station, level) => {
    if (isAll.value) replaceForAll(station, movement)
    else takeMovement(station, level, movement)
  })
}

function act(what: Other) {
  cell.change(t('board.what_a_level_does'), (station, level) => {
    if (what === 'own_parts') takeParts(station, level, board.offered.value)
    else if (what === 'as_station') takeStation(board.movement, station, level)
    else sitOut(station, level, what === 'sit_out')
  })
}

function step(by: 1 | -1) {
  cell.change(t('board.version'), (station, level) => {
    stepVersion(board.movement, station, level, by)
    unhalve(board.movement, station)
  })
}

/** The number that the window has time for, as numbers are called. */
function takeOffer() {
  const offer = figures.value?.offer
  if (offer)
    cell.change(t('board.the_number_that_fits'), (station, level) =>
      writeTarget(station.levels[level], String(offer), variation.value),
    )
}

/** One for all: the others are given what this level is. Typed once from then on, until the levels are taken apart. */
async function together(event: Event) {
  const row = (event.currentTarget as HTMLElement).closest('.station')
  if (!isAll.value)
    cell.change(t('board.one_for_all'), (station) => {
      for (const other of LEVELS)
        if (other !== level.value) copyCell(station.levels[level.value], station.levels[other], true)
    })
  emit('together', !isAll.value)
  await nextTick()
  row?.querySelector<HTMLElement>('.cell .number')?.focus()
}

function copyAcross() {
  cell.change(t('board.copy_across'), (station) => {
    for (const other of LEVELS.slice(LEVELS.indexOf(level.value) + 1))
      copyCell(station.levels[level.value], station.levels[other], true)
  })
}

function copyDown(copied: readonly Level[]) {
  board.edit(t('board.copy_down'), (draft) => {
    const stations = draft.blocks[props.blockIndex]?.stations ?? []
    const own = stations[props.stationIndex]
    const below = stations[props.stationIndex + 1]
    if (own && below)
      for (const held of copied) copyCell(own.levels[held], below.levels[held], own.movement === below.movement)
  })
}

/**
 * With Alt: an arrow for the next variation, F the number that fits, R a copy to the levels right, B one below, M another
 * movement, O to sit out, E one for everybody. With Shift, B copies all levels.
 */
function key(event: KeyboardEvent) {
  if (!event.altKey || event.ctrlKey || (event.shiftKey && event.code !== 'KeyB')) return
  const work = {
    ArrowUp: () => step(1),
    ArrowDown: () => step(-1),
    KeyF: takeOffer,
    KeyR: copyAcross,
    KeyB: () => copyDown(event.shiftKey ? LEVELS : props.levels),
    KeyM: () => choice.value?.look(),
    KeyO: () => isAll.value || act(prescription.value.sits_out ? 'take_part' : 'sit_out'),
    KeyE: () => together(event),
  }[event.code]
  if (!work) return
  event.preventDefault()
  event.stopPropagation()
  void work()
}
</script>

<template>
  <div
    class="cell"
    :class="[isAll ? 'all' : level, { wrong: error }]"
    role="group"
    :aria-label="name"
    @keydown.capture="key"
  >
    <VersionChoice
      ref="choice"
      :station="station"
      :level="level"
      :name="name"
      :is-near="isNear"
      @version="choose"
      @movement="takeOther"
      @other="act"
    />
    <div class="target">
      <InputText
        :model-value="prescription.sits_out ? '' : targetText(prescription, variation)"
        :placeholder="hint"
        :disabled="Boolean(station.ladder || prescription.sits_out)"
        :aria-label="$t('board.name_target', { name })"
        :invalid="Boolean(error)"
        class="number"
        :class="{ amiss: cell.isAmiss.value }"
        size="small"
        autocomplete="off"
        @update:model-value="type"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <span class="figures small" :class="{ 'warn-text': cell.isAmiss.value, always }" :title="cell.reserveText.value">
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
    <button
      v-if="isAll"
      type="button"
      class="link small apart"
      :aria-label="$t('board.name_levels_apart', { name })"
      :aria-keyshortcuts="$t('board.alt_e')"
      @click="together"
    >
      {{ $t('board.levels_apart') }}
    </button>
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
.cell.all {
  border-left: 3px double var(--ink-soft);
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
@media (min-width: 60rem) {
  .cell.all {
    grid-column: span 3;
  }
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
  .both {
    display: inline;
  }
  .figures.always {
    grid-column: 1 / -1;
  }
  .figures:not(.always),
  .target .link,
  .apart,
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
  :global(.station.opened .cell .apart),
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
