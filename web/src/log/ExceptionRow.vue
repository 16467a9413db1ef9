<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import Select from 'primevue/select'
import { computed, useId } from 'vue'
import NumberField from '@/board/NumberField.vue'
import LevelMark from '@/components/LevelMark.vue'
import { LEVELS, type Level, type LogSheet } from '@/api/types'
import type { Line } from './sheet'

// What one person did at one station, where it was not the plan.
type Exception = Line['exceptions'][string]
const props = defineProps<{
  station: LogSheet['stations'][number]
  lane: Level
  person: string
  exception: Exception
  autofocus: boolean
}>()
const emit = defineEmits<{ change: [exception: Exception] }>()
const id = useId()

const level = computed(() => props.exception.level ?? props.lane)
const cell = computed(() => props.station.levels[level.value])
const label = computed(() => `${props.person}, ${props.station.name}`)
const OPTIONS = LEVELS.map((value) => ({ value, label: value }))

function set(change: Partial<Exception>) {
  emit('change', { ...props.exception, ...change })
}
</script>

<template>
  <div class="exception" :class="{ left: exception.skipped }">
    <span class="name">{{ station.name }}</span>
    <Select
      :model-value="level"
      :options="OPTIONS"
      option-label="label"
      option-value="value"
      size="small"
      :aria-label="`${label}: level done`"
      class="level"
      @update:model-value="set({ level: $event === lane ? undefined : $event })"
    >
      <template #value="{ value }"><LevelMark :level="value" /></template>
      <template #option="{ option }"><LevelMark :level="option.value" /></template>
    </Select>
    <span class="planned small quiet">{{ cell.name }}, {{ cell.target }}</span>
    <template v-if="cell.reps !== null">
      <NumberField
        label="Reps"
        width="3.2rem"
        :hint="String(cell.reps)"
        :model-value="exception.reps"
        @update:model-value="set({ reps: $event })"
      />
      <NumberField
        label="Reps left"
        width="3rem"
        hint="–"
        :model-value="exception.reps_left"
        @update:model-value="set({ reps_left: $event })"
      />
    </template>
    <span class="skip small"
      ><Checkbox
        :model-value="exception.skipped ?? false"
        binary
        :input-id="`${id}-skip`"
        @update:model-value="set({ skipped: $event || undefined })"
      /><label :for="`${id}-skip`">left out</label></span
    >
  </div>
</template>

<style scoped>
.exception {
  display: grid;
  grid-template-columns: 9rem 11.5rem minmax(10rem, 1fr) auto auto auto;
  gap: var(--space-2) var(--space-3);
  align-items: center;
  padding: var(--space-1) 0;
  border-bottom: 1px solid var(--rule-soft);
}
.exception:last-child {
  border-bottom: 0;
}
.left .name,
.left .planned {
  text-decoration: line-through;
}
.skip {
  display: inline-flex;
  gap: var(--space-1);
  align-items: center;
}
@media (max-width: 60rem) {
  .exception {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
