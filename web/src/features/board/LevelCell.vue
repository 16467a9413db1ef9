<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import { computed, useTemplateRef } from 'vue'
import { LEVELS, type Level, type Station } from '@/lib/api/types'
import VersionChoice from './VersionChoice.vue'
import { movementOf } from './level'
import { targetText } from './target'
import { useCell } from './useCell'
import { focusFirstNumber, useCellEdits } from './useCellEdits'

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
const { board, level, prescription, variation, error, figures, beside, always, both, beyond, hint } = cell
const choice = useTemplateRef<{ look: () => Promise<void> }>('choice')
const isAll = computed(() => props.levels.length > 1)
const { type, choose, takeOther, act, step, takeOffer, giveAll, right, below } = useCellEdits(props, cell, isAll)
const movement = computed(() => movementOf(board.movement, props.station, level.value))
const name = computed(() => {
  const called = board.movement(props.station.movement)?.name ?? movement.value?.name ?? t('board.station')
  return `${called}, ${isAll.value ? t('board.all_levels') : readable(level.value)}`
})

/** Typed once from then on, until the levels are taken apart. */
async function together(event: Event) {
  const row = (event.currentTarget as HTMLElement).closest('.station')
  if (!isAll.value) giveAll()
  emit('together', !isAll.value)
  await focusFirstNumber(row)
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
    KeyR: right,
    KeyB: () => below(event.shiftKey ? LEVELS : props.levels),
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
