<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { Movement } from '@/lib/api/types'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { isFiltered, musclesOf, NO_FILTERS, type Filters } from './filters'

// Versions by muscle, by what must be spared, by the kit at hand, position, impact and level.
const props = defineProps<{ movements: Movement[]; filters: Filters }>()
const emit = defineEmits<{ change: [filters: Filters] }>()
const set = (changes: Partial<Filters>) => emit('change', { ...props.filters, ...changes })

const worded = (values: readonly string[]) => values.map((value) => ({ value, label: readable(value) }))
const SEVERAL = [
  {
    key: 'spare',
    name: t('movements.to_spare'),
    any: t('movements.spare_nothing'),
    options: worded([...MOVEMENT_WORDS.joints, ...MOVEMENT_WORDS.strains]),
  },
  {
    key: 'kit',
    name: t('movements.kit_at_hand'),
    any: t('movements.any_kit'),
    options: worded(MOVEMENT_WORDS.equipment),
  },
] as const
const single = computed(() => [
  { key: 'muscle' as const, options: musclesOf(props.movements).map((value) => ({ value, label: value })) },
  { key: 'position' as const, options: worded(MOVEMENT_WORDS.position) },
  { key: 'impact' as const, options: worded(MOVEMENT_WORDS.impact) },
  { key: 'level' as const, options: worded(MOVEMENT_WORDS.levels) },
])
/** Nothing spared is no joint; no kit named is any kit. */
const chosen = (key: 'spare' | 'kit', values: string[]) =>
  set({ [key]: key === 'kit' && !values.length ? null : values })
</script>

<template>
  <div class="row tools" role="group" :aria-label="$t('movements.filters')">
    <MultiSelect
      v-for="{ key, name, any, options } in SEVERAL"
      :key="key"
      :model-value="filters[key] ?? []"
      :options="options"
      option-label="label"
      option-value="value"
      size="small"
      :max-selected-labels="2"
      :placeholder="any"
      :aria-label="name"
      @update:model-value="chosen(key, $event)"
    />
    <Select
      v-for="{ key, options } in single"
      :key="key"
      :model-value="filters[key]"
      :options="options"
      option-label="label"
      option-value="value"
      size="small"
      show-clear
      :placeholder="$t('movements.any_key', { key: readable(key) })"
      :aria-label="readable(key)"
      @update:model-value="set({ [key]: $event })"
    />
    <Button
      v-if="isFiltered(filters)"
      :label="$t('movements.clear_filters')"
      size="small"
      variant="text"
      @click="emit('change', NO_FILTERS)"
    />
  </div>
</template>

<style scoped>
.tools :deep(.p-select),
.tools :deep(.p-multiselect) {
  max-width: 12rem;
}
/* On a phone the list begins at once: the filters are one line that moves sideways. */
@media (max-width: 600px) {
  .tools {
    flex-wrap: nowrap;
    overflow-x: auto;
    padding-block: var(--space-1);
  }
  .tools > * {
    flex: none;
  }
}
</style>
