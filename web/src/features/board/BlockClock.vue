<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Block } from '@/lib/api/types'
import FormatFieldInput from './FormatFieldInput.vue'
import { fieldsOf } from './formats'
import { useBoard } from './useBoard'
import { clockText } from '@/lib/clockText'
import { readable } from '@/lib/readable'
import { LEVELS } from '@/lib/api/types'

// The numbers by which a block runs, in its head; what is asked for less often unfolds, and is told in few words until then.
const props = defineProps<{ block: Block; index: number }>()
const asked = defineModel<boolean>('asked', { required: true })
const board = useBoard()
const fields = computed(() => fieldsOf(board.format(props.block)))
const held = (key: string) => (props.block as Record<string, unknown>)[key]

/** What is set among the folded fields: all of it in words, and shortly what changes who does what when. */
const told = computed(() =>
  fields.value.more.flatMap((field) => {
    const value = held(field.key)
    if (value === undefined || value === field.default || value === false) return []
    if (field.kind === 'by_level')
      return [
        {
          text: t('board.field_rounds', { rounds: byLevel.value }),
          short: t('board.field_rounds', { rounds: byLevel.value }),
        },
      ]
    if (field.kind === 'choice') {
      const label = field.options?.find((option) => option.value === value)?.label ?? String(value)
      return [{ text: label, short: label }]
    }
    if (value === true) return [{ text: field.label, short: field.label }]
    const time =
      field.kind === 'seconds' ? (Number(value) < 60 ? `${value} s` : clockText(Number(value))) : String(value)
    return [{ text: t('board.field_seconds', { label: field.label, seconds: time }), short: '' }]
  }),
)
const byLevel = computed(() =>
  LEVELS.map((level) => props.block.rounds_by_level?.[level] ?? props.block.rounds ?? '–').join('/'),
)
const school = computed(() =>
  props.block.scaling ? [t('board.by_readable', { readable: readable(props.block.scaling) })] : [],
)
const words = computed(() => [...told.value.map(({ text }) => text), ...school.value].join(', '))
const shortly = computed(() => told.value.flatMap(({ short }) => short || []).join(', '))
</script>

<template>
  <span class="clock">
    <FormatFieldInput v-for="field in fields.first" :key="field.key" :block="block" :index="index" :field="field" />
    <span v-if="shortly && !asked" class="small told" :title="words">{{ shortly }}</span>
    <Button
      :label="asked ? $t('board.less') : $t('board.more')"
      :aria-expanded="asked"
      :title="words"
      variant="text"
      size="small"
      class="unfold"
      @click="asked = !asked"
    />
  </span>
</template>

<style scoped>
.clock {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1) var(--space-2);
  min-width: 0;
}
.unfold {
  flex: none;
  padding: 0.15rem 0.3rem;
}
@media (min-width: 60rem) {
  .clock {
    flex: none;
    flex-wrap: nowrap;
    gap: 0 var(--space-1);
    --p-inputtext-sm-padding-y: 0.1rem;
    --p-inputtext-sm-padding-x: 0.3rem;
    --p-inputtext-sm-font-size: 0.85rem;
  }
  .clock :deep(.number-field) {
    flex-wrap: nowrap;
    gap: 2px;
  }
  .clock :deep(.unit) {
    display: none;
  }
}
.told {
  flex: none;
  max-width: 7rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
