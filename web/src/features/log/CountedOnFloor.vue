<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { fetchRunEvents } from '@/lib/api/runs'
import { standing } from '@/lib/running/fold'
import type { LogSheet, RunEvent } from '@/lib/api/types'

// Rounds and reps that were tapped while the run went on: by whom, and how many.
const props = defineProps<{ runId: string; sheet: LogSheet }>()
const events = useQuery({ queryKey: ['runs', props.runId, 'events'], queryFn: () => fetchRunEvents(props.runId) })

const who = (tap: RunEvent) =>
  props.sheet.people.find((person) => person.id === tap.person_id)?.name ??
  t('log.the_level', { level: readable(tap.level!) })
const what = (tap: RunEvent) =>
  props.sheet.stations.find((station) => station.block === tap.block && station.station === tap.station)?.name

const lines = computed(() => {
  const sums = new Map<string, { name: string; station: string | undefined; amount: number }>()
  for (const tap of standing(events.data.value ?? []).filter((event) => event.kind === 'tapped')) {
    const key = [tap.block, tap.station, tap.person_id ?? tap.level].join('/')
    const sum = sums.get(key) ?? { name: who(tap), station: what(tap), amount: 0 }
    sums.set(key, { ...sum, amount: sum.amount + tap.amount! })
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
