<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useToast } from 'primevue/usetoast'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { useMovements } from '@/lib/api/queries'

import { prepareSearch, searchMovements } from './findMovements'
import PageState from '@/ui/PageState.vue'
import { readable } from '@/lib/readable'
import NewMovement from './NewMovement.vue'
import FilterBar from './FilterBar.vue'
import MovementIndex from './MovementIndex.vue'
import MovementSheet from './MovementSheet.vue'
import { isFiltered, passes } from './filters'
import { search } from './search'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import type { Movement } from '@/lib/api/types'

const route = useRoute()
const router = useRouter()
const toast = useToast()
const queries = useQueryClient()
const movements = useMovements()
const { words, pattern, whose, filters } = search
/** From where somebody looked for it in vain. */
const sought = computed(() => (typeof route.query.new === 'string' ? route.query.new : ''))
const beginning = ref(sought.value !== '')
const WHOSE = [
  { value: 'house', label: t('movements.supplied') },
  { value: 'own', label: t('movements.our_own') },
  { value: 'retired', label: t('movements.retired') },
]
const whoseOf = (movement: Movement) => (movement.retired ? 'retired' : movement.own ? 'own' : 'house')

const patterns = computed(() =>
  [...new Set((movements.data.value ?? []).map((movement) => movement.pattern))]
    .sort()
    .map((value) => ({ value, label: readable(value) })),
)
watch(
  () => movements.data.value ?? [],
  (all) => prepareSearch(all),
  { immediate: true },
)
const found = computed(() =>
  searchMovements(movements.data.value ?? [], words.value).filter(
    ({ movement }) =>
      (!pattern.value || movement.pattern === pattern.value) &&
      (!whose.value || whoseOf(movement) === whose.value) &&
      (!isFiltered(filters.value) || movement.ladder.some((variation) => passes(variation, filters.value))),
  ),
)
const shown = computed(() => found.value.map(({ movement }) => movement))
const chosen = computed<Movement | undefined>(
  () => shown.value.find((movement) => movement.id === route.params.id) ?? shown.value[0],
)
/** What is typed shows its best match, whatever was open. */
function typed(entered: string) {
  words.value = entered
  if (route.params.id) void router.replace({ name: 'movements' })
}

/** The arrow keys go through what was found, without leaving the search field. */
function step(by: number) {
  const at = shown.value.findIndex((movement) => movement.id === chosen.value?.id)
  const next = shown.value[at + by]
  if (next) void router.replace({ name: 'movements', params: { id: next.id } })
}

const names = computed(
  () =>
    new Map(
      (movements.data.value ?? []).flatMap((movement) =>
        movement.ladder.map((variation) => [variation.id, `${variation.name}`] as const),
      ),
    ),
)

async function attempt(work: () => Promise<void>) {
  try {
    await work()
    await queries.invalidateQueries({ queryKey: ['movements'] })
  } catch (error) {
    toast.add({ severity: 'warn', summary: t('common.that_did_not_work'), detail: wording(error), life: 6000 })
  }
}

const copy = (movement: Movement) =>
  attempt(async () => {
    const made = await ask(api.POST('/api/movements', { body: { copy_of: movement.id } }))
    await queries.invalidateQueries({ queryKey: ['movements'] })
    await router.push({ name: 'movement-form', params: { id: made.id } })
  })

const retire = (movement: Movement) =>
  attempt(async () => {
    const params = { path: { id: movement.id } }
    if (movement.retired) await ask(api.POST('/api/movements/{id}/restore', { params }))
    else await ask(api.POST('/api/movements/{id}/retire', { params }))
  })

useShortcuts([
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
      <h1>{{ $t('common.movements') }}</h1>
      <Button :label="$t('movements.new_movement')" icon="pi pi-plus" variant="outlined" @click="beginning = true" />
    </div>
    <NewMovement
      :begins-as="sought"
      :visible="beginning"
      :movements="movements.data.value ?? []"
      @close="beginning = false"
      @made="queries.invalidateQueries({ queryKey: ['movements'] })"
    />
    <PageState :loading="movements.isPending.value" :error="movements.error.value" @retry="movements.refetch()">
      <div class="row tools">
        <InputText
          id="search"
          :model-value="words"
          type="search"
          :placeholder="$t('common.search')"
          :aria-label="$t('movements.search_movements_and_versions')"
          @update:model-value="typed($event ?? '')"
          @keydown.down.prevent="step(1)"
          @keydown.up.prevent="step(-1)"
        />
        <Select
          v-model="pattern"
          :options="patterns"
          option-label="label"
          option-value="value"
          :placeholder="$t('movements.any_pattern')"
          show-clear
          :aria-label="$t('movements.pattern')"
        />
        <Select
          v-model="whose"
          :options="WHOSE"
          option-label="label"
          option-value="value"
          :placeholder="$t('movements.all')"
          show-clear
          :aria-label="$t('movements.whose')"
        />
        <span class="quiet small" role="status">{{ plural(shown.length, 'movement') }}</span>
      </div>
      <FilterBar :movements="movements.data.value ?? []" :filters="filters" @change="filters = $event" />
      <div class="layout">
        <MovementIndex :found="found" :chosen="chosen?.id" :words="words" />
        <MovementSheet
          v-if="chosen"
          :movement="chosen"
          :names="names"
          :filters="filters"
          :version="found.find(({ movement }) => movement.id === chosen?.id)?.variation?.id"
          @copy="copy(chosen)"
          @edit="router.push({ name: 'movement-form', params: { id: chosen.id } })"
          @retire="retire(chosen)"
        />
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.tools {
  margin: var(--space-3) 0 var(--space-2);
}
.layout {
  display: grid;
  grid-template-columns: 13rem minmax(0, 1fr);
  gap: var(--space-4);
  margin-top: var(--space-3);
}
@media (max-width: 52rem) {
  .layout {
    grid-template-columns: 1fr;
  }
}
</style>
