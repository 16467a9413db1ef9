<script setup lang="ts">
import { t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { useClasses, usePeople, useWorkouts } from '@/lib/api/queries'
import type { ClassLine } from '@/lib/api/types'
import type { Typed } from '@/lib/typed'
import NumberField from '@/ui/NumberField.vue'
import ClassForm from './ClassForm.vue'
import { bodyOf, emptyFields, MOST_WEEKS, weeksAfter } from './fields'
import PlacesDialog from './PlacesDialog.vue'
import { clockText, dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useAttempt } from '@/lib/useAttempt'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import { useUndoToast } from '@/lib/useUndoToast'
import { useSession } from '@/lib/session'

const router = useRouter()
const queries = useQueryClient()
const undoable = useUndoToast()
const session = useSession()
const classes = useClasses()
const workouts = useWorkouts()
const people = usePeople()
const { attempt, busy, errors } = useAttempt()

const words = ref('')
const HOURS_AFTER = 3
const now = Date.now()
const answers = (held: ClassLine) =>
  [held.title, held.place?.name, held.leader?.name].some((text) =>
    text?.toLowerCase().includes(words.value.trim().toLowerCase()),
  )
const found = computed(() => (classes.data.value ?? []).filter(answers))
const isOver = (held: ClassLine) => new Date(held.starts_at ?? 0).getTime() < now - HOURS_AFTER * 3_600_000
const coming = computed(() => found.value.filter((held) => !isOver(held)).reverse())
const past = computed(() => found.value.filter(isOver))

const adding = ref(false)
const placing = ref(false)
const fields = ref(emptyFields())
const workoutId = ref<string | null>(null)
const weeks = ref<Typed>(1)
const everybody = ref(true)
const ready = computed(() => (workouts.data.value ?? []).filter((workout) => workout.ready))

function openNew() {
  fields.value = { ...emptyFields(), leaderId: session.session?.instructor.id ?? null }
  workoutId.value = ready.value[0]?.id ?? null
  adding.value = true
}

const weeksError = computed(() =>
  Number.isInteger(weeks.value) && (weeks.value as number) >= 1 && (weeks.value as number) <= MOST_WEEKS
    ? undefined
    : t('classes.must_be_a_whole_number_from', { most_weeks: MOST_WEEKS }),
)
const add = () =>
  attempt(async () => {
    if (weeksError.value) return
    const made = await ask(
      api.POST('/api/classes', {
        body: {
          ...bodyOf(fields.value),
          workout_id: workoutId.value ?? '',
          also_at: weeksAfter(fields.value, weeks.value as number),
          people: everybody.value ? (people.data.value?.people ?? []).slice(0, 60).map((person) => person.id) : [],
        },
      }),
    )
    adding.value = false
    await queries.invalidateQueries({ queryKey: ['classes'] })
    await router.push({ name: 'class', params: { id: made.id } })
  })

const cancel = (held: ClassLine) =>
  attempt(async () => {
    const params = { path: { id: held.id } }
    await ask(api.DELETE('/api/classes/{id}', { params }))
    undoable(t('classes.title_called_off', { title: held.title }), async () => {
      await ask(api.POST('/api/classes/{id}/restore', { params }))
      await queries.invalidateQueries({ queryKey: ['classes'] })
    })
    await queries.invalidateQueries({ queryKey: ['classes'] })
  })

useShortcuts([
  { keys: 'n', label: t('classes.new_class'), matches: plainKey('n'), run: openNew },
  {
    keys: '/',
    label: t('common.search'),
    matches: plainKey('/'),
    run: () => window.document.getElementById('search')?.focus(),
  },
])
</script>

<template>
  <div class="page">
    <div class="row spread">
      <h1>{{ $t('common.classes') }}</h1>
      <span v-if="session.plans" class="row">
        <Button :label="$t('classes.places')" variant="outlined" @click="placing = true" />
        <Button :label="$t('classes.new_class')" icon="pi pi-plus" aria-keyshortcuts="n" @click="openNew" />
      </span>
    </div>
    <PageState :loading="classes.isPending.value" :error="classes.error.value" @retry="classes.refetch()">
      <p class="tools">
        <InputText
          id="search"
          v-model="words"
          type="search"
          :placeholder="$t('classes.search_circuits_places_people_who_lead')"
          :aria-label="$t('classes.search_circuits_places_people_who_lead')"
          aria-keyshortcuts="/"
        />
      </p>
      <section
        v-for="part in [
          { title: $t('classes.coming_classes'), to_come: true, held: coming, none: $t('classes.no_class_is_coming') },
          { title: $t('classes.past_classes'), to_come: false, held: past, none: $t('classes.no_class_has_been_yet') },
        ]"
        :key="part.title"
        :aria-label="part.title"
      >
        <h2>{{ part.title }}</h2>
        <div
          v-if="part.held.length"
          class="scroll-x"
          tabindex="0"
          role="region"
          :aria-label="$t('classes.title_table', { title: part.title })"
        >
          <table class="ledger stacks">
            <thead>
              <tr>
                <th scope="col">{{ $t('common.when') }}</th>
                <th scope="col">{{ $t('classes.circuit') }}</th>
                <th scope="col">{{ $t('classes.where') }}</th>
                <th scope="col">{{ $t('classes.leads') }}</th>
                <th scope="col" class="number">{{ $t('classes.takes') }}</th>
                <th scope="col" class="number">{{ $t('common.people') }}</th>
                <th scope="col">
                  <span class="visually-hidden">{{ $t('classes.what_to_do') }}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="held in part.held" :key="held.id">
                <td>{{ dayText(held.starts_at) }}</td>
                <th scope="row">
                  <RouterLink :to="{ name: 'class', params: { id: held.id } }">{{ held.title }}</RouterLink>
                  <span v-if="held.series" class="small quiet weekly">{{ $t('classes.weekly') }}</span>
                </th>
                <td class="small">{{ held.place?.name ?? '–' }}</td>
                <td class="small">{{ held.leader?.name ?? '–' }}</td>
                <td class="number">
                  {{ clockText(held.total_s)
                  }}<span v-if="held.slot_minutes" class="small quiet">
                    {{ $t('classes.of_slot_minutes_min', { slot_minutes: held.slot_minutes }) }}</span
                  >
                </td>
                <td class="number">
                  {{ held.coming }}<span class="stacked-only small quiet">{{ ' ' }}{{ $t('classes.coming') }}</span>
                </td>
                <td>
                  <RouterLink
                    v-if="part.to_come && session.plans"
                    class="small"
                    :to="{ name: 'fit', params: { id: held.id } }"
                    :aria-label="
                      $t('classes.fit_sheet_of_title_starts_at', {
                        title: held.title,
                        starts_at: dayText(held.starts_at),
                      })
                    "
                    >{{ $t('common.fit_sheet') }}</RouterLink
                  >
                  <Button
                    v-if="part.to_come && session.plans"
                    icon="pi pi-times"
                    :aria-label="
                      $t('classes.call_off_title_starts_at', { title: held.title, starts_at: dayText(held.starts_at) })
                    "
                    variant="text"
                    severity="secondary"
                    size="small"
                    @click="cancel(held)"
                  />
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <p v-else class="quiet">{{ words ? $t('classes.none_answers_to_that_search') : part.none }}</p>
      </section>
      <p v-if="classes.hasNextPage.value">
        <Button
          :label="$t('common.show_older')"
          size="small"
          variant="outlined"
          severity="secondary"
          :loading="classes.isFetchingNextPage.value"
          @click="classes.fetchNextPage()"
        />
      </p>
    </PageState>

    <Dialog v-model:visible="adding" modal :header="$t('classes.new_class')" :style="{ width: 'min(44rem, 96vw)' }">
      <form class="form" @submit.prevent="add">
        <Select
          v-model="workoutId"
          :options="ready"
          option-label="title"
          option-value="id"
          filter
          :placeholder="$t('classes.circuit')"
          :aria-label="$t('classes.circuit')"
          :invalid="errors.has('/workout_id')"
        />
        <p v-if="errors.get('/workout_id')" class="small warn-text" role="alert">
          {{ $t('classes.the_circuit_get', { get: errors.get('/workout_id') }) }}
        </p>
        <ClassForm v-model="fields" :errors="errors" />
        <p class="row">
          <NumberField v-model="weeks" :label="$t('classes.weekly_how_many_times')" :error="weeksError" />
          <label class="row small"
            ><input v-model="everybody" type="checkbox" /> {{ $t('classes.everybody_who_trains_here_is_on') }}</label
          >
        </p>
        <div class="row end">
          <Button :label="$t('classes.leave_it')" severity="secondary" variant="outlined" @click="adding = false" />
          <Button type="submit" :label="$t('classes.add_the_class')" :loading="busy" />
        </div>
      </form>
    </Dialog>
    <PlacesDialog v-model:visible="placing" />
  </div>
</template>

<style scoped>
.weekly {
  margin-left: var(--space-2);
  font-weight: 400;
}
.tools {
  margin: var(--space-3) 0;
}
.tools input {
  width: min(24rem, 100%);
}
section {
  margin-top: var(--space-4);
}
.form {
  display: grid;
  gap: var(--space-3);
}
.end {
  justify-content: flex-end;
}
</style>
