<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, useId } from 'vue'
import LevelMark from '@/components/LevelMark.vue'
import { LEVELS, type Level, type Station } from '@/api/types'
import MovementFinder from './MovementFinder.vue'
import NumberField from './NumberField.vue'
import { replaceMovement, setKey, type Typed } from './document'
import { useBoard } from './useBoard'

// What a station has of its own: sides, counting, times, rounds; and each
// level's own stop, rest and tempo.
const props = defineProps<{ station: Station; blockIndex: number; stationIndex: number }>()
const board = useBoard()
const id = useId()

const pointer = computed(() => `/blocks/${props.blockIndex}/stations/${props.stationIndex}`)
const SIDES = [
  { value: 'both', label: 'Both at once' },
  { value: 'split', label: 'Half the window a side' },
  { value: 'each', label: 'A whole window a side' },
]
const OWN = [
  { key: 'work_s', label: 'Own work' },
  { key: 'rest_s', label: 'Own rest' },
] as const
const OF_LEVEL = [
  { key: 'work_s', label: 'Own stop', unit: 's', hint: 'none', width: '3.6rem' },
  { key: 'rest_s', label: 'Rest', unit: 's', hint: 'block', width: '3.6rem' },
  { key: 'tempo', label: 'Tempo', unit: undefined, hint: "rung's", width: '5.2rem' },
] as const
const COUNTING = [
  { value: 'each', label: 'Every move counts' },
  { value: 'per_side', label: 'So many for each side' },
  { value: 'pair', label: 'Left and right count once' },
  { value: 'one_side', label: 'One side is counted aloud' },
]

function change(key: string, work: (station: Station) => void) {
  board.edit(
    'Station',
    (draft) => work(draft.blocks[props.blockIndex]!.stations![props.stationIndex]!),
    `${pointer.value}/${key}`,
  )
}

function setLevel(level: Level, key: string, value: Typed) {
  change(`levels/${level}/${key}`, (station) => setKey(station.levels[level], key, value))
}

function setRounds(text: string | undefined) {
  const typed = (text ?? '').trim()
  const rounds =
    typed === '' ? undefined : typed.split(/[\s,]+/).map((part) => (/^\d+$/.test(part) ? Number(part) : part))
  change('in_rounds', (station) => setKey(station, 'in_rounds', rounds))
}
</script>

<template>
  <div class="details">
    <div class="line">
      <span class="labelled"
        ><label :for="`${id}-sides`">Sides</label>
        <Select
          :label-id="`${id}-sides`"
          aria-label="Sides"
          :model-value="station.sides ?? 'both'"
          :options="SIDES"
          option-label="label"
          option-value="value"
          size="small"
          @update:model-value="
            change('sides', (draft) => setKey(draft, 'sides', $event === 'both' ? undefined : $event))
          "
      /></span>
      <span class="labelled"
        ><span>Counting</span>
        <Select
          aria-label="Counting"
          :model-value="station.counting ?? null"
          :options="COUNTING"
          option-label="label"
          option-value="value"
          placeholder="As the rung says"
          show-clear
          size="small"
          @update:model-value="change('counting', (draft) => setKey(draft, 'counting', $event))"
      /></span>
      <NumberField
        v-for="field in OWN"
        :key="field.key"
        :label="field.label"
        unit="s"
        hint="block"
        :model-value="station[field.key]"
        :error="board.errorAt(`${pointer}/${field.key}`)"
        @update:model-value="change(field.key, (draft) => setKey(draft, field.key, $event))"
      />
      <span class="labelled"
        ><label :for="`${id}-rounds`">In rounds</label>
        <InputText
          :id="`${id}-rounds`"
          class="rounds"
          size="small"
          placeholder="all"
          :model-value="station.in_rounds?.join(', ') ?? ''"
          :invalid="Boolean(board.errorBelow(`${pointer}/in_rounds`))"
          @update:model-value="setRounds"
      /></span>
      <MovementFinder
        :movements="board.movements"
        label="Another movement instead"
        :input-id="`${id}-replace`"
        @pick="(movement) => change('movement', (draft) => replaceMovement(draft, movement))"
      />
    </div>
    <div v-for="level in LEVELS" :key="level" class="line">
      <LevelMark class="level" :level="level" />
      <NumberField
        v-for="field in OF_LEVEL"
        :key="field.key"
        :label="field.label"
        :unit="field.unit"
        :hint="field.hint"
        :width="field.width"
        :model-value="station.levels[level][field.key]"
        :error="board.errorAt(`${pointer}/levels/${level}/${field.key}`)"
        @update:model-value="setLevel(level, field.key, $event)"
      />
      <span class="labelled grow"
        ><label :for="`${id}-${level}`">Note</label>
        <InputText
          :id="`${id}-${level}`"
          size="small"
          maxlength="1000"
          :model-value="station.levels[level].note ?? ''"
          @update:model-value="setLevel(level, 'note', $event)"
      /></span>
    </div>
    <p class="small quiet">
      Tempo is lower, pause, lift, pause in seconds: 3-0-1-0 takes 4 s a move. A level's own stop makes the others'
      window longer than its own: it waits.
    </p>
  </div>
</template>

<style scoped>
.details {
  display: grid;
  gap: var(--space-2);
  background: var(--paper-sunk);
  padding: var(--space-3);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
}
.labelled {
  display: inline-flex;
  align-items: center;
  gap: var(--space-1);
  font-size: var(--size--1);
  color: var(--ink-soft);
}
.level {
  min-width: 8.5rem;
}
.rounds {
  width: 5rem;
}
.grow {
  flex: 1 1 12rem;
}
.grow :deep(input) {
  width: 100%;
}
</style>
