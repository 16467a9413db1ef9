<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, ref, useId } from 'vue'
import { LEVELS, type Block, type Level } from '@/api/types'
import NumberField from './NumberField.vue'
import SchoolChoice from './SchoolChoice.vue'
import { setKey, type Typed } from './document'
import {
  CLOCK_FIELDS,
  formatOf,
  GATES,
  takesEscalation,
  takesGate,
  takesRotation,
  takesRoundsByLevel,
  type ClockField,
} from './formats'
import { useBoard } from './useBoard'

// The numbers by which a block's format runs, and what is asked for less often.
const props = defineProps<{ block: Block; index: number }>()
const board = useBoard()
const id = useId()

const SWITCHES = computed(() =>
  [
    { key: 'rest_after_last' as const, label: 'Rest after the last', shown: props.block.format === 'intervals' },
    { key: 'escalate' as const, label: 'Each round a level harder', shown: takesEscalation(props.block) },
  ].filter((toggle) => toggle.shown),
)
const gates = computed(() => GATES.filter((gate) => gate.value !== 'round' || props.block.format !== 'chipper'))
const FLOWS = [
  { value: 'together', label: 'Everyone together' },
  { value: 'rotate', label: 'Groups that move on' },
]
const DAYS = [
  { value: 'lighter', label: 'Lighter day: the minimum' },
  { value: 'heavier', label: 'Heavier day: the maximum' },
]

const fields = computed(() => CLOCK_FIELDS[formatOf(props.block)])
const asked = ref(false)
const used = computed(() => {
  const { escalate, rounds_by_level, rest_after_last, switch_s } = props.block
  return Boolean(escalate || rounds_by_level || rest_after_last || switch_s)
})
const hasMore = computed(() => takesRoundsByLevel(props.block) || takesEscalation(props.block))
const pointer = computed(() => `/blocks/${props.index}`)

function set(key: string, value: unknown) {
  board.edit('Change the clock', (draft) => setKey(draft.blocks[props.index]!, key, value), `${pointer.value}/${key}`)
}

function setRoundsOf(level: Level, value: Typed) {
  const rounds = { ...(props.block.rounds_by_level ?? {}) }
  setKey(rounds, level, value)
  set('rounds_by_level', Object.keys(rounds).length ? rounds : undefined)
}

/** A number that the format needs is never taken away: an empty field stays empty and is complained of. */
function setField(field: ClockField, value: Typed) {
  if (!field.needed) return set(field.key, value)
  board.edit(
    'Change the clock',
    (draft) => Object.assign(draft.blocks[props.index]!, { [field.key]: value ?? '' }),
    `${pointer.value}/${field.key}`,
  )
}
</script>

<template>
  <div class="clock">
    <NumberField
      v-for="field in fields"
      :key="field.key"
      :label="field.label"
      :unit="field.unit"
      :hint="field.hint"
      :model-value="block[field.key]"
      :error="board.errorAt(`${pointer}/${field.key}`)"
      @update:model-value="setField(field, $event)"
    />
    <Select
      v-if="takesGate(block)"
      aria-label="Where all wait for all"
      :model-value="block.gate ?? (block.format === 'chipper' ? 'free' : 'round')"
      :options="gates"
      option-label="label"
      option-value="value"
      size="small"
      @update:model-value="set('gate', $event)"
    />
    <Select
      v-if="takesRotation(block)"
      aria-label="How the room moves"
      :model-value="block.flow ?? 'together'"
      :options="FLOWS"
      option-label="label"
      option-value="value"
      size="small"
      @update:model-value="set('flow', $event === 'together' ? undefined : $event)"
    />
    <Select
      v-if="block.format === 'quota'"
      aria-label="Kind of day"
      :model-value="block.day ?? 'heavier'"
      :options="DAYS"
      option-label="label"
      option-value="value"
      size="small"
      @update:model-value="set('day', $event)"
    />
    <Button
      v-if="hasMore"
      :label="asked ? 'Less' : 'More'"
      :aria-expanded="asked || used"
      variant="text"
      size="small"
      @click="asked = !asked"
    />
    <SchoolChoice :model-value="block.scaling" label="Levels by" @update:model-value="set('scaling', $event)" />
  </div>
  <p v-if="board.errorAt(`${pointer}/stations`)" class="small warn-text" role="alert">
    Stations {{ board.errorAt(`${pointer}/stations`) }}
  </p>
  <div v-if="hasMore && (asked || used)" class="clock more">
    <template v-if="takesRoundsByLevel(block)">
      <NumberField
        v-for="level in LEVELS"
        :key="level"
        :label="`Rounds, ${level}`"
        hint="all"
        width="3rem"
        :model-value="block.rounds_by_level?.[level]"
        :error="board.errorAt(`${pointer}/rounds_by_level/${level}`)"
        @update:model-value="setRoundsOf(level, $event)"
      />
    </template>
    <NumberField
      v-if="block.format === 'intervals'"
      label="Switch sides"
      unit="s"
      hint="0"
      :model-value="block.switch_s"
      :error="board.errorAt(`${pointer}/switch_s`)"
      @update:model-value="set('switch_s', $event)"
    />
    <span v-for="toggle in SWITCHES" :key="toggle.key" class="toggle">
      <ToggleSwitch
        :input-id="`${id}-${toggle.key}`"
        :model-value="block[toggle.key] ?? false"
        @update:model-value="set(toggle.key, $event || undefined)"
      />
      <label :for="`${id}-${toggle.key}`">{{ toggle.label }}</label>
    </span>
  </div>
</template>

<style scoped>
.clock {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: var(--space-2) var(--space-4);
  padding: var(--space-1) 0 var(--space-2);
}
.more {
  background: var(--paper-sunk);
  padding: var(--space-2) var(--space-3);
}
.toggle {
  display: inline-flex;
  align-items: center;
  gap: var(--space-2);
  font-size: var(--size--1);
}
</style>
