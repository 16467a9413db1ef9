<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import Button from 'primevue/button'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, ref, useId } from 'vue'
import { LEVELS, type Block, type FormatField, type Level } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import SchoolChoice from './SchoolChoice.vue'
import { setKey, type Typed } from '@/lib/typed'
import { fieldsAt } from './formats'
import { useBoard } from './useBoard'

// The numbers by which a block's format runs, and what is asked for less often.
const props = defineProps<{ block: Block; index: number }>()
const board = useBoard()
const id = useId()

const format = computed(() => board.format(props.block))
const clock = computed(() => fieldsAt(format.value, 'clock'))
const more = computed(() => fieldsAt(format.value, 'more'))
const isNumber = (field: FormatField) => field.kind === 'seconds' || field.kind === 'count'
const unit = (field: FormatField) => (field.kind === 'seconds' ? t('common.s') : undefined)
const held = (key: string) => (props.block as Record<string, unknown>)[key]
const asked = ref(false)
const used = computed(() => more.value.some((field) => Boolean(held(field.key))))
const pointer = computed(() => `/blocks/${props.index}`)

function set(key: string, value: unknown) {
  board.edit(
    t('board.change_the_clock'),
    (draft) => setKey(draft.blocks[props.index]!, key, value),
    `${pointer.value}/${key}`,
  )
}

function setRoundsOf(level: Level, value: Typed) {
  const rounds = { ...(props.block.rounds_by_level ?? {}) }
  setKey(rounds, level, value)
  set('rounds_by_level', Object.keys(rounds).length ? rounds : undefined)
}

/** A number that the format needs is never taken away: an empty field stays empty and is complained of. */
function setField(field: FormatField, value: Typed) {
  if (!field.needed) return set(field.key, value)
  board.edit(
    t('board.change_the_clock'),
    (draft) => Object.assign(draft.blocks[props.index]!, { [field.key]: value ?? '' }),
    `${pointer.value}/${field.key}`,
  )
}
</script>

<template>
  <div class="clock">
    <template v-for="field in clock" :key="field.key">
      <Select
        v-if="field.kind === 'choice'"
        :aria-label="field.label"
        :model-value="held(field.key) ?? field.default"
        :options="field.options"
        option-label="label"
        option-value="value"
        size="small"
        @update:model-value="set(field.key, $event === field.default ? undefined : $event)"
      />
      <NumberField
        v-else
        :label="field.label"
        :unit="unit(field)"
        :hint="field.hint"
        :model-value="held(field.key) as Typed"
        :error="board.errorAt(`${pointer}/${field.key}`)"
        @update:model-value="setField(field, $event)"
      />
    </template>
    <Button
      v-if="more.length"
      :label="asked ? $t('board.less') : $t('board.more')"
      :aria-expanded="asked || used"
      variant="text"
      size="small"
      @click="asked = !asked"
    />
    <SchoolChoice
      :model-value="block.scaling"
      :label="$t('board.levels_by')"
      @update:model-value="set('scaling', $event)"
    />
  </div>
  <p v-if="board.errorAt(`${pointer}/stations`)" class="small warn-text" role="alert">
    {{ $t('board.stations_error_at', { error_at: board.errorAt(`${pointer}/stations`) }) }}
  </p>
  <div v-if="more.length && (asked || used)" class="clock more">
    <template v-for="field in more" :key="field.key">
      <template v-if="field.kind === 'by_level'">
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
        v-else-if="isNumber(field)"
        :label="field.label"
        :unit="unit(field)"
        :hint="field.hint"
        :model-value="held(field.key) as Typed"
        :error="board.errorAt(`${pointer}/${field.key}`)"
        @update:model-value="set(field.key, $event)"
      />
      <span v-else class="toggle">
        <ToggleSwitch
          :input-id="`${id}-${field.key}`"
          :model-value="Boolean(held(field.key))"
          @update:model-value="set(field.key, $event || undefined)"
        />
        <label :for="`${id}-${field.key}`">{{ field.label }}</label>
      </span>
    </template>
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
