<script setup lang="ts">
import { computed } from 'vue'
import type { FitPerson } from '@/lib/api/types'
import { plural } from '@/lib/text'

// For whom this circuit is hard to fit: who does something else at a station, or sits it out.
const props = defineProps<{ people: FitPerson[] }>()
defineEmits<{ pick: [id: string] }>()

const hard = computed(() =>
  props.people
    .map((person) => ({
      id: person.id,
      name: person.name,
      instead: person.cells.filter((cell) => cell.kind === 'substitute').length,
      out: person.cells.filter((cell) => cell.kind === 'sit_out').length,
    }))
    .filter(({ instead, out }) => instead + out > 0)
    .sort((one, other) => other.out - one.out || other.instead - one.instead || one.name.localeCompare(other.name)),
)
</script>

<template>
  <p v-if="hard.length" class="small hard">
    <span class="quiet">{{ $t('fit.hard_to_fit_here') }}</span>
    <span v-for="{ id, name, instead, out } in hard" :key="id">
      <button type="button" class="link" @click="$emit('pick', id)">{{ name }}</button>
      <span v-if="instead">{{ $t('fit.plural_replaced', { plural: plural(instead, 'station') }) }}</span>
      <span v-if="out" class="warn-text">{{ $t('fit.plural_sat_out', { plural: plural(out, 'station') }) }}</span>
    </span>
  </p>
</template>

<style scoped>
.hard {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-4);
  margin: 0;
  align-items: baseline;
}
.hard > span {
  display: inline-flex;
  gap: var(--space-2);
  align-items: baseline;
}
</style>
