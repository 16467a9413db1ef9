<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { formatsQuery, useWorkouts } from '@/lib/api/queries'
import { emptyDocument } from '@/features/board/document'
import { isPredicted } from '@/features/board/formats'
import TagsField from './TagsField.vue'
import TemplatesDialog from './TemplatesDialog.vue'
import { clockText, dayText, plural } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useFormatNames } from '@/lib/useFormatNames'
import { useOpenRun } from '@/lib/useOpenRun'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import { useUndoToast } from '@/lib/useUndoToast'
import type { WorkoutLine } from '@/lib/api/types'

const router = useRouter()
const toast = useToast()
const undoable = useUndoToast()
const queries = useQueryClient()
const workouts = useWorkouts()
const { openRun } = useOpenRun()

const words = ref('')
const order = ref<'changed' | 'title' | 'length' | 'longest'>('changed')
const ORDERS = [
  { value: 'changed', label: 'Last changed first' },
  { value: 'title', label: 'By title' },
  { value: 'length', label: 'Shortest first' },
  { value: 'longest', label: 'Longest first' },
]
const COMPARE: Record<typeof order.value, (one: WorkoutLine, other: WorkoutLine) => number> = {
  changed: (one, other) => (other.updated_at ?? '').localeCompare(one.updated_at ?? ''),
  title: (one, other) => one.title.localeCompare(other.title),
  length: (one, other) => one.total_s - other.total_s,
  longest: (one, other) => other.total_s - one.total_s,
}
const format = ref<string | null>(null)
const tag = ref<string | null>(null)
const tags = computed(() => [...new Set((workouts.data.value ?? []).flatMap((workout) => workout.tags))].sort())
const has = (workout: WorkoutLine, sought: string) =>
  [workout.title, ...workout.tags].some((text) => text.toLowerCase().includes(sought))
const shown = computed(() =>
  (workouts.data.value ?? [])
    .filter((workout) => has(workout, words.value.trim().toLowerCase()))
    .filter((workout) => !format.value || workout.formats.includes(format.value))
    .filter((workout) => !tag.value || workout.tags.includes(tag.value))
    .sort(COMPARE[order.value]),
)
const { offered, named, labelOf } = useFormatNames()
const predicted = (workout: WorkoutLine) => workout.formats.some((id) => isPredicted(named(id)))
const formatNames = (workout: WorkoutLine) => workout.formats.map(labelOf).join(', ')

const templatesShown = ref(false)
/** Two circuits to lay side by side; a third choice lets the first go. */
const compared = ref<string[]>([])
function toggleCompared(id: string) {
  const rest = compared.value.filter((held) => held !== id)
  compared.value = rest.length < compared.value.length ? rest : [...rest, id].slice(-2)
}

const fromTemplate = (id: string) =>
  attempt(async () => {
    const workout = await ask(api.POST('/api/workouts', { body: { template: id } }))
    await router.push({ name: 'board', params: { id: workout.id } })
  })

const saveTags = (workout: WorkoutLine, list: string[]) =>
  attempt(async () => {
    const body = { tags: list, was: workout.tags }
    await ask(api.PUT('/api/workouts/{id}/tags', { params: { path: { id: workout.id } }, body }))
    await queries.invalidateQueries({ queryKey: ['workouts'] })
  })

async function attempt(work: () => Promise<void>) {
  try {
    await work()
  } catch (error) {
    toast.add({ severity: 'warn', summary: 'That did not work', detail: wording(error), life: 6000 })
  }
}

const make = () =>
  attempt(async () => {
    const workout = await ask(
      api.POST('/api/workouts', {
        body: { document: emptyDocument('New circuit', await queries.ensureQueryData(formatsQuery)) },
      }),
    )
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
    undoable(`“${workout.title}” deleted`, async () => {
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
      <span class="row">
        <Button label="Start from a template" variant="outlined" @click="templatesShown = true" />
        <Button label="New circuit" icon="pi pi-plus" aria-keyshortcuts="n" @click="make" />
      </span>
    </div>
    <PageState :loading="workouts.isPending.value" :error="workouts.error.value" @retry="workouts.refetch()">
      <div class="row tools">
        <InputText
          id="search"
          v-model="words"
          type="search"
          placeholder="Search titles and tags"
          aria-label="Search titles and tags"
          aria-keyshortcuts="/"
        />
        <Select v-model="order" :options="ORDERS" option-label="label" option-value="value" aria-label="Order" />
        <Select
          v-model="format"
          :options="offered"
          option-label="label"
          option-value="id"
          placeholder="Any format"
          show-clear
          aria-label="Format"
        />
        <Select v-if="tags.length" v-model="tag" :options="tags" placeholder="Any tag" show-clear aria-label="Tag" />
        <Button
          label="Compare the two"
          variant="outlined"
          :disabled="compared.length !== 2"
          @click="router.push({ name: 'compare', query: { a: compared[0], b: compared[1] } })"
        />
        <span class="quiet small" role="status">{{ plural(shown.length, 'circuit') }}</span>
      </div>
      <div v-if="shown.length" class="scroll-x">
        <table class="ledger">
          <thead>
            <tr>
              <th scope="col"><span class="visually-hidden">Compare</span></th>
              <th scope="col">Title</th>
              <th scope="col">Format</th>
              <th scope="col" class="number">Takes</th>
              <th scope="col" class="number">Slot</th>
              <th scope="col" class="number">Stations</th>
              <th scope="col">Changed</th>
              <th scope="col"><span class="visually-hidden">What to do with it</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="workout in shown" :key="workout.id">
              <td class="pick">
                <input
                  type="checkbox"
                  :checked="compared.includes(workout.id)"
                  :aria-label="`Compare ${workout.title}`"
                  @change="toggleCompared(workout.id)"
                />
              </td>
              <td>
                <RouterLink :to="{ name: 'board', params: { id: workout.id } }">{{ workout.title }}</RouterLink>
                <span v-if="!workout.ready" class="small quiet"> · draft</span>
                <br /><TagsField :tags="workout.tags" :title="workout.title" @save="saveTags(workout, $event)" />
              </td>
              <td class="small">{{ formatNames(workout) }}</td>
              <td class="number">
                <span v-if="predicted(workout)" class="small quiet">about </span
                >{{ workout.total_s ? clockText(workout.total_s) : '–' }}
              </td>
              <td class="number">{{ workout.slot_minutes ? `${workout.slot_minutes} min` : '–' }}</td>
              <td class="number">{{ workout.stations }}</td>
              <td class="small quiet">
                {{ dayText(workout.updated_at)
                }}<template v-if="workout.updated_by">, {{ workout.updated_by }}</template>
              </td>
              <td class="actions">
                <Button
                  label="Start class"
                  :aria-label="`Start class: ${workout.title}`"
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
      <p v-else-if="words || format || tag" class="quiet">No circuit answers to that search.</p>
      <p v-else class="quiet">No circuits yet. Press <kbd>n</kbd> for a new one.</p>
    </PageState>
    <TemplatesDialog v-model:visible="templatesShown" @pick="fromTemplate" />
  </div>
</template>

<style scoped>
.tools {
  margin: var(--space-4) 0 var(--space-2);
}
.pick input {
  width: 1.1rem;
  height: 1.1rem;
  accent-color: var(--accent);
}
.actions {
  white-space: nowrap;
  text-align: right;
}
</style>
