<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, useId } from 'vue'
import { LEVELS, type Block, type FormatField, type Level } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import { BY_ROUND, setKey, type Typed } from '@/lib/typed'
import { useBoard } from './useBoard'

// One field that a format declares, in whatever form it asks for.
const props = defineProps<{ block: Block; index: number; field: FormatField }>()
const board = useBoard()
const id = useId()
const pointer = computed(() => `/blocks/${props.index}`)
const held = computed(() => (props.block as Record<string, unknown>)[props.field.key])
const UNITS: Partial<Record<FormatField['kind'], string>> = {
  seconds: t('common.s'),
  by_round: t('common.s'),
  ratio: t('board.times_own_work'),
}
const byRound = computed(() => (props.field.kind === 'by_round' ? BY_ROUND : undefined))
/** Several numbers need more room than one. */
const width = computed(() => `${Math.max(2.6, BY_ROUND.show(held.value).length * 0.62)}rem`)

function set(value: unknown) {
  board.edit(
    t('board.change_the_clock'),
    (draft) => setKey(draft.blocks[props.index]!, props.field.key, value),
    `${pointer.value}/${props.field.key}`,
  )
}

/** A number that the format needs is never taken away: an empty field stays empty and is complained of. */
function setNumber(value: Typed) {
  if (!props.field.needed) return set(value)
  board.edit(
    t('board.change_the_clock'),
    (draft) => Object.assign(draft.blocks[props.index]!, { [props.field.key]: value ?? '' }),
    `${pointer.value}/${props.field.key}`,
  )
}

function setRoundsOf(level: Level, value: Typed) {
  const rounds = { ...(props.block.rounds_by_level ?? {}) }
  setKey(rounds, level, value)
  set(Object.keys(rounds).length ? rounds : undefined)
}
</script>

<template>
  <Select
    v-if="field.kind === 'choice'"
    :aria-label="field.label"
    :model-value="held ?? field.default"
    :options="field.options"
    option-label="label"
    option-value="value"
    size="small"
    @update:model-value="set($event === field.default ? undefined : $event)"
  />
  <template v-else-if="field.kind === 'by_level'">
    <NumberField
      v-for="level in LEVELS"
      :key="level"
      :label="$t('board.rounds_level', { level: readable(level) })"
      :hint="$t('board.all')"
      width="3rem"
      :model-value="block.rounds_by_level?.[level]"
      :error="board.errorAt(`${pointer}/${field.key}/${level}`)"
      @update:model-value="setRoundsOf(level, $event)"
    />
  </template>
  <NumberField
    v-else-if="field.kind !== 'flag'"
    :label="field.label"
    :unit="UNITS[field.kind]"
    :hint="field.hint"
    :width="byRound ? width : '2.6rem'"
    :reading="byRound"
    :title="byRound && $t('board.a_number_for_each_round')"
    :model-value="held"
    :error="board.errorBelow(`${pointer}/${field.key}`)"
    @update:model-value="setNumber"
  />
  <span v-else class="toggle">
    <ToggleSwitch :input-id="id" :model-value="Boolean(held)" @update:model-value="set($event || undefined)" />
    <label :for="id">{{ field.label }}</label>
  </span>
</template>

<style scoped>
.toggle {
  display: inline-flex;
  align-items: center;
  gap: var(--space-2);
  font-size: var(--size--1);
}
</style>
