<script setup lang="ts">
import Button from 'primevue/button'
import type { Person } from '@/lib/api/types'
import LevelTally from '@/ui/LevelTally.vue'
import type { Taps } from '@/features/floor/useTaps'

// A tap for each round that somebody has done.
const props = defineProps<{ block: string; people: Person[]; taps: Taps }>()

const roundsOf = (person: string) =>
  props.taps.sum((tap) => tap.block === props.block && tap.person_id === person && !tap.station)
</script>

<template>
  <div>
    <p class="small quiet">{{ $t('count.a_tap_for_each_round_done') }}</p>
    <ul class="people">
      <li v-for="held in people" :key="held.id">
        <span><LevelTally :level="held.level" /> {{ held.name }}</span>
        <Button
          icon="pi pi-minus"
          variant="text"
          severity="secondary"
          :aria-label="$t('count.one_round_less_for_name', { name: held.name })"
          @click="taps.undo((tap) => tap.block === block && tap.person_id === held.id && !tap.station)"
        />
        <Button
          variant="outlined"
          class="tap"
          :aria-label="
            $t('count.a_round_for_name_rounds_of_so', {
              name: held.name,
              rounds_of: roundsOf(held.id),
            })
          "
          @click="taps.add({ block, level: held.level, amount: 1, person_id: held.id })"
          ><span class="figure">{{ roundsOf(held.id) }}</span></Button
        >
      </li>
    </ul>
  </div>
</template>

<style scoped>
.people {
  columns: 20rem;
  column-gap: var(--space-5);
}
.people li {
  display: grid;
  grid-template-columns: 1fr auto 4rem;
  align-items: center;
  gap: var(--space-2);
  border-bottom: 1px solid var(--rule-soft);
  padding: var(--space-1) 0;
  break-inside: avoid;
}
.tap .figure {
  font-size: var(--size-2);
}
</style>
