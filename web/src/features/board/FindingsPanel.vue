<script setup lang="ts">
import { t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed } from 'vue'
import { api, ask, wording } from '@/lib/api/client'
import type { Finding } from '@/lib/api/types'
import { byTopic, inOrder } from './findings'
import { useBoard } from './useBoard'

// What the review found, by what it is about; each may be mended, left as it is, or turned off for the studio.
const board = useBoard()
const toast = useToast()
const queries = useQueryClient()
const findings = computed(() => board.preview.preview.value?.findings ?? [])
const topics = computed(() => byTopic(findings.value))
const numbers = computed(() => new Map(inOrder(findings.value).map((finding, index) => [finding.key, index + 1])))
const numberOf = (finding: Finding) => numbers.value.get(finding.key)!
const WORDS: Record<Finding['severity'], string> = {
  stop: t('board.cannot_run'),
  warn: t('board.look_at_this'),
  note: t('common.note'),
}
const TOPICS: Record<Finding['topic'], string> = {
  plan: t('board.topic_plan'),
  numbers: t('board.topic_numbers'),
  time: t('board.topic_time'),
  levels: t('board.topic_levels'),
  balance: t('board.topic_balance'),
  order: t('board.topic_order'),
  opening: t('board.topic_opening'),
  kit: t('board.topic_kit'),
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
  <section :aria-label="$t('board.findings')">
    <h2>
      {{ $t('board.findings') }} <span class="quiet count">{{ findings.length || $t('board.none') }}</span>
    </h2>
    <section v-for="{ topic, findings: found } in topics" :key="topic" class="topic" :aria-label="TOPICS[topic]">
      <h3 class="small quiet">{{ TOPICS[topic] }}</h3>
      <ol class="list">
        <li v-for="finding in found" :key="finding.key" :class="finding.severity">
          <p>
            <span class="small severity">{{ WORDS[finding.severity] }} · {{ finding.place.label }}</span
            ><br /><b>{{ finding.what }}</b>
          </p>
          <Button
            v-if="board.fixOf(finding)"
            :disabled="!board.fixesCurrent.value"
            :aria-keyshortcuts="
              numberOf(finding) < 10 ? $t('board.alt_index', { index: numberOf(finding) }) : undefined
            "
            size="small"
            variant="outlined"
            @click="board.applyFix(finding)"
          >
            <span>{{ board.fixOf(finding)!.label }}</span>
            <kbd v-if="numberOf(finding) < 10" aria-hidden="true">{{
              $t('board.alt_index_2', { index: numberOf(finding) })
            }}</kbd>
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
      </ol>
    </section>
    <p v-if="!findings.length" class="small quiet">{{ $t('board.nothing_stands_out_a_review_sees') }}</p>
    <p v-if="board.leftAsIs.value.length" class="small quiet">
      {{ $t('board.left_as_they_are', { count: board.leftAsIs.value.length }, board.leftAsIs.value.length) }}
      <button type="button" class="link" @click="board.tellAgain">{{ $t('board.tell_again') }}</button>
    </p>
  </section>
</template>

<style scoped>
h2 {
  font-size: var(--size-1);
}
h3 {
  font-weight: 600;
  margin: var(--space-2) 0 var(--space-1);
}
.count {
  font-weight: 400;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-2);
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
summary {
  cursor: pointer;
  min-height: 1.5rem;
}
details .link {
  margin-right: var(--space-3);
  min-height: 1.5rem;
}
</style>
