<script setup lang="ts">
import { shownWeight, storedWeight, weightUnit } from '@/lib/units'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import Button from 'primevue/button'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, useId } from 'vue'
import LevelMark from '@/ui/LevelMark.vue'
import { LEVELS, type Level, type Station } from '@/lib/api/types'
import MovementFinder from './MovementFinder.vue'
import NumberField from '@/ui/NumberField.vue'
import SchoolChoice from './SchoolChoice.vue'
import StationAlternatives from './StationAlternatives.vue'
import StationFigures from './StationFigures.vue'
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
  { value: 'both', label: t('board.both_at_once') },
  { value: 'split', label: t('board.half_the_window_a_side') },
  { value: 'each', label: t('board.a_whole_window_a_side') },
]
const OWN = [
  { key: 'work_s', label: t('board.own_work') },
  { key: 'rest_s', label: t('board.own_rest') },
] as const
const OF_LEVEL = [
  { key: 'work_s', label: t('board.own_stop'), unit: t('common.s'), hint: t('board.hint_none'), width: '3.6rem' },
  { key: 'rest_s', label: t('common.rest'), unit: t('common.s'), hint: t('board.hint_block'), width: '3.6rem' },
  { key: 'tempo', label: t('board.tempo'), unit: undefined, hint: t('board.hint_default'), width: '5.2rem' },
  { key: 'load_kg', label: t('board.load'), unit: weightUnit(), hint: t('board.hint_none'), width: '3.6rem' },
] as const
const block = computed(() => board.document.value.blocks[props.blockIndex])
const format = computed(() => board.format(block.value))
const timed = computed(() => format.value?.work_windows)
const inRounds = computed(() => format.value?.station_keys.includes('in_rounds'))
const COUNTING = [
  { value: 'each', label: t('board.every_move_counts') },
  { value: 'per_side', label: t('board.so_many_for_each_side') },
  { value: 'pair', label: t('board.left_and_right_count_once') },
  { value: 'one_side', label: t('board.one_side_is_counted_aloud') },
]

function change(key: string, work: (station: Station) => void) {
  board.edit(
    t('board.station'),
    (draft) => work(draft.blocks[props.blockIndex]!.stations![props.stationIndex]!),
    `${pointer.value}/${key}`,
  )
}

/** As it stands in its field. */
function ofLevel(level: Level, key: (typeof OF_LEVEL)[number]['key']): Typed {
  const held = props.station.levels[level][key]
  return key === 'load_kg' && typeof held === 'number' ? shownWeight(held) : held
}

function setLevel(level: Level, key: string, value: Typed) {
  change(`levels/${level}/${key}`, (station) =>
    setKey(station.levels[level], key, key === 'load_kg' ? storedWeight(value) : value),
  )
}

