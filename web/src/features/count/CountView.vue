<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { fetchRun } from '@/lib/api/runs'
import { useMovements } from '@/lib/api/queries'
import NumberField from '@/ui/NumberField.vue'
import type { Typed } from '@/lib/typed'
import LevelTally from '@/ui/LevelTally.vue'
import PageState from '@/ui/PageState.vue'
import { nextSet } from '@/features/floor/nextSet'
import { useTicks } from '@/features/floor/useTicks'
import { useVersions } from '@/features/floor/useVersions'
import { LEVELS, type Level, type Run } from '@/lib/api/types'

const { id } = defineProps<{ id: string }>()

// The instructor's own view, on a phone: rounds per person, and totals ticked
// off in sets through the day, with what is left always shown.
const toast = useToast()
const run = useQuery({
  queryKey: ['run', id, 'count'],
  queryFn: () => fetchRun(id),
  staleTime: Infinity,
})
const movements = useMovements()
const people = useQuery({ queryKey: ['people'], queryFn: async () => (await ask(api.GET('/api/people'))).people })
const ticks = useTicks(id)

const versions = computed(() =>
  run.data.value && movements.data.value ? useVersions(run.data.value as Run, movements.data.value) : null,
)
const preview = (block: string) => run.data.value?.preview.blocks.find((held) => held.id === block)
const counted = computed(() => (run.data.value?.document.blocks ?? []).filter((block) => preview(block.id)?.tally))

/** Whose sets are ticked off: a whole level's, or one person's. */
const who = ref<string>('intermediate')
const whoOptions = computed(() => [
  ...LEVELS.map((level) => ({
    value: level as string,
    label: t('count.everyone_at_level_level', { level: readable(level) }),
  })),
  ...(people.data.value ?? []).map((person) => ({ value: person.id, label: person.name })),
])
const person = computed(() => (people.data.value ?? []).find((held) => held.id === who.value))
const level = computed<Level>(() => person.value?.level ?? (who.value as Level))

const mine =
  (block: string, station?: string) =>
  (tick: { block: string; level: Level; station?: string | null; person_id?: string | null }) =>
    tick.block === block &&
    (tick.station ?? undefined) === station &&
    (person.value ? tick.person_id === person.value.id : !tick.person_id && tick.level === level.value)

interface Goal {
  station: string
  name: string
  goal: number
  minimum?: number
  maximum?: number
  sets: number[]
}
function goals(block: string): Goal[] {
  const shown = preview(block)
  return (shown?.stations ?? []).map((station) => {
    const plan = shown?.forecast?.[level.value].stations?.find((held) => held.station === station.id)
    return {
      station: station.id,
      name: versions.value?.version(block, station.id, level.value).name ?? station.name,
      goal: plan?.goal ?? station.levels[level.value].reps_counted,
      minimum: plan?.minimum,
      maximum: plan?.maximum,
      sets: plan?.sets ?? [],
    }
  })
}
const done = (block: string, station: string) => ticks.sum(mine(block, station))
const next = (block: string, goal: Goal) => nextSet(goal.sets, done(block, goal.station), goal.goal)

const typed = ref<Record<string, Typed>>({})
function add(block: string, station: string, amount: Typed) {
  if (typeof amount !== 'number' || !Number.isInteger(amount) || amount < 1 || amount > 1000) {
    toast.add({
      severity: 'warn',
      summary: t('count.not_counted'),
      detail: t('count.a_set_is_a_whole_number'),
      life: 4000,
    })
    return
  }
  ticks.add({ block, station, level: level.value, amount, person_id: person.value?.id })
  typed.value = { ...typed.value, [`${block}/${station}`]: undefined }
}

const roundsOf = (block: string, personId: string) =>
  ticks.sum((tick) => tick.block === block && tick.person_id === personId && !tick.station)
</script>

