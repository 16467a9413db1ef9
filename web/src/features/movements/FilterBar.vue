<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { Movement } from '@/lib/api/types'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import { readable } from '@/lib/readable'
import { isFiltered, musclesOf, NO_FILTERS, type Filters } from './filters'

// Versions by muscle, by what must be spared, by the kit at hand, position, impact and level.
const props = defineProps<{ movements: Movement[]; filters: Filters }>()
const emit = defineEmits<{ change: [filters: Filters] }>()
const set = (changes: Partial<Filters>) => emit('change', { ...props.filters, ...changes })

const worded = (values: readonly string[]) => values.map((value) => ({ value, label: readable(value) }))
const muscles = computed(() => musclesOf(props.movements).map((value) => ({ value, label: value })))
const spared = worded([...MOVEMENT_WORDS.joints, ...MOVEMENT_WORDS.strains])
const kit = worded(MOVEMENT_WORDS.equipment)
const SINGLE = [
  { key: 'position', options: worded(MOVEMENT_WORDS.position) },
  { key: 'impact', options: worded(MOVEMENT_WORDS.impact) },
  { key: 'level', options: worded(MOVEMENT_WORDS.levels) },
] as const
</script>

<template>
  <div class="row tools" role="group" :aria-label="$t('movements.filters')">
    <Select
      :model-value="filters.muscle"
      :options="muscles"
      option-label="label"
      option-value="value"
      size="small"
      show-clear
      :placeholder="$t('movements.any_muscle')"
      :aria-label="$t('movements.muscle')"
      @update:model-value="set({ muscle: $event })"
    />
    <MultiSelect
      :model-value="filters.spare"
      :options="spared"
      option-label="label"
      option-value="value"
      size="small"
      :max-selected-labels="2"
      :placeholder="$t('movements.spare_nothing')"
      :aria-label="$t('movements.to_spare')"
      @update:model-value="set({ spare: $event })"
    />
    <MultiSelect
      :model-value="filters.kit ?? []"
      :options="kit"
      option-label="label"
      option-value="value"
      size="small"
      :max-selected-labels="2"
      :placeholder="$t('movements.any_kit')"
      :aria-label="$t('movements.kit_at_hand')"
      @update:model-value="set({ kit: $event.length ? $event : null })"
    />
    <Select
      v-for="{ key, options } in SINGLE"
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
</style>
