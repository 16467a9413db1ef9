<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, useId } from 'vue'
import LevelMark from '@/ui/LevelMark.vue'
import { LEVELS, type Level, type Station } from '@/lib/api/types'
import MovementFinder from './MovementFinder.vue'
import NumberField from '@/ui/NumberField.vue'
import SchoolChoice from './SchoolChoice.vue'
import { copyCell, replaceMovement } from './document'
import { setKey, type Typed } from '@/lib/typed'
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
  { key: 'tempo', label: 'Tempo', unit: undefined, hint: 'default', width: '5.2rem' },
  { key: 'load_kg', label: 'Load', unit: 'kg', hint: 'none', width: '3.6rem' },
] as const
const block = computed(() => board.document.value.blocks[props.blockIndex])
const format = computed(() => board.format(block.value))
const timed = computed(() => format.value?.work_windows)
const inRounds = computed(() => format.value?.station_keys.includes('in_rounds'))
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

/** 3-0-1-0 in words. */
function tempoWords(tempo: unknown): string {
  const digits = typeof tempo === 'string' ? tempo.match(/^(\d)-(\d)-(\d)-(\d)$/) : null
  if (!digits) return ''
  const [down, low, up, top] = digits.slice(1).map(Number) as [number, number, number, number]
  const pauses = [low ? `pause ${low} s low` : '', top ? `pause ${top} s at the top` : '']
  return (
    [`${down} s down`, pauses[0], `${up} s up`, pauses[1]].filter(Boolean).join(', ') +
    `: ${down + low + up + top} s a move`
  )
}

function setSplits(level: Level, text: string | undefined) {
  const parts = (text ?? '').split(/[\s,]+/).filter(Boolean)
  const splits = parts.map((part) => (/^\d+$/.test(part) ? Number(part) : part))
  change(`levels/${level}/splits`, (station) =>
    setKey(station.levels[level], 'splits', splits.length ? splits : undefined),
  )
}

function copyRight(level: Level) {
  change('', (station) => {
    for (const other of LEVELS.slice(LEVELS.indexOf(level) + 1))
      copyCell(station.levels[level], station.levels[other], true)
  })
}

function copyBelow(level: Level) {
  board.edit('Copy down', (draft) => {
    const stations = draft.blocks[props.blockIndex]!.stations!
    const own = stations[props.stationIndex]!
    const below = stations[props.stationIndex + 1]
    if (below) copyCell(own.levels[level], below.levels[level], own.movement === below.movement)
  })
}
const isLast = computed(() => props.stationIndex === (block.value?.stations?.length ?? 0) - 1)
const rungOfLevel = (level: Level) =>
  board.movement(props.station.movement)?.ladder.find((rung) => rung.id === props.station.levels[level].variation)

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
      <SchoolChoice
        :model-value="station.scaling"
        label="Levels of this station by"
        inherit="Levels as the block"
        @update:model-value="change('scaling', (draft) => setKey(draft, 'scaling', $event))"
      />
      <span v-if="timed" class="labelled"
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
      <span v-if="!station.parts" class="labelled"
        ><span>Counting</span>
        <Select
          aria-label="Counting"
          :model-value="station.counting ?? null"
          :options="COUNTING"
          option-label="label"
          option-value="value"
          placeholder="As the version says"
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
      <span v-if="inRounds" class="labelled"
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
        v-if="!station.parts"
        :movements="board.offered"
        label="Another movement instead"
        :input-id="`${id}-replace`"
        @pick="(movement) => change('movement', (draft) => replaceMovement(draft, movement))"
      />
    </div>
    <div v-if="!station.ladder && format?.targets" class="line">
      <Button
        label="Finish together at this station"
        size="small"
        variant="outlined"
        @click="board.targetsOf.value = { block: block!.id, station: station.id, name: 'this station' }"
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
      <span v-if="format?.level_keys.includes('splits')" class="labelled"
        ><label :for="`${id}-${level}-splits`">Sets</label>
        <InputText
          :id="`${id}-${level}-splits`"
          class="rounds"
          size="small"
          placeholder="suggested"
          :model-value="(station.levels[level].splits ?? []).join(', ')"
          :invalid="Boolean(board.errorBelow(`${pointer}/levels/${level}/splits`))"
          @update:model-value="setSplits(level, $event)"
        />
        <span v-if="board.errorBelow(`${pointer}/levels/${level}/splits`)" class="warn-text" role="alert"
          >Sets {{ board.errorBelow(`${pointer}/levels/${level}/splits`) }}</span
        ></span
      >
      <span v-if="tempoWords(station.levels[level].tempo)" class="small quiet">{{
        tempoWords(station.levels[level].tempo)
      }}</span>
      <span class="copies">
        <Button
          v-if="level !== 'advanced'"
          label="Copy right"
          size="small"
          variant="text"
          :aria-label="`Copy right: ${level}`"
          @click="copyRight(level)"
        />
        <Button
          v-if="!isLast"
          label="Copy down"
          size="small"
          variant="text"
          :aria-label="`Copy down: ${level}`"
          @click="copyBelow(level)"
        />
      </span>
      <p v-if="rungOfLevel(level)" class="small standard"><b>A rep counts if:</b> {{ rungOfLevel(level)!.standard }}</p>
    </div>
    <p class="small quiet">
      Tempo is lower, pause, lift, pause in seconds: 3-0-1-0 takes 4 s a move, and a typed tempo is taken as typed. A
      level's own stop makes the others' window longer than its own: it waits.
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
  width: 5.5rem;
}
.standard {
  flex: 1 1 16rem;
}
.grow {
  flex: 1 1 12rem;
}
.grow :deep(input) {
  width: 100%;
}
</style>
