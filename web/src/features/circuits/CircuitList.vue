<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { computed, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { formatsQuery, useWorkouts } from '@/lib/api/queries'
import { emptyDocument } from '@/features/board/document'
import CircuitTable from './CircuitTable.vue'
import SearchFields from './SearchFields.vue'
import TemplatesDialog from './TemplatesDialog.vue'
import { answers, isSearched, NO_SEARCH, type Search } from './search'
import { useCircuitFiles } from './useCircuitFiles'
import PageState from '@/ui/PageState.vue'
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
const files = useCircuitFiles()
const fileInput = useTemplateRef<HTMLInputElement>('fileInput')

const order = ref<'changed' | 'title' | 'length' | 'longest'>('changed')
const ORDERS = [
  { value: 'changed', label: t('circuits.last_changed_first') },
  { value: 'title', label: t('circuits.by_title') },
  { value: 'length', label: t('circuits.shortest_first') },
  { value: 'longest', label: t('circuits.longest_first') },
]
const COMPARE: Record<typeof order.value, (one: WorkoutLine, other: WorkoutLine) => number> = {
  changed: (one, other) => (other.updated_at ?? '').localeCompare(one.updated_at ?? ''),
  title: (one, other) => one.title.localeCompare(other.title),
  length: (one, other) => one.total_s - other.total_s,
  longest: (one, other) => other.total_s - one.total_s,
}
const search = ref<Search>(NO_SEARCH)
const tags = computed(() => [...new Set((workouts.data.value ?? []).flatMap((workout) => workout.tags))].sort())
const shown = computed(() =>
  (workouts.data.value ?? []).filter((workout) => answers(workout, search.value)).sort(COMPARE[order.value]),
)

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
    toast.add({ severity: 'warn', summary: t('common.that_did_not_work'), detail: wording(error), life: 6000 })
  }
}

async function chooseFile(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await files.open(file)
  input.value = ''
}

const make = () =>
  attempt(async () => {
    const workout = await ask(
      api.POST('/api/workouts', {
        body: { document: emptyDocument(t('circuits.new_circuit'), await queries.ensureQueryData(formatsQuery)) },
      }),
    )
    await router.push({ name: 'board', params: { id: workout.id } })
  })

const copy = (workout: WorkoutLine) =>
  attempt(async () => {
    const made = await ask(api.POST('/api/workouts', { body: { copy_of: workout.id } }))
    await queries.invalidateQueries({ queryKey: ['workouts'] })
    toast.add({ severity: 'success', summary: t('circuits.copied'), detail: made.title, life: 4000 })
  })

const remove = (workout: WorkoutLine) =>
  attempt(async () => {
    const params = { path: { id: workout.id } }
    await ask(api.DELETE('/api/workouts/{id}', { params }))
    undoable(t('circuits.title_deleted', { title: workout.title }), async () => {
      await ask(api.POST('/api/workouts/{id}/restore', { params }))
      await queries.invalidateQueries({ queryKey: ['workouts'] })
    })
    await queries.invalidateQueries({ queryKey: ['workouts'] })
  })

useShortcuts([
  { keys: 'n', label: t('circuits.new_circuit'), matches: plainKey('n'), run: () => void make() },
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
      <h1>{{ $t('common.circuits') }}</h1>
      <span class="row">
        <input
          ref="fileInput"
          type="file"
          accept=".json,application/json"
          class="visually-hidden"
          tabindex="-1"
          :aria-label="$t('circuits.a_circuits_file')"
          @change="chooseFile"
        />
        <Button
          :label="$t('circuits.from_a_file')"
          variant="outlined"
          severity="secondary"
          @click="fileInput?.click()"
        />
        <Button :label="$t('circuits.start_from_a_template')" variant="outlined" @click="templatesShown = true" />
        <Button :label="$t('circuits.new_circuit')" icon="pi pi-plus" aria-keyshortcuts="n" @click="make" />
      </span>
    </div>
    <PageState :loading="workouts.isPending.value" :error="workouts.error.value" @retry="workouts.refetch()">
      <div class="row tools">
        <SearchFields
          v-model="search"
          :tags="tags"
          input-id="search"
          :placeholder="$t('circuits.search_titles_and_tags')"
        />
        <Select
          v-model="order"
          :options="ORDERS"
          option-label="label"
          option-value="value"
          size="small"
          :aria-label="$t('common.order')"
        />
        <Button
          :label="$t('circuits.compare_the_two')"
          variant="outlined"
          size="small"
          :disabled="compared.length !== 2"
          @click="router.push({ name: 'compare', query: { a: compared[0], b: compared[1] } })"
        />
        <span class="quiet small" role="status">{{ plural(shown.length, 'circuit') }}</span>
      </div>
      <CircuitTable
        v-if="shown.length"
        :circuits="shown"
        :compared="compared"
        @compare="toggleCompared"
        @tags="saveTags"
        @start="openRun"
        @copy="copy"
        @link="files.copyLink"
        @remove="remove"
      />
      <p v-else-if="isSearched(search)" class="quiet">{{ $t('circuits.no_circuit_answers_to_that_search') }}</p>
      <p v-else class="quiet">
        {{ $t('circuits.no_circuits_yet_press') }} <kbd>{{ $t('circuits.n') }}</kbd> {{ $t('circuits.for_a_new_one') }}
      </p>
    </PageState>
    <TemplatesDialog v-model:visible="templatesShown" @pick="fromTemplate" />
  </div>
</template>

<style scoped>
.tools {
  margin: var(--space-4) 0 var(--space-2);
}
</style>
