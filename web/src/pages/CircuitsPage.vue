<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask, wording } from '@/api/client'
import { useWorkouts } from '@/api/queries'
import { emptyDocument } from '@/board/document'
import { clockText, dayText, plural } from '@/components/clockText'
import PageState from '@/components/PageState.vue'
import { useOpenRun } from '@/composables/useOpenRun'
import { plainKey, useShortcuts } from '@/composables/useShortcuts'
import { useUndoToast } from '@/composables/useUndoToast'
import type { WorkoutLine } from '@/api/types'

const router = useRouter()
const toast = useToast()
const undoable = useUndoToast()
const queries = useQueryClient()
const workouts = useWorkouts()
const { openRun } = useOpenRun()

const words = ref('')
const order = ref<'changed' | 'title' | 'length'>('changed')
const ORDERS = [
  { value: 'changed', label: 'Last changed first' },
  { value: 'title', label: 'By title' },
  { value: 'length', label: 'Shortest first' },
]
const COMPARE: Record<typeof order.value, (one: WorkoutLine, other: WorkoutLine) => number> = {
  changed: (one, other) => (other.updated_at ?? '').localeCompare(one.updated_at ?? ''),
  title: (one, other) => one.title.localeCompare(other.title),
  length: (one, other) => one.total_s - other.total_s,
}
const shown = computed(() =>
  (workouts.data.value ?? [])
    .filter((workout) => workout.title.toLowerCase().includes(words.value.trim().toLowerCase()))
    .sort(COMPARE[order.value]),
)

async function attempt(work: () => Promise<void>) {
  try {
    await work()
  } catch (error) {
    toast.add({ severity: 'warn', summary: 'That did not work', detail: wording(error), life: 6000 })
  }
}

const make = () =>
  attempt(async () => {
    const workout = await ask(api.POST('/api/workouts', { body: { document: emptyDocument('New circuit') } }))
    await router.push({ name: 'board', params: { id: workout.id } })
  })

const copy = (workout: WorkoutLine) =>
  attempt(async () => {
    const made = await ask(api.POST('/api/workouts', { body: { copy_of: workout.id } }))
    await queries.invalidateQueries({ queryKey: ['workouts'] })
    toast.add({ severity: 'success', summary: 'Copied', detail: made.title, life: 4000 })
  })

const remove = (workout: WorkoutLine) =>
  attempt(async () => {
    const params = { path: { id: workout.id } }
    await ask(api.DELETE('/api/workouts/{id}', { params }))
    undoable(`«${workout.title}» deleted`, async () => {
      await ask(api.POST('/api/workouts/{id}/restore', { params }))
      await queries.invalidateQueries({ queryKey: ['workouts'] })
    })
    await queries.invalidateQueries({ queryKey: ['workouts'] })
  })

useShortcuts([
  { keys: 'n', label: 'New circuit', matches: plainKey('n'), run: () => void make() },
  { keys: '/', label: 'Search', matches: plainKey('/'), run: () => window.document.getElementById('search')?.focus() },
])
</script>

<template>
  <div class="page">
    <div class="row spread">
      <h1>Circuits</h1>
      <Button label="New circuit" icon="pi pi-plus" aria-keyshortcuts="n" @click="make" />
    </div>
    <PageState :loading="workouts.isPending.value" :error="workouts.error.value" @retry="workouts.refetch()">
      <div class="row tools">
        <InputText
          id="search"
          v-model="words"
          type="search"
          placeholder="Search titles"
          aria-label="Search titles"
          aria-keyshortcuts="/"
        />
        <Select v-model="order" :options="ORDERS" option-label="label" option-value="value" aria-label="Order" />
        <span class="quiet small" role="status">{{ plural(shown.length, 'circuit') }}</span>
      </div>
      <div v-if="shown.length" class="scroll-x">
        <table class="ledger">
          <thead>
            <tr>
              <th scope="col">Title</th>
              <th scope="col" class="number">Takes</th>
              <th scope="col" class="number">Slot</th>
              <th scope="col" class="number">Stations</th>
              <th scope="col">Changed</th>
              <th scope="col"><span class="visually-hidden">What to do with it</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="workout in shown" :key="workout.id">
              <td>
                <RouterLink :to="{ name: 'board', params: { id: workout.id } }">{{ workout.title }}</RouterLink>
                <span v-if="!workout.ready" class="small quiet"> · draft</span>
              </td>
              <td class="number">{{ clockText(workout.total_s) }}</td>
              <td class="number">{{ workout.slot_minutes ? `${workout.slot_minutes} min` : '–' }}</td>
              <td class="number">{{ workout.stations }}</td>
              <td class="small quiet">
                {{ dayText(workout.updated_at)
                }}<template v-if="workout.updated_by">, {{ workout.updated_by }}</template>
              </td>
              <td class="actions">
                <Button
                  label="Run"
                  :aria-label="`Run ${workout.title}`"
                  :disabled="!workout.ready"
                  size="small"
                  variant="outlined"
                  @click="openRun(workout.id)"
                />
                <Button
                  icon="pi pi-copy"
                  :aria-label="`Duplicate ${workout.title}`"
                  size="small"
                  variant="text"
                  severity="secondary"
                  @click="copy(workout)"
                />
                <Button
                  icon="pi pi-trash"
                  :aria-label="`Delete ${workout.title}`"
                  size="small"
                  variant="text"
                  severity="secondary"
                  @click="remove(workout)"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-else-if="words" class="quiet">No circuit has «{{ words }}» in its title.</p>
      <p v-else class="quiet">No circuits yet. Press <kbd>n</kbd> for a new one.</p>
    </PageState>
  </div>
</template>

<style scoped>
.tools {
  margin: var(--space-4) 0 var(--space-2);
}
.actions {
  white-space: nowrap;
  text-align: right;
}
</style>
