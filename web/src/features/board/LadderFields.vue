<script setup lang="ts">
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, useId } from 'vue'
import type { Station } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import { setKey, type Typed } from '@/lib/typed'
import { SHAPES } from './formats'
import { useBoard } from './useBoard'

// A ladder station's total and how it is spread over the rounds.
const props = defineProps<{ station: Station; blockIndex: number; stationIndex: number }>()
const board = useBoard()
const id = useId()
const pointer = computed(() => `/blocks/${props.blockIndex}/stations/${props.stationIndex}/ladder`)
const ladder = computed(() => props.station.ladder)

function change(key: string, work: (ladder: NonNullable<Station['ladder']>, station: Station) => void) {
  board.edit(
    t('board.ladder'),
    (draft) => {
      const station = draft.blocks[props.blockIndex]!.stations![props.stationIndex]!
      if (station.ladder) work(station.ladder, station)
    },
    `${pointer.value}/${key}`,
  )
}

function setTotal(value: Typed) {
  change('total', (held) => Object.assign(held, { total: value ?? '' }))
}

function setShape(shape: NonNullable<Station['ladder']>['shape']) {
  const preview = board.preview.preview.value?.blocks[props.blockIndex]?.stations[props.stationIndex]
  change('shape', (held) => {
    held.shape = shape
    if (shape === 'typed') held.counts ??= preview?.levels.advanced.per_round ?? [held.total]
    else delete held.counts
  })
}

function setCounts(text: string | undefined) {
  const parts = (text ?? '').split(/[\s,]+/).filter(Boolean)
  const counts = parts.map((part) => (/^\d+$/.test(part) ? Number(part) : part)) as number[]
  change('counts', (held) => {
    held.counts = counts
    if (counts.every((count) => typeof count === 'number')) held.total = counts.reduce((sum, count) => sum + count, 0)
  })
}

/** A total over the rounds, or the same number in each. */
function turn(on: boolean) {
  board.edit(on ? t('board.spread_a_total') : t('board.the_same_each_round'), (draft) => {
    const station = draft.blocks[props.blockIndex]!.stations![props.stationIndex]!
    if (on) {
      station.ladder = { total: 40, shape: 'descending' }
      for (const level of Object.values(station.levels)) delete level.reps
    } else delete station.ladder
  })
}
</script>

<template>
  <div class="ladder">
    <template v-if="ladder">
      <NumberField
        :label="$t('board.total')"
        width="3.4rem"
        :model-value="ladder.total"
        :error="board.errorAt(`${pointer}/total`)"
        @update:model-value="setTotal"
      />
      <Select
        :aria-label="$t('board.how_the_total_is_spread')"
        :model-value="ladder.shape"
        :options="[...SHAPES]"
        option-label="label"
        option-value="value"
        size="small"
        @update:model-value="setShape"
      />
      <NumberField
        v-if="ladder.shape !== 'typed'"
        :label="$t('board.in_steps_of')"
        hint="1"
        width="2.8rem"
        :model-value="ladder.step"
        :error="board.errorAt(`${pointer}/step`)"
        @update:model-value="change('step', (held) => setKey(held, 'step', $event))"
      />
      <span v-else class="counts"
        ><label :for="`${id}-counts`">{{ $t('board.rounds') }}</label>
        <InputText
          :id="`${id}-counts`"
          size="small"
          :model-value="(ladder.counts ?? []).join(', ')"
          :invalid="Boolean(board.errorBelow(`${pointer}/counts`))"
          @update:model-value="setCounts"
        />
        <span v-if="board.errorBelow(`${pointer}/counts`)" class="small warn-text" role="alert">{{
          $t('board.rounds_error_below', { error_below: board.errorBelow(`${pointer}/counts`) })
        }}</span></span
      >
      <button type="button" class="link small" @click="turn(false)">{{ $t('board.the_same_each_round_2') }}</button>
    </template>
    <button v-else type="button" class="link small" @click="turn(true)">
      {{ $t('board.spread_a_total_over_the_rounds') }}
    </button>
  </div>
</template>

<style scoped>
.ladder {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1) var(--space-3);
  padding-left: 2.4rem;
}
.counts {
  display: inline-flex;
  flex-wrap: wrap;
  gap: var(--space-1);
  align-items: center;
  font-size: var(--size--1);
}
</style>
