<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import type { FitCell, FitPerson, FitWays } from '@/lib/api/types'
import { dateText } from '@/lib/clockText'
import { plural, t } from '@/lib/text'
import LevelTally from '@/ui/LevelTally.vue'
import type { Fit } from './useFit'
import { useWays } from './useWays'

// Every way in which somebody could do a station, with what it would leave or why it may not be given; and the last time.
const props = defineProps<{ fit: Fit; person: FitPerson; cell: FitCell }>()
const now = computed(() => props.fit.shown(props.person, props.cell))
const opened = useWays(
  () => props.fit.id,
  () => props.person,
  () => props.cell,
)
type Way = FitWays['ways'][number]
const ways = computed(() => opened.data.value?.ways ?? [])
const groups = computed(() =>
  [
    { own: true, label: t('fit.ladder_hardest_first') },
    { own: false, label: t('fit.instead_from_other_ladders') },
  ]
    .map(({ own, label }) => ({ own, label, ways: ways.value.filter((way) => way.own_ladder === own) }))
    .filter((group) => group.ways.length),
)
const elsewhere = computed(
  () => now.value.variation && !ways.value.some((way) => way.variation === now.value.variation) && now.value.name,
)
/** What a way would leave, or why it may not be given. */
function verdict(way: Way) {
  if (way.why) return way.why
  if (way.left === null) return ''
  const unit = ['hold', 'work'].includes(way.unit) ? t('common.s') : ''
  if (way.left <= 0) return t('fit.number_leaves_none', { number: way.number ?? '' })
  return t('fit.number_leaves_left', { number: way.number ?? '', left: `${way.left}${unit && ` ${unit}`}` })
}
const QUESTIONS = [
  { key: 'so_easy', label: t('fit.why_so_easy') },
  { key: 'so_hard', label: t('fit.why_so_hard') },
] as const
/** The question that is asked of this cell. */
const asked = ref<(typeof QUESTIONS)[number]['key'] | null>(null)
watch(
  () => `${props.person.id}/${props.cell.block}/${props.cell.station}`,
  () => (asked.value = null),
)
const last = computed(() => {
  const held = opened.data.value?.last
  if (!held) return ''
  const done = held.reps === null ? `${held.seconds} ${t('common.s')}` : plural(held.reps, 'rep')
  const left = held.left === null ? '' : t('fit.left_left', { left: held.left })
  return t('fit.last_time', { day: dateText(held.day), name: held.name, done }) + left
})
</script>

<template>
  <div class="ways">
    <div v-if="opened.data.value" class="row">
      <Button
        v-for="question in QUESTIONS"
        :key="question.key"
        :label="question.label"
        size="small"
        variant="text"
        :aria-expanded="asked === question.key"
        @click="asked = asked === question.key ? null : question.key"
      />
    </div>
    <p v-if="asked && opened.data.value" class="small" role="status">{{ opened.data.value[asked] }}</p>
    <p v-if="last" class="small">{{ last }}</p>
    <ol v-for="group in groups" :key="group.label" class="ladder" :aria-label="group.label">
      <li
        v-for="way in group.ways"
        :key="way.variation"
        :class="{ here: way.variation === now.variation, out: way.why }"
        :aria-current="way.variation === now.variation ? 'true' : undefined"
      >
        <button
          type="button"
          :disabled="cell.kind === 'waits' || way.spared"
          @click="fit.send(person, cell, { variation: way.variation, number: way.number ?? undefined })"
        >
          <LevelTally :level="way.level" /> {{ way.name }}
        </button>
        <span class="small quiet">{{ verdict(way) }}</span>
      </li>
    </ol>
    <p v-if="elsewhere" class="small">{{ $t('fit.from_another_ladder_elsewhere', { elsewhere }) }}</p>
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  gap: var(--space-2);
}
.ways p {
  margin: 0;
}
.ladder {
  list-style: none;
  padding: 0;
  margin: 0;
}
.ladder li {
  border-left: 4px solid var(--rule-soft);
  padding-left: var(--space-2);
}
.ladder li.here {
  border-left-color: var(--accent);
  background: var(--paper-raised);
  font-weight: 700;
}
.ladder button {
  border: 0;
  background: none;
  font: inherit;
  color: var(--ink);
  text-align: left;
  min-height: 1.6rem;
  padding: 0 var(--space-1);
  cursor: pointer;
}
.ladder .out button {
  color: var(--ink-soft);
}
.ladder button:disabled {
  cursor: not-allowed;
}
</style>