<template>
  <div class="page">
    <PageState
      :loading="run.isPending.value || movements.isPending.value"
      :error="run.error.value ?? movements.error.value"
      @retry="(run.refetch(), movements.refetch())"
    >
      <template v-if="run.data.value">
        <div class="row spread">
          <h1>{{ run.data.value.title }}</h1>
          <span class="row">
            <RouterLink v-if="run.data.value.total_s" :to="{ name: 'floor', params: { id } }">{{
              $t('count.to_the_floor')
            }}</RouterLink>
            <RouterLink :to="{ name: 'log', params: { id } }">{{ $t('count.log_it') }}</RouterLink>
          </span>
        </div>
        <p class="small" role="status">
          <span v-if="ticks.away.value" class="warn-text">{{ $t('count.the_server_does_not_answer_taps') }}</span>
        </p>
        <p class="small quiet">{{ $t('count.stop_for_chest_pain_dizziness_unusual') }}</p>
        <p v-if="!counted.length">{{ $t('count.nothing_in_this_class_is_counted') }}</p>

        <section v-for="block in counted" :key="block.id" :aria-label="block.title ?? $t('count.block')">
          <h2>{{ block.title }}</h2>
          <template v-if="preview(block.id)?.tally === 'rounds'">
            <p class="small quiet">{{ $t('count.a_tap_for_each_round_done') }}</p>
            <ul class="people">
              <li v-for="held in people.data.value ?? []" :key="held.id">
                <span><LevelTally :level="held.level" /> {{ held.name }}</span>
                <Button
                  icon="pi pi-minus"
                  variant="text"
                  severity="secondary"
                  :aria-label="$t('count.one_round_less_for_name', { name: held.name })"
                  @click="ticks.undo((tick) => tick.block === block.id && tick.person_id === held.id && !tick.station)"
                />
                <Button
                  variant="outlined"
                  class="tap"
                  :aria-label="
                    $t('count.a_round_for_name_rounds_of_so', {
                      name: held.name,
                      rounds_of: roundsOf(block.id, held.id),
                    })
                  "
                  @click="ticks.add({ block: block.id, level: held.level, amount: 1, person_id: held.id })"
                  ><span class="figure">{{ roundsOf(block.id, held.id) }}</span></Button
                >
              </li>
            </ul>
          </template>
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
            <ul class="totals">
              <li v-for="goal in goals(block.id)" :key="goal.station">
                <div class="line">
                  <b>{{ goal.name }}</b>
                  <span
                    ><span class="figure left" data-testid="left">{{
                      Math.max(0, goal.goal - done(block.id, goal.station))
                    }}</span>
                    {{ $t('count.left_of_goal', { goal: goal.goal }) }}{{ ' '
                    }}<span v-if="goal.minimum !== undefined" class="quiet small">
                      {{
                        $t('count.minimum_maximum_in_the_day', { minimum: goal.minimum, maximum: goal.maximum })
                      }}</span
                    ></span
                  >
                </div>
                <progress
                  :max="goal.goal"
                  :value="done(block.id, goal.station)"
                  :aria-label="$t('count.name_done', { name: goal.name })"
                />
                <div class="row">
                  <Button
                    v-if="next(block.id, goal)"
                    :label="$t('count.a_set_of_next_done', { next: next(block.id, goal) })"
                    :aria-label="$t('count.a_set_of_next_done_name', { next: next(block.id, goal), name: goal.name })"
                    @click="add(block.id, goal.station, next(block.id, goal))"
                  />
                  <span v-else class="small"
                    ><b>{{ $t('count.done_for_today') }}</b></span
                  >
                  <form class="row" @submit.prevent="add(block.id, goal.station, typed[`${block.id}/${goal.station}`])">
                    <NumberField
                      :label="$t('count.or_a_set_of')"
                      width="4rem"
                      :model-value="typed[`${block.id}/${goal.station}`]"
                      @update:model-value="typed = { ...typed, [`${block.id}/${goal.station}`]: $event }"
                    />
                    <Button
                      type="submit"
                      :label="$t('common.add')"
                      size="small"
                      variant="outlined"
                      :aria-label="$t('count.add_the_typed_set_of_name', { name: goal.name })"
                    />
                  </form>
                  <Button
                    :label="$t('count.take_the_last_back')"
                    size="small"
                    variant="text"
                    severity="secondary"
                    :disabled="!done(block.id, goal.station)"
                    :aria-label="$t('count.take_the_last_back_name', { name: goal.name })"
                    @click="ticks.undo(mine(block.id, goal.station))"
                  />
                </div>
              </li>
            </ul>
          </template>
        </section>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
section {
  border-top: 2px solid var(--ink);
  padding: var(--space-3) 0;
  margin-top: var(--space-4);
}
.people,
.totals {
  list-style: none;
  padding: 0;
  margin: var(--space-2) 0;
}
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
.totals li {
  display: grid;
  gap: var(--space-2);
  padding: var(--space-3) 0;
  border-bottom: 1px solid var(--rule-soft);
}
.line {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--space-2);
}
.left {
  font-size: var(--size-3);
}
progress {
  width: 100%;
  height: 0.7rem;
  accent-color: var(--accent);
}
.who {
  display: inline-flex;
  align-items: center;
  gap: var(--space-2);
  margin: var(--space-2) 0;
}
</style>
