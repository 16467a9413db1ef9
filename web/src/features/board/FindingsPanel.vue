<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Finding } from '@/lib/api/types'
import { useBoard } from './useBoard'

const board = useBoard()
const findings = computed(() => board.preview.preview.value?.findings ?? [])
const WORDS: Record<Finding['severity'], string> = {
  stop: t('board.cannot_run'),
  warn: t('board.look_at_this'),
  note: t('common.note'),
}

/** A fix belongs to the document that was looked at; on a newer one it waits for the new look. */
const current = computed(() => board.preview.of.value === board.document.value)
</script>

<template>
  <section :aria-label="$t('board.findings')">
    <h2>
      {{ $t('board.findings') }} <span class="quiet count">{{ findings.length || $t('board.none') }}</span>
    </h2>
    <ol v-if="findings.length" class="list">
      <li v-for="(finding, index) in findings" :key="finding.rule + finding.place.pointer" :class="finding.severity">
        <p>
          <span class="small severity">{{ WORDS[finding.severity] }} · {{ finding.place.label }}</span
          ><br /><b>{{ finding.what }}</b>
        </p>
        <p class="small quiet">{{ finding.why }}</p>
        <Button
          v-if="finding.fix"
          :disabled="!current"
          :aria-keyshortcuts="index < 9 ? $t('board.alt_index', { index: index + 1 }) : undefined"
          size="small"
          variant="outlined"
          @click="board.applyFix(finding)"
        >
          <span>{{ finding.fix.label }}</span>
          <kbd v-if="index < 9" aria-hidden="true">{{ $t('board.alt_index_2', { index: index + 1 }) }}</kbd>
        </Button>
      </li>
    </ol>
    <p v-else class="small quiet">{{ $t('board.nothing_stands_out_a_review_sees') }}</p>
  </section>
</template>

<style scoped>
h2 {
  font-size: var(--size-1);
}
.count {
  font-weight: 400;
}
.list {
  list-style: none;
  margin: var(--space-2) 0 0;
  padding: 0;
  display: grid;
  gap: var(--space-3);
}
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
</style>
