<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, useId } from 'vue'
import type { Level, Prescription, Station } from '@/lib/api/types'
import LevelMark from '@/ui/LevelMark.vue'
import NumberField from '@/ui/NumberField.vue'
import OwnTimes from './OwnTimes.vue'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { setKey, type Typed } from '@/lib/typed'
import { shownWeight, storedWeight, weightUnit } from '@/lib/units'
import { COUNTING } from './counting'
import { copyDown, copyRight } from './document'
import { partsOf, versionOf } from './level'
import { useBoard } from './useBoard'

// What one level has of its own at a station: its stop, rest, tempo, load, counting, note and sets.
const props = defineProps<{ station: Station; level: Level; blockIndex: number; stationIndex: number }>()
const board = useBoard()
const id = useId()
const pointer = computed(() => `/blocks/${props.blockIndex}/stations/${props.stationIndex}/levels/${props.level}`)
const held = computed<Prescription>(() => props.station.levels[props.level])
const block = computed(() => board.document.value.blocks[props.blockIndex])
const format = computed(() => board.format(block.value))
const OF_LEVEL = [
  { key: 'tempo', label: t('board.tempo'), unit: undefined, hint: t('board.hint_default'), width: '5.2rem' },
  { key: 'load_kg', label: t('board.load'), unit: weightUnit(), hint: t('board.hint_none'), width: '3.6rem' },
] as const

function change(key: string, work: (station: Station) => void) {
  board.edit(
    t('board.station'),
    (draft) => work(draft.blocks[props.blockIndex]!.stations![props.stationIndex]!),
    `${pointer.value}/${key}`,
  )
}

/** As it stands in its field. */
function inField(key: (typeof OF_LEVEL)[number]['key']): Typed {
  const typed = held.value[key]
  return key === 'load_kg' && typeof typed === 'number' ? shownWeight(typed) : typed
}

function set(key: string, value: unknown) {
  change(key, (station) =>
    setKey(station.levels[props.level], key, key === 'load_kg' ? storedWeight(value as Typed) : value),
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

function setSplits(text: string | undefined) {
  const parts = (text ?? '').split(/[\s,]+/).filter(Boolean)
  const splits = parts.map((part) => (/^\d+$/.test(part) ? Number(part) : part))
  set('splits', splits.length ? splits : undefined)
}

function right() {
  change('', (station) => copyRight(station, props.level))
}

function below() {
  board.edit(t('board.copy_down'), (draft) =>
    copyDown(draft.blocks[props.blockIndex], props.stationIndex, [props.level]),
  )
}
const isLast = computed(() => props.stationIndex === (block.value?.stations?.length ?? 0) - 1)
const version = computed(() => versionOf(board.movement, props.station, props.level))
</script>

<template>
  <div class="line">
    <LevelMark class="level" :level="level" /><span v-if="held.sits_out" class="small">{{ $t('board.sits_out') }}</span>
    <OwnTimes
      :held="held"
      :pointer="pointer"
      :keys="format?.level_keys ?? []"
      :labels="{ work: $t('board.own_stop'), rest: $t('common.rest') }"
      :hints="{ work: $t('board.hint_none'), rest: $t('board.hint_block') }"
      @change="(key, work) => change(key, (station) => work(station.levels[level]))"
    />
    <NumberField
      v-for="field in OF_LEVEL"
      :key="field.key"
      :label="field.label"
      :unit="field.unit"
      :hint="field.hint"
      :width="field.width"
      :model-value="inField(field.key)"
      :error="board.errorAt(`${pointer}/${field.key}`)"
      @update:model-value="set(field.key, $event)"
    />
    <span v-if="!partsOf(station, level)" class="labelled"
      ><span>{{ $t('board.counting') }}</span>
      <Select
        :aria-label="$t('board.counting_of_level', { level: readable(level) })"
        :model-value="held.counting ?? null"
        :options="COUNTING"
        option-label="label"
        option-value="value"
        :placeholder="$t('board.as_the_station')"
        show-clear
        size="small"
        class="counting"
        @update:model-value="set('counting', $event)"
    /></span>
    <span class="labelled grow"
      ><label :for="id">{{ $t('common.note') }}</label>
      <InputText
        :id="id"
        size="small"
        maxlength="1000"
        :model-value="held.note ?? ''"
        @update:model-value="set('note', $event)"
    /></span>
    <span v-if="format?.level_keys.includes('splits')" class="labelled"
      ><label :for="`${id}-splits`">{{ $t('board.sets') }}</label>
      <InputText
        :id="`${id}-splits`"
        class="splits"
        size="small"
        :placeholder="$t('board.suggested')"
        :model-value="(held.splits ?? []).join(', ')"
        :invalid="Boolean(board.errorBelow(`${pointer}/splits`))"
        @update:model-value="setSplits($event)"
      />
      <span v-if="board.errorBelow(`${pointer}/splits`)" class="warn-text" role="alert">{{
        $t('board.sets_error_below', { error_below: board.errorBelow(`${pointer}/splits`) })
      }}</span></span
    >
    <span v-if="tempoWords(held.tempo)" class="small quiet">{{ tempoWords(held.tempo) }}</span>
    <span class="copies">
      <Button
        v-if="level !== 'advanced'"
        :label="$t('board.copy_right')"
        size="small"
        variant="text"
        :aria-label="$t('board.copy_right_level', { level: readable(level) })"
        @click="right"
      />
      <Button
        v-if="!isLast"
        :label="$t('board.copy_down')"
        size="small"
        variant="text"
        :aria-label="$t('board.copy_down_level', { level: readable(level) })"
        @click="below"
      />
    </span>
    <p v-if="version" class="small standard">
      <b>{{ $t('board.a_rep_counts_if') }}</b> {{ version.standard }}
    </p>
  </div>
</template>

<style scoped src="./station.css"></style>
<style scoped>
.level {
  min-width: 8.5rem;
}
.splits {
  width: 5.5rem;
}
.counting {
  width: 11rem;
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