/** 3-0-1-0 in words. */
function tempoWords(tempo: unknown): string {
  const digits = typeof tempo === 'string' ? tempo.match(/^(\d)-(\d)-(\d)-(\d)$/) : null
  if (!digits) return ''
  const [down, low, up, top] = digits.slice(1).map(Number) as [number, number, number, number]
  const pauses = [low ? t('board.pause_low_s_low', { low }) : '', top ? t('board.pause_top_s_at_the_top', { top }) : '']
  return (
    [t('board.down_s_down', { down }), pauses[0], t('board.up_s_up', { up }), pauses[1]].filter(Boolean).join(', ') +
    t('board.n_s_a_move', { n: down + low + up + top })
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
  board.edit(t('board.copy_down'), (draft) => {
    const stations = draft.blocks[props.blockIndex]!.stations!
    const own = stations[props.stationIndex]!
    const below = stations[props.stationIndex + 1]
    if (below) copyCell(own.levels[level], below.levels[level], own.movement === below.movement)
  })
}
const isLast = computed(() => props.stationIndex === (block.value?.stations?.length ?? 0) - 1)
const variationOfLevel = (level: Level) =>
  board
    .movement(props.station.movement)
    ?.ladder.find((variation) => variation.id === props.station.levels[level].variation)

function setRounds(text: string | undefined) {
  const typed = (text ?? '').trim()
  const rounds =
    typed === '' ? undefined : typed.split(/[\s,]+/).map((part) => (/^\d+$/.test(part) ? Number(part) : part))
  change('in_rounds', (station) => setKey(station, 'in_rounds', rounds))
}
</script>

<template>
  <div class="details" role="group" :aria-label="$t('board.details_of_station')">
    <StationFigures :station="station" />
    <div class="line">
      <SchoolChoice
        :model-value="station.scaling"
        :label="$t('board.levels_of_this_station_by')"
        :inherit="$t('board.levels_as_the_block')"
        @update:model-value="change('scaling', (draft) => setKey(draft, 'scaling', $event))"
      />
      <span v-if="timed" class="labelled"
        ><label :for="`${id}-sides`">{{ $t('board.sides') }}</label>
        <Select
          :label-id="`${id}-sides`"
          :aria-label="$t('board.sides')"
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
        ><span>{{ $t('board.counting') }}</span>
        <Select
          :aria-label="$t('board.counting')"
          :model-value="station.counting ?? null"
          :options="COUNTING"
          option-label="label"
          option-value="value"
          :placeholder="$t('board.as_the_version_says')"
          show-clear
          size="small"
          @update:model-value="change('counting', (draft) => setKey(draft, 'counting', $event))"
      /></span>
      <NumberField
        v-for="field in OWN"
        :key="field.key"
        :label="field.label"
        :unit="$t('common.s')"
        :hint="$t('board.block')"
        :model-value="station[field.key]"
        :error="board.errorAt(`${pointer}/${field.key}`)"
        @update:model-value="change(field.key, (draft) => setKey(draft, field.key, $event))"
      />
      <span v-if="inRounds" class="labelled"
        ><label :for="`${id}-rounds`">{{ $t('board.in_rounds') }}</label>
        <InputText
          :id="`${id}-rounds`"
          class="rounds"
          size="small"
          :placeholder="$t('board.all')"
          :model-value="station.in_rounds?.join(', ') ?? ''"
          :invalid="Boolean(board.errorBelow(`${pointer}/in_rounds`))"
          @update:model-value="setRounds"
      /></span>
      <span class="labelled"
        ><ToggleSwitch
          :input-id="`${id}-optional`"
          :model-value="Boolean(station.optional)"
          @update:model-value="change('optional', (draft) => setKey(draft, 'optional', $event || undefined))"
        /><label :for="`${id}-optional`">{{ $t('board.a_bonus_for_who_likes') }}</label></span
      >
      <MovementFinder
        v-if="!station.parts"
        :movements="board.offered.value"
        :label="$t('board.another_movement_instead')"
        :input-id="`${id}-replace`"
        @pick="(movement) => change('movement', (draft) => replaceMovement(draft, movement))"
      />
    </div>
    <StationAlternatives :station="station" :block-index="blockIndex" :station-index="stationIndex" />
    <div v-if="!station.ladder && format?.targets" class="line">
      <Button
        :label="$t('board.finish_together_at_this_station')"
        size="small"
        variant="outlined"
        @click="board.targetsOf.value = { block: block!.id, station: station.id, name: $t('board.this_station') }"
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
        :model-value="ofLevel(level, field.key)"
        :error="board.errorAt(`${pointer}/levels/${level}/${field.key}`)"
        @update:model-value="setLevel(level, field.key, $event)"
      />
      <span class="labelled grow"
        ><label :for="`${id}-${level}`">{{ $t('common.note') }}</label>
        <InputText
          :id="`${id}-${level}`"
          size="small"
          maxlength="1000"
          :model-value="station.levels[level].note ?? ''"
          @update:model-value="setLevel(level, 'note', $event)"
      /></span>
      <span v-if="format?.level_keys.includes('splits')" class="labelled"
        ><label :for="`${id}-${level}-splits`">{{ $t('board.sets') }}</label>
        <InputText
          :id="`${id}-${level}-splits`"
          class="rounds"
          size="small"
          :placeholder="$t('board.suggested')"
          :model-value="(station.levels[level].splits ?? []).join(', ')"
          :invalid="Boolean(board.errorBelow(`${pointer}/levels/${level}/splits`))"
          @update:model-value="setSplits(level, $event)"
        />
        <span v-if="board.errorBelow(`${pointer}/levels/${level}/splits`)" class="warn-text" role="alert">{{
          $t('board.sets_error_below', { error_below: board.errorBelow(`${pointer}/levels/${level}/splits`) })
        }}</span></span
      >
      <span v-if="tempoWords(station.levels[level].tempo)" class="small quiet">{{
        tempoWords(station.levels[level].tempo)
      }}</span>
      <span class="copies">
        <Button
          v-if="level !== 'advanced'"
          :label="$t('board.copy_right')"
          size="small"
          variant="text"
          :aria-label="$t('board.copy_right_level', { level: readable(level) })"
          @click="copyRight(level)"
        />
        <Button
          v-if="!isLast"
          :label="$t('board.copy_down')"
          size="small"
          variant="text"
          :aria-label="$t('board.copy_down_level', { level: readable(level) })"
          @click="copyBelow(level)"
        />
      </span>
      <p v-if="variationOfLevel(level)" class="small standard">
        <b>{{ $t('board.a_rep_counts_if') }}</b> {{ variationOfLevel(level)!.standard }}
      </p>
    </div>
    <p class="small quiet">{{ $t('board.tempo_is_lower_pause_lift_pause') }}</p>
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
