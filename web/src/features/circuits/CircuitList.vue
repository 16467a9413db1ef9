<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { formatsQuery, useWorkouts } from '@/lib/api/queries'
import { emptyDocument } from '@/features/board/document'
import CircuitTable from './CircuitTable.vue'
import TemplatesDialog from './TemplatesDialog.vue'
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
const { offered } = useFormatNames()

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
        <Button :label="$t('circuits.start_from_a_template')" variant="outlined" @click="templatesShown = true" />
        <Button :label="$t('circuits.new_circuit')" icon="pi pi-plus" aria-keyshortcuts="n" @click="make" />
      </span>
    </div>
    <PageState :loading="workouts.isPending.value" :error="workouts.error.value" @retry="workouts.refetch()">
      <div class="row tools">
        <InputText
          id="search"
          v-model="words"
          type="search"
          :placeholder="$t('circuits.search_titles_and_tags')"
          :aria-label="$t('circuits.search_titles_and_tags')"
          aria-keyshortcuts="/"
        />
        <Select
          v-model="order"
          :options="ORDERS"
          option-label="label"
          option-value="value"
          :aria-label="$t('common.order')"
        />
        <Select
          v-model="format"
          :options="offered"
          option-label="label"
          option-value="id"
          :placeholder="$t('circuits.any_format')"
          show-clear
          :aria-label="$t('circuits.format')"
        />
        <Select
          v-if="tags.length"
          v-model="tag"
          :options="tags"
          :placeholder="$t('circuits.any_tag')"
          show-clear
          :aria-label="$t('circuits.tag')"
        />
        <Button
          :label="$t('circuits.compare_the_two')"
          variant="outlined"
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
        @remove="remove"
      />
      <p v-else-if="words || format || tag" class="quiet">{{ $t('circuits.no_circuit_answers_to_that_search') }}</p>
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
