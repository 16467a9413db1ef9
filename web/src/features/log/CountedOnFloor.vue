<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { LogSheet, Tick } from '@/lib/api/types'

// Rounds and reps that were tapped while the run went on: by whom, and how many.
const props = defineProps<{ runId: string; sheet: LogSheet }>()
const ticks = useQuery({
  queryKey: ['runs', props.runId, 'ticks'],
  queryFn: async () => (await ask(api.GET('/api/runs/{id}/ticks', { params: { path: { id: props.runId } } }))).ticks,
})

const who = (tick: Tick) =>
  props.sheet.people.find((person) => person.id === tick.person_id)?.name ??
  t('log.the_level', { level: readable(tick.level) })
const what = (tick: Tick) =>
  props.sheet.stations.find((station) => station.block === tick.block && station.station === tick.station)?.name

const lines = computed(() => {
  const sums = new Map<string, { name: string; station: string | undefined; amount: number }>()
  for (const tick of ticks.data.value ?? []) {
    const key = [tick.block, tick.station, tick.person_id ?? tick.level].join('/')
    const sum = sums.get(key) ?? { name: who(tick), station: what(tick), amount: 0 }
    sums.set(key, { ...sum, amount: sum.amount + tick.amount })
  }
  return [...sums.values()]
})
</script>

<template>
  <section v-if="lines.length" :aria-label="$t('log.counted_on_the_floor')">
    <h2>{{ $t('log.counted_on_the_floor') }}</h2>
    <ul>
      <li v-for="line in lines" :key="`${line.name}/${line.station}`">
        {{ line.name }}: <b>{{ line.amount }}</b>
        {{
          line.station
            ? $t('log.of_station', { station: line.station })
            : line.amount === 1
              ? $t('log.round')
              : $t('common.rounds')
        }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: var(--space-4);
}
ul {
  columns: 3 14rem;
  padding-left: 1.2em;
  margin: var(--space-2) 0 0;
}
</style>
