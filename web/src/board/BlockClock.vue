<script setup lang="ts">
import Button from 'primevue/button'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, ref, useId } from 'vue'
import { LEVELS, type Block, type Level } from '@/api/types'
import NumberField from './NumberField.vue'
import { setKey, type Typed } from './document'
import { useBoard } from './useBoard'

// A timed block's clock: work, rest, rounds, and what is asked for less often.
const props = defineProps<{ block: Block; index: number }>()
const board = useBoard()
const id = useId()

type Key = 'work_s' | 'rest_s' | 'rounds' | 'round_rest_s' | 'get_ready_s'
const FIELDS: { key: Key; label: string; unit?: string; hint?: string; needed?: boolean }[] = [
  { key: 'work_s', label: 'Work', unit: 's', needed: true },
  { key: 'rest_s', label: 'Rest', unit: 's', needed: true },
  { key: 'rounds', label: 'Rounds', needed: true },
  { key: 'round_rest_s', label: 'Round rest', unit: 's', hint: 'rest' },
  { key: 'get_ready_s', label: 'Get ready', unit: 's', hint: '0' },
]
const SWITCHES = [
  { key: 'rest_after_last', label: 'Rest after the last' },
  { key: 'escalate', label: 'Each round a level harder' },
] as const

const asked = ref(false)
const used = computed(() => {
  const { escalate, rounds_by_level, rest_after_last, switch_s } = props.block
  return Boolean(escalate || rounds_by_level || rest_after_last || switch_s)
})
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
function setField(field: (typeof FIELDS)[number], value: Typed) {
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
      v-for="field in FIELDS"
      :key="field.key"
      :label="field.label"
      :unit="field.unit"
      :hint="field.hint"
      :model-value="block[field.key]"
      :error="board.errorAt(`${pointer}/${field.key}`)"
      @update:model-value="setField(field, $event)"
    />
    <Button
      :label="asked ? 'Less' : 'More'"
      :aria-expanded="asked || used"
      variant="text"
      size="small"
      @click="asked = !asked"
    />
  </div>
  <div v-if="asked || used" class="clock more">
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
    <NumberField
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
