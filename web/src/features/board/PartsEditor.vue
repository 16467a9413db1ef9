<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { computed, useId } from 'vue'
import type { Level, Movement, Station } from '@/lib/api/types'
import LevelMark from '@/ui/LevelMark.vue'
import MovementFinder from './MovementFinder.vue'
import NumberField from '@/ui/NumberField.vue'
import type { Typed } from '@/lib/typed'
import { useBoard } from './useBoard'

// The parts of a compound count, a station's or a level's own: so many of this and so many of that count once.
type Parts = NonNullable<Station['parts']>
const props = defineProps<{ parts: Parts; pointer: string; level?: Level }>()
const emit = defineEmits<{ change: [label: string, key: string, work: (parts: Parts) => void] }>()
const board = useBoard()
const id = useId()
const at = computed(() => `${props.pointer}/parts`)
const sum = computed(() => props.parts.reduce((moves, part) => moves + (Number(part.reps) || 0), 0))

const change = (label: string, key: string, work: (parts: Parts) => void) =>
  emit('change', label, key && `${at.value}/${key}`, work)

function setReps(index: number, value: Typed) {
  change(t('board.part'), `${index}`, (held) => Object.assign(held[index]!, { reps: value ?? '' }))
}

function add(movement: Movement) {
  change(t('board.add_name', { name: movement.name }), '', (held) => void held.push({ movement: movement.id, reps: 4 }))
}
</script>

<template>
  <div class="parts" role="group" :aria-label="$t('board.parts_of_one_count')">
    <LevelMark v-if="level" class="small" :level="level" />
    <span class="small quiet">{{ $t('board.one_count_is') }}</span>
    <span v-for="(part, index) in parts" :key="index" class="part">
      <NumberField
        :label="`${board.movement(part.movement)?.name ?? part.movement}`"
        width="3rem"
        :model-value="part.reps"
        :error="board.errorAt(`${at}/${index}/reps`)"
        @update:model-value="setReps(index, $event)"
      />
      <Button
        icon="pi pi-times"
        size="small"
        variant="text"
        severity="secondary"
        :aria-label="$t('board.take_name_out', { name: board.movement(part.movement)?.name ?? $t('board.this_part') })"
        @click="change($t('board.remove_a_part'), '', (held) => held.splice(index, 1))"
      />
    </span>
    <span class="small"
      >= <b>{{ sum }}</b> {{ $t('board.moves') }}</span
    >
    <MovementFinder
      v-if="parts.length < 8"
      :movements="board.offered.value"
      :label="$t('board.add_a_part')"
      :input-id="`${id}-part`"
      @pick="add"
    />
    <p v-if="board.errorAt(at)" class="small warn-text" role="alert">
      {{ $t('board.parts_error_at', { error_at: board.errorAt(at) }) }}
    </p>
  </div>
</template>

<style scoped>
.parts {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1) var(--space-3);
  padding-left: 2.4rem;
}
.part {
  display: inline-flex;
  align-items: center;
}
</style>
