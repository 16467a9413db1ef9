<script setup lang="ts">
import { t } from '@/lib/text'
import { computed } from 'vue'
import type { Finding } from '@/lib/api/types'
import FindingItem from './FindingItem.vue'
import { byTopic, inOrder } from './findings'
import { useBoard } from './useBoard'

// What the review found, by what it is about; each may be mended, left as it is, or turned off for the studio.
const board = useBoard()
const findings = computed(() => board.preview.preview.value?.findings ?? [])
const topics = computed(() => byTopic(findings.value))
const numbers = computed(() => new Map(inOrder(findings.value).map((finding, index) => [finding.key, index + 1])))
const numberOf = (finding: Finding) => numbers.value.get(finding.key)!
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
</script>

<template>
  <section :aria-label="$t('board.findings')">
    <h2>
      {{ $t('board.findings') }} <span class="quiet count">{{ findings.length || $t('board.none') }}</span>
    </h2>
    <section v-for="{ topic, findings: found, more } in topics" :key="topic" class="topic" :aria-label="TOPICS[topic]">
      <h3 class="small quiet">{{ TOPICS[topic] }}</h3>
      <ol class="list">
        <FindingItem v-for="finding in found" :key="finding.key" :finding="finding" :number="numberOf(finding)" />
      </ol>
      <details v-if="more.length" class="small">
        <summary>{{ $t('board.more_like_it', { n: more.length }) }}</summary>
        <ol class="list">
          <FindingItem v-for="finding in more" :key="finding.key" :finding="finding" :number="numberOf(finding)" />
        </ol>
      </details>
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
summary {
  cursor: pointer;
  min-height: 1.5rem;
}
</style>
