<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { computed } from 'vue'
import { readable } from '@/lib/readable'
import type { LogSheet, OwnEntry } from '@/lib/api/types'
import { keyOf, type Line } from './sheet'

// What a participant entered of their own, beside the instructor's: taken by one button, or left.
const props = defineProps<{ entry: OwnEntry; stations: LogSheet['stations'] }>()
const line = defineModel<Line>('line', { required: true })

const words = computed(() => {
  const { effort, pain, note, results } = props.entry
  const numbers = (results ?? []).map((held) => {
    const name = props.stations.find((station) => keyOf(station) === keyOf(held))?.name ?? ''
    return `${name} ${held.reps ?? t('log.seconds_s', { seconds: held.seconds ?? 0 })}`
  })
  return [
    effort === undefined ? '' : t('log.effort_effort', { effort }),
    ...numbers,
    pain ? t('log.pain_replace_all', { replace_all: readable(pain) }) : '',
    note ? `“${note}”` : '',
  ].filter(Boolean)
})

/** What the instructor has typed already stays. */
function take() {
  const { effort, pain, note, results } = props.entry
  const exceptions = { ...line.value.exceptions }
  for (const { block, station, ...numbers } of results ?? [])
    exceptions[`${block}/${station}`] = { ...numbers, ...exceptions[`${block}/${station}`] }
  line.value = {
    ...line.value,
    effort: line.value.effort ?? effort,
    pain: line.value.pain ?? pain ?? null,
    note: line.value.note || note || '',
    exceptions,
  }
}
</script>

<template>
  <p class="says small" data-testid="they-say">
    <b>{{ $t('log.they_say') }}</b> {{ words.join(' · ') }}
    <Button :label="$t('log.take_it')" size="small" variant="outlined" @click="take" />
  </p>
</template>

<style scoped>
.says {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  align-items: center;
  margin: var(--space-1) 0;
}
</style>
