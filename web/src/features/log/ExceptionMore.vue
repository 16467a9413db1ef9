<script setup lang="ts">
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import { useId } from 'vue'
import { shownWeight, storedWeight, weightUnit } from '@/lib/units'
import NumberField from '@/ui/NumberField.vue'
import type { Exception } from './sheet'

// What is logged less often of a station: a number for each round, a load, what was seen of the version's own faults.
defineProps<{ label: string; rounds: number; faults: string[]; exception: Exception }>()
defineEmits<{ change: [change: Partial<Exception>] }>()
const id = useId()
</script>

<template>
  <div class="more">
    <span v-if="rounds > 1" class="field"
      ><label :for="`${id}-rounds`" class="small">{{ $t('log.each_round') }}</label
      ><InputText
        :id="`${id}-rounds`"
        :model-value="exception.per_round ?? ''"
        size="small"
        class="rounds"
        placeholder="12 10 8"
        @update:model-value="$emit('change', { per_round: $event || undefined })"
    /></span>
    <NumberField
      :label="$t('log.load')"
      :unit="weightUnit()"
      width="3.6rem"
      hint="–"
      :model-value="typeof exception.load_kg === 'number' ? shownWeight(exception.load_kg) : exception.load_kg"
      @update:model-value="$emit('change', { load_kg: storedWeight($event) })"
    />
    <MultiSelect
      v-if="faults.length"
      :model-value="exception.faults ?? []"
      :options="faults"
      :placeholder="$t('log.faults_seen')"
      :aria-label="$t('log.faults_of_label', { label })"
      size="small"
      class="faults"
      @update:model-value="$emit('change', { faults: $event.length ? $event : undefined })"
    />
  </div>
</template>

<style scoped>
.more {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  padding-bottom: var(--space-1);
}
.field {
  display: inline-flex;
  gap: var(--space-2);
  align-items: center;
}
.rounds {
  width: 8rem;
}
.faults {
  min-width: 14rem;
}
</style>
