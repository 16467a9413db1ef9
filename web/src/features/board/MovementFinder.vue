<script setup lang="ts">
import AutoComplete, { type AutoCompleteCompleteEvent } from 'primevue/autocomplete'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { RouterLink } from 'vue-router'
import type { Movement } from '@/lib/api/types'
import { foundBy, prepareSearch, searchMovements, type Found } from '@/features/movements/findMovements'
import { readable } from '@/lib/readable'
import FigureOf from '@/ui/figure/FigureOf.vue'

// A few letters of a movement's name and Enter: it is in.
const props = defineProps<{ movements: Movement[]; label: string; inputId: string; placeholder?: string }>()
const emit = defineEmits<{ pick: [movement: Movement] }>()

const typed = ref<string | Found>('')
const found = ref<Found[]>([])

watch(() => props.movements, prepareSearch, { immediate: true })

/** The entry that Enter would take: its version for the middle level is shown as it moves. */
const list = useTemplateRef<{ focusedOptionIndex: number }>('list')
const shown = computed(() => {
  const movement = found.value[list.value?.focusedOptionIndex ?? -1]?.movement
  return movement?.ladder.find((variation) => variation.id === movement.opens.intermediate.variation)
})

function look(event: AutoCompleteCompleteEvent) {
  found.value = searchMovements(props.movements, event.query)
}

/** Nothing is typed: Escape leaves the field, so that the keys of the board work again. */
function leave(event: KeyboardEvent) {
  if (!typed.value) (event.target as HTMLElement).blur()
}

function pick({ movement }: Found) {
  emit('pick', movement)
  typed.value = ''
}
</script>

<template>
  <AutoComplete
    ref="list"
    v-model="typed"
    :suggestions="found"
    :option-label="(held: Found) => held.movement.name"
    :placeholder="placeholder ?? label"
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
    @keydown.escape="leave"
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
    <template #empty>
      <span class="none"
        >{{ $t('board.no_movement_of_that_name') }}
        <RouterLink v-if="typeof typed === 'string'" :to="{ name: 'movements', query: { new: typed } }">{{
          $t('board.make_it_your_own', { name: typed })
        }}</RouterLink></span
      >
    </template>
    <template #footer>
      <div v-if="shown" class="shown">
        <FigureOf
          :key="shown.id"
          :version="shown.id"
          :label="$t('figure.label', { name: shown.name, standard: shown.standard })"
          class="figure"
        />
        <span class="small">{{ shown.name }}</span>
      </div>
    </template>
  </AutoComplete>
</template>

<style scoped>
.finder {
  width: 22rem;
  max-width: 100%;
}
@media (min-width: 60rem) {
  .finder {
    width: 5.4rem;
    --p-inputtext-sm-padding-y: 0.15rem;
    --p-inputtext-sm-padding-x: 0.4rem;
    --p-inputtext-sm-font-size: 0.82rem;
  }
  .finder:focus-within {
    width: 12rem;
  }
}
.finder :deep(input) {
  width: 100%;
}
.shown {
  display: flex;
  gap: var(--space-3);
  align-items: end;
  border-top: 1px solid var(--rule);
  padding: var(--space-2) var(--space-3);
}
.shown .figure {
  width: 7.5rem;
  height: 4.2rem;
  flex: none;
}
.none {
  display: grid;
  gap: var(--space-1);
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
