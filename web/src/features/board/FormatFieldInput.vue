<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, useId } from 'vue'
import { LEVELS, type Block, type FormatField, type Level } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import { setKey, type Typed } from '@/lib/typed'
import { useBoard } from './useBoard'

// One field that a format declares, in whatever form it asks for.
const props = defineProps<{ block: Block; index: number; field: FormatField }>()
const board = useBoard()
const id = useId()
const pointer = computed(() => `/blocks/${props.index}`)
const held = computed(() => (props.block as Record<string, unknown>)[props.field.key])
const unit = computed(() => (props.field.kind === 'seconds' ? t('common.s') : undefined))

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
    v-else-if="field.kind === 'seconds' || field.kind === 'count'"
    :label="field.label"
    :unit="unit"
    :hint="field.hint"
    width="2.6rem"
    :model-value="held as Typed"
    :error="board.errorAt(`${pointer}/${field.key}`)"
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
