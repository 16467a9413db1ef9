<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'
import { useHouse } from '@/lib/api/queries'
import type { School } from '@/lib/api/types'

// By which school one exercise becomes three, with a sentence on what each is
// good for. The cells below show at once what it makes of them.
const props = defineProps<{ modelValue: School | undefined; label: string; inherit?: string }>()
defineEmits<{ 'update:modelValue': [school: School | undefined] }>()

const house = useHouse()
const schools = computed(() => house.data.value?.schools ?? [])
const chosen = computed(() => schools.value.find((school) => school.id === props.modelValue))
</script>

<template>
  <span class="choice">
    <Select
      :aria-label="label"
      :model-value="modelValue ?? null"
      :options="schools"
      option-label="name"
      option-value="id"
      :placeholder="inherit ?? $t('board.targets_as_typed')"
      show-clear
      size="small"
      @update:model-value="$emit('update:modelValue', $event ?? undefined)"
    >
      <template #option="{ option }">
        <span class="option"
          ><b>{{ option.name }}</b
          ><span class="small">{{ option.good_for }}</span></span
        >
      </template>
    </Select>
    <span v-if="chosen" class="small quiet good">{{
      $t('board.good_for_a_level_left_open_takes', { good_for: chosen.good_for, fills: chosen.fills })
    }}</span>
  </span>
</template>

<style scoped>
.choice {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1) var(--space-2);
  max-width: 100%;
}
.option {
  display: grid;
  max-width: 24rem;
  white-space: normal;
}
.good {
  flex: 1 1 16rem;
}
</style>
