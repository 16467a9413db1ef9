<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { Level, Station } from '@/api/types'
import { chooseRung, rungOf, stepRung } from './document'
import { targetHint, targetText, writeTarget } from './target'
import { useBoard } from './useBoard'

// One level at one station: the rung and the target, typed in place.
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
const rung = computed(() => rungOf(movement.value, prescription.value))
const pointer = computed(() => `/blocks/${props.blockIndex}/stations/${props.stationIndex}/levels/${props.level}`)
const error = computed(() => board.errorBelow(pointer.value))
const figures = computed(
  () =>
    board.blockPreview(props.blockId)?.stations.find((station) => station.id === props.station.id)?.levels[props.level],
)
const tooMany = computed(() => figures.value?.fits != null && figures.value.reps_counted > figures.value.fits)
/** What the number comes to: its moves where they are more, else how many the window has time for. */
const beside = computed(() => {
  const cell = figures.value
  if (!cell) return ''
  if (cell.fits === null || cell.reps_counted === 0) return cell.target
  const plain = cell.moves === cell.reps_counted ? 'reps' : `${cell.reps_counted} counted, ${cell.moves} moves`
  return `${plain}, ${cell.fits} fit`
})
const name = computed(() => `${movement.value?.name ?? 'Station'}, ${props.level}`)

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
    'Target',
    (station) => writeTarget(station.levels[props.level], text ?? '', rung.value),
    `${pointer.value}/target`,
  )
}

function choose(id: string) {
  change('Rung', (station) => movement.value && chooseRung(movement.value, station.levels[props.level], id))
}

function step(by: 1 | -1) {
  change('Rung', (station) => movement.value && stepRung(movement.value, station, props.level, by))
}

/** Alt and an arrow: the next rung, from anywhere in the cell. */
function key(event: KeyboardEvent) {
  if (!event.altKey || event.shiftKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
  event.preventDefault()
  event.stopPropagation()
  step(event.key === 'ArrowUp' ? 1 : -1)
}
</script>

<template>
  <div class="cell" :class="[level, { wrong: error }]" @keydown.capture="key">
    <Select
      v-if="movement"
      :model-value="prescription.variation"
      :options="movement.ladder"
      option-label="name"
      option-value="id"
      :aria-label="`${name}: version`"
      size="small"
      class="rung"
      @update:model-value="choose"
    />
    <div class="target">
      <InputText
        :model-value="targetText(prescription, rung)"
        :placeholder="targetHint(rung)"
        :aria-label="`${name}: target`"
        :invalid="Boolean(error)"
        class="number"
        size="small"
        autocomplete="off"
        @update:model-value="type"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <span class="figures small" :class="{ 'warn-text': tooMany }"> {{ beside }}</span>
    </div>
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
.rung {
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
.error {
  color: var(--warn);
}
</style>
