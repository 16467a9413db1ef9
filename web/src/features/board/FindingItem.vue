<script setup lang="ts">
import { t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { api, ask, wording } from '@/lib/api/client'
import type { Finding } from '@/lib/api/types'
import { useBoard } from './useBoard'

// One finding: what, why, and what may be done about it.
defineProps<{ finding: Finding; number: number }>()
const board = useBoard()
const toast = useToast()
const queries = useQueryClient()
const WORDS: Record<Finding['severity'], string> = {
  stop: t('board.cannot_run'),
  warn: t('board.look_at_this'),
  note: t('common.note'),
}
const SOURCES: Record<Finding['source'], string> = {
  arithmetic: t('board.source_arithmetic'),
  standard: t('board.source_standard'),
  model: t('board.source_model'),
  safety: t('board.source_safety'),
  house: t('board.source_house'),
}
async function turnOff(finding: Finding) {
  try {
    await ask(api.PUT('/api/house/rules', { body: { rule: finding.rule as never, off: true } }))
    await Promise.all([board.preview.refresh(), queries.invalidateQueries({ queryKey: ['house'] })])
    toast.add({
      severity: 'secondary',
      summary: t('board.not_told_in_this_studio'),
      detail: t('board.on_again_under_standards'),
      life: 5000,
    })
  } catch (error) {
    toast.add({ severity: 'warn', summary: t('common.that_did_not_work'), detail: wording(error), life: 6000 })
  }
}
</script>

<template>
  <li :class="finding.severity">
    <p>
      <span class="small severity">{{ WORDS[finding.severity] }} · {{ finding.place.label }}</span
      ><br /><b>{{ finding.what }}</b>
    </p>
    <Button
      v-if="board.fixOf(finding)"
      :disabled="!board.fixesCurrent.value"
      :aria-keyshortcuts="number < 10 ? $t('board.alt_index', { index: number }) : undefined"
      size="small"
      variant="outlined"
      @click="board.applyFix(finding)"
    >
      <span>{{ board.fixOf(finding)!.label }}</span>
      <kbd v-if="number < 10" aria-hidden="true">{{ $t('board.alt_index_2', { index: number }) }}</kbd>
    </Button>
    <details class="small">
      <summary>{{ $t('board.why') }}</summary>
      <p class="quiet">{{ finding.why }} {{ SOURCES[finding.source] }}</p>
      <template v-if="finding.severity !== 'stop'">
        <button type="button" class="link" @click="board.leaveAsIs(finding)">
          {{ $t('board.not_for_this_class') }}
        </button>
        <button type="button" class="link" @click="turnOff(finding)">{{ $t('board.not_for_us') }}</button>
      </template>
    </details>
  </li>
</template>

<style scoped>
li {
  border-left: 3px solid var(--rule);
  padding-left: var(--space-3);
  display: grid;
  gap: var(--space-1);
  justify-items: start;
}
li.warn,
li.stop {
  border-color: var(--warn);
}
.stop .severity,
.warn .severity {
  color: var(--warn);
  font-weight: 600;
}
summary {
  cursor: pointer;
  min-height: 1.5rem;
}
details .link {
  margin-right: var(--space-3);
  min-height: 1.5rem;
}
</style>
