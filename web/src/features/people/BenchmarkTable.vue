<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { computed, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { Refusal, api, ask } from '@/lib/api/client'
import { useMovements } from '@/lib/api/queries'
import type { BenchmarkSheet } from '@/lib/api/types'
import type { Typed } from '@/lib/typed'
import NumberField from '@/ui/NumberField.vue'
import PageState from '@/ui/PageState.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { alongColumn } from './alongColumn'
import { SCREENING_WORDS, todayText } from './words'

// One sheet for a whole class: people down, tests across; a variation and a number.
const router = useRouter()
const toast = useToast()
const queries = useQueryClient()
const movements = useMovements()
const { attempt, busy, errors } = useAttempt()
// Once it is open, nothing that comes later may change it under the typing, nor pass for seen.
const sheet = useQuery({
  queryKey: ['benchmarks'],
  queryFn: () => ask(api.GET('/api/benchmarks')),
  staleTime: Infinity,
  gcTime: 0,
  refetchOnWindowFocus: false,
})

type Test = BenchmarkSheet['tests'][number]
type Tested = BenchmarkSheet['people'][number]
type Result = { variation: string; amount: number }
const takenOn = ref(todayText())
const numbers = ref<Record<string, Typed>>({})
const variations = ref<Record<string, string>>({})
/** Results of the day that somebody else entered meanwhile, as the server told of them. */
const seen = ref<Record<string, Result>>({})
watch(takenOn, () => (seen.value = {}))
const key = (person: Tested, test: Test) => `${person.id}/${test.id}`

const variationName = (id: string) =>
  (movements.data.value ?? []).flatMap((movement) => movement.ladder).find((variation) => variation.id === id)?.name ??
  id
/** Opens with the variation of last time, else the one in the middle. */
const variationOf = (person: Tested, test: Test) =>
  variations.value[key(person, test)] ??
  person.latest[test.id]?.variation ??
  test.variations[Math.floor((test.variations.length - 1) / 2)]!

/** What stands there for this very day, as far as is known. */
function shownOf(person: Tested, test: Test) {
  const latest = person.latest[test.id]
  const { variation, amount } = latest ?? {}
  return (
    seen.value[key(person, test)] ??
    (latest?.taken_on === takenOn.value ? ({ variation, amount } as Result) : undefined)
  )
}

const entries = computed(() =>
  (sheet.data.value?.people ?? []).flatMap((person) =>
    (sheet.data.value?.tests ?? [])
      .filter((test) => numbers.value[key(person, test)] !== undefined)
      .map((test) => ({
        person_id: person.id,
        test: test.id,
        variation: variationOf(person, test),
        amount: numbers.value[key(person, test)] as number,
        was: shownOf(person, test),
      })),
  ),
)
function errorOf(person: Tested, test: Test) {
  const index = entries.value.findIndex((entry) => entry.person_id === person.id && entry.test === test.id)
  if (index < 0) return undefined
  return [...errors.value].find(([pointer]) => pointer.startsWith(`/entries/${index}/`))?.[1]
}

type Unseen = { theirs: ({ person_id: string; test: string } & Result)[] }
async function send() {
  try {
    return await ask(api.POST('/api/benchmarks', { body: { taken_on: takenOn.value, entries: entries.value } }))
  } catch (error) {
    if (error instanceof Refusal && error.status === 409)
      for (const { person_id, test, ...result } of (error.problem as unknown as Unseen).theirs)
        seen.value = { ...seen.value, [`${person_id}/${test}`]: result }
    throw error
  }
}

const save = () =>
  attempt(async () => {
    const now = await send()
    const count = entries.value.length
    toast.add({
      severity: 'success',
      summary: t('common.saved'),
      detail: plural(count, 'result'),
      life: 3000,
    })
    numbers.value = {}
    seen.value = {}
    queries.setQueryData(['benchmarks'], now)
    await queries.invalidateQueries({ queryKey: ['person'] })
  })

const makeCircuit = () =>
  attempt(async () => {
    const made = await ask(api.POST('/api/benchmarks/circuit'))
    await queries.invalidateQueries({ queryKey: ['workouts'] })
    await router.push({ name: 'board', params: { id: made.id } })
  })
</script>

<template>
  <div class="page wide">
    <p class="small">
      <RouterLink :to="{ name: 'people' }">{{ $t('common.people') }}</RouterLink>
    </p>
    <div class="row spread">
      <h1>{{ $t('people.benchmarks') }}</h1>
      <span class="row">
        <Button :label="$t('people.as_a_circuit_of_ten_minutes')" variant="outlined" @click="makeCircuit" />
        <Button
          :label="entries.length ? $t('people.save_count', { count: entries.length }) : $t('common.save')"
          :disabled="!entries.length"
          :loading="busy"
          @click="save"
        />
      </span>
    </div>
    <p class="small quiet">
      {{ $t('people.below_their_most_and_stopped_when') }} <kbd>{{ $t('people.enter') }}</kbd>
      {{ $t('people.goes_down_a_column') }}
    </p>
    <PageState :loading="sheet.isPending.value" :error="sheet.error.value" @retry="sheet.refetch()">
      <template v-if="sheet.data.value">
        <p class="row">
          <TextField v-model="takenOn" :label="$t('people.taken_on')" type="date" :error="errors.get('/taken_on')" />
        </p>
        <p v-if="!sheet.data.value.people.length" class="quiet">{{ $t('people.there_is_nobody_in_this_studio') }}</p>
        <div
          v-else
          class="scroll-x"
          tabindex="0"
          role="region"
          :aria-label="$t('people.benchmark_sheet')"
          @keydown="alongColumn"
        >
          <table class="ledger">
            <thead>
              <tr>
                <th scope="col">{{ $t('common.name') }}</th>
                <th v-for="test in sheet.data.value.tests" :key="test.id" scope="col" :title="test.how">
                  {{ test.name }}
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="person in sheet.data.value.people" :key="person.id">
                <th scope="row">
                  {{ person.name
                  }}<span
                    v-if="['not_asked', 'see_instructor'].includes(person.screening)"
                    class="small warn-text block"
                    >{{ SCREENING_WORDS[person.screening] }}</span
                  >
                </th>
                <td v-for="test in sheet.data.value.tests" :key="test.id" :data-column="test.id">
                  <Select
                    v-if="test.variations.length > 1"
                    :model-value="variationOf(person, test)"
                    :options="test.variations.map((id) => ({ id, name: variationName(id) }))"
                    option-value="id"
                    option-label="name"
                    size="small"
                    class="variation"
                    :aria-label="$t('people.name_name_2_version', { name: test.name, name_2: person.name })"
                    @update:model-value="variations = { ...variations, [key(person, test)]: $event }"
                  />
                  <NumberField
                    :model-value="numbers[key(person, test)]"
                    :label="`${test.name}, ${person.name}`"
                    :hint="person.latest[test.id] ? String(person.latest[test.id]!.amount) : '–'"
                    :error="errorOf(person, test)"
                    hide-label
                    width="3.4rem"
                    @update:model-value="numbers = { ...numbers, [key(person, test)]: $event }"
                  />
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <p class="small quiet">{{ $t('people.pale_numbers_are_of_last_time') }}</p>
        <dl class="how small">
          <template v-for="test in sheet.data.value.tests" :key="test.id">
            <dt>{{ test.name }}</dt>
            <dd>{{ test.how }}</dd>
          </template>
        </dl>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.wide {
  max-width: 96rem;
}
.block {
  display: block;
  font-weight: 400;
}
td {
  vertical-align: top;
}
.variation {
  max-width: 9rem;
  display: flex;
  margin-bottom: 2px;
}
.how {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--space-1) var(--space-3);
}
dt {
  font-weight: 600;
}
dd {
  margin: 0;
}
@media (max-width: 44rem) {
  .how {
    grid-template-columns: 1fr;
  }
}
</style>
