<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import Select from 'primevue/select'
import { computed, ref, toRef } from 'vue'
import { RouterLink } from 'vue-router'
import { planOf, plannedSecond } from '@/features/floor/plan'
import { elapsed, fold, started } from '@/lib/running/fold'
import { timeNow } from '@/lib/timeSource'
import { useRunEvents } from '@/features/floor/useRunEvents'
import { useTaps } from '@/features/floor/useTaps'
import { useVersions } from '@/features/floor/useVersions'
import { LEVELS, type Level, type Movement, type Person, type Run } from '@/lib/api/types'
import CountRounds from './CountRounds.vue'
import CountTotals from './CountTotals.vue'

// The instructor's own view, on a phone: rounds per person, and totals ticked
// off in sets through the day, with what is left always shown.
const props = defineProps<{ run: Run; movements: Movement[]; people: Person[] }>()
const emit = defineEmits<{ replan: [] }>()
const run = toRef(props, 'run')
const feed = useRunEvents(run, () => emit('replan'))
/** The second of the plan, where a clock runs: a finish is known to the second. */
function atS(): number | undefined {
  const state = fold(feed.events.value)
  if (!started(state)) return undefined
  return plannedSecond(planOf(props.run, state.additions), elapsed(state, timeNow()))
}
const taps = useTaps(feed, atS)
const versions = useVersions(run, toRef(props, 'movements'))
const preview = (block: string) => props.run.preview.blocks.find((held) => held.id === block)
const counted = computed(() =>
  props.run.document.blocks.filter((block) => preview(block.id)?.tally || preview(block.id)?.paced),
)

/** Whose sets are ticked off: a whole level's, or one person's. */
const who = ref<string>('intermediate')
const whoOptions = computed(() => [
  ...LEVELS.map((level) => ({
    value: level as string,
    label: t('count.everyone_at_level_level', { level: readable(level) }),
  })),
  ...props.people.map((person) => ({ value: person.id, label: person.name })),
])
const person = computed(() => props.people.find((held) => held.id === who.value))
const level = computed<Level>(() => person.value?.level ?? (who.value as Level))
</script>

<template>
  <div>
    <div class="row spread">
      <h1>{{ run.title }}</h1>
      <span class="row">
        <RouterLink v-if="run.total_s" :to="{ name: 'floor', params: { id: run.id } }">{{
          $t('count.to_the_floor')
        }}</RouterLink>
        <RouterLink :to="{ name: 'log', params: { id: run.id } }">{{ $t('count.log_it') }}</RouterLink>
      </span>
    </div>
    <p class="small" role="status">
      <span v-if="taps.away.value" class="warn-text">{{ $t('count.the_server_does_not_answer_taps') }}</span>
    </p>
    <p class="small quiet">{{ $t('count.stop_for_chest_pain_dizziness_unusual') }}</p>
    <p v-if="!counted.length">{{ $t('count.nothing_in_this_class_is_counted') }}</p>

    <section v-for="block in counted" :key="block.id" :aria-label="block.title ?? $t('count.block')">
      <h2>{{ block.title }}</h2>
      <CountRounds
        v-if="!preview(block.id)?.tally || preview(block.id)?.tally === 'rounds'"
        :block="block.id"
        :people="people"
        :taps="taps"
      />
      <template v-else>
        <label class="who small"
          >{{ $t('count.for') }}
          <Select
            v-model="who"
            :options="whoOptions"
            option-label="label"
            option-value="value"
            :aria-label="$t('count.whose_sets')"
            filter
          />
        </label>
        <CountTotals :preview="preview(block.id)!" :level="level" :person="person" :versions="versions" :taps="taps" />
      </template>
    </section>
  </div>
</template>

<style scoped>
section {
  border-top: 2px solid var(--ink);
  padding: var(--space-3) 0;
  margin-top: var(--space-4);
}
.who {
  display: inline-flex;
  align-items: center;
  gap: var(--space-2);
  margin: var(--space-2) 0;
}
</style>
