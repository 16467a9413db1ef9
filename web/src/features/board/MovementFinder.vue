<script setup lang="ts">
import AutoComplete, { type AutoCompleteCompleteEvent } from 'primevue/autocomplete'
import { ref, watch } from 'vue'
import type { Movement } from '@/lib/api/types'
import { foundBy, prepareSearch, searchMovements, type Found } from '@/features/movements/findMovements'
import { readable } from '@/lib/readable'

// A few letters of a movement's name and Enter: it is in.
const props = defineProps<{ movements: Movement[]; label: string; inputId: string }>()
const emit = defineEmits<{ pick: [movement: Movement] }>()

const typed = ref<string | Found>('')
const found = ref<Found[]>([])

watch(() => props.movements, prepareSearch, { immediate: true })

function look(event: AutoCompleteCompleteEvent) {
  found.value = searchMovements(props.movements, event.query)
}

function pick({ movement }: Found) {
  emit('pick', movement)
  typed.value = ''
}
</script>

<template>
  <AutoComplete
    v-model="typed"
    :suggestions="found"
    :option-label="(held: Found) => held.movement.name"
    :placeholder="label"
    :aria-label="label"
    :input-id="inputId"
    :delay="0"
    :min-length="1"
    auto-option-focus
    :empty-search-message="$t('board.no_movement_of_that_name')"
    size="small"
    class="finder"
    @complete="look"
    @option-select="pick($event.value)"
  >
    <template #option="{ option }">
      <span class="option"
        ><span class="name"
          ><b>{{ option.movement.name }}</b>
          <span v-if="foundBy(option)" class="small">{{ foundBy(option) }}</span></span
        >
        <span class="quiet small">{{ readable(option.movement.pattern) }}</span></span
      >
    </template>
  </AutoComplete>
</template>

<style scoped>
.finder {
  width: 22rem;
  max-width: 100%;
}
.finder :deep(input) {
  width: 100%;
}
.name {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-2);
  align-items: baseline;
}
.option {
  display: flex;
  gap: var(--space-3);
  justify-content: space-between;
  width: 100%;
}
</style>
