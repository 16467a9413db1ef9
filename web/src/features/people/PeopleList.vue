<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { usePeople } from '@/lib/api/queries'
import { LEVELS, type Level, type PersonRow } from '@/lib/api/types'
import LevelChoice from '@/ui/LevelChoice.vue'
import LevelMark from '@/ui/LevelMark.vue'
import { monthText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import { useUndoToast } from '@/lib/useUndoToast'
import ImportDialog from './ImportDialog.vue'
import { SCREENING_WORDS } from './words'

const router = useRouter()
const queries = useQueryClient()
const undoable = useUndoToast()
const people = usePeople()
const away = usePeople(true)
const { attempt, busy, errors } = useAttempt()

const words = ref('')
const tag = ref<string | null>(null)
const order = ref<'name' | 'level' | 'since'>('name')
const ORDERS = [
  { value: 'name', label: t('people.by_name') },
  { value: 'level', label: t('common.by_level') },
  { value: 'since', label: t('people.newest_first') },
]
const archived = ref(false)
const COMPARE: Record<typeof order.value, (one: PersonRow, other: PersonRow) => number> = {
  name: (one, other) => one.name.localeCompare(other.name),
  level: (one, other) => LEVELS.indexOf(one.level) - LEVELS.indexOf(other.level) || one.name.localeCompare(other.name),
  since: (one, other) => (other.since ?? '').localeCompare(one.since ?? ''),
}
const source = computed(() => (archived.value ? away : people))
const shown = computed(() => {
  const sought = words.value.trim().toLowerCase()
  return (source.value.data.value?.people ?? [])
    .filter((person) => [person.name, ...person.tags].some((text) => text.toLowerCase().includes(sought)))
    .filter((person) => !tag.value || person.tags.includes(tag.value))
    .sort(COMPARE[order.value])
})

const refresh = () => queries.invalidateQueries({ queryKey: ['people'] })

const adding = ref(false)
const importing = ref(false)
const name = ref('')
const level = ref<Level | undefined>('beginner')
async function add() {
  const went = await attempt(async () => {
    const made = await ask(api.POST('/api/people', { body: { name: name.value, level: level.value ?? 'beginner' } }))
    await refresh()
    await router.push({ name: 'person', params: { id: made.id } })
  })
  if (went) adding.value = false
}

const putAway = (person: PersonRow, to: boolean) =>
  attempt(async () => {
    const params = { path: { id: person.id } }
    await ask(api.PUT('/api/people/{id}/archive', { params, body: { archived: to } }))
    undoable(`${person.name} ${to ? t('people.archived') : t('people.brought_back')}`, async () => {
      await ask(api.PUT('/api/people/{id}/archive', { params, body: { archived: !to } }))
      await refresh()
    })
    await refresh()
  })

function openNew() {
  name.value = ''
  adding.value = true
}
useShortcuts([
  { keys: 'n', label: t('people.add_a_person'), matches: plainKey('n'), run: openNew },
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
      <h1>{{ $t('common.people') }}</h1>
      <span class="row">
        <RouterLink :to="{ name: 'benchmarks' }">{{ $t('people.benchmarks') }}</RouterLink>
        <Button :label="$t('people.import_or_export')" variant="outlined" @click="importing = true" />
        <Button :label="$t('people.add_a_person')" icon="pi pi-plus" aria-keyshortcuts="n" @click="openNew" />
      </span>
    </div>
    <PageState
      :loading="source.isPending.value"
      :error="source.error.value"
      @retry="(people.refetch(), away.refetch())"
    >
      <div class="row tools">
        <InputText
          id="search"
          v-model="words"
          type="search"
          :placeholder="$t('people.search_names_and_tags')"
          :aria-label="$t('people.search_names_and_tags')"
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
          v-if="source.data.value?.tags.length"
          v-model="tag"
          :options="source.data.value.tags"
          :placeholder="$t('people.any_tag')"
          show-clear
          :aria-label="$t('people.tag')"
        />
        <label class="row small"><ToggleSwitch v-model="archived" /> {{ $t('people.archived_2') }}</label>
        <span class="quiet small" role="status">{{ plural(shown.length, 'person') }}</span>
      </div>
      <div v-if="shown.length" class="scroll-x" tabindex="0" role="region" :aria-label="$t('common.people')">
        <table class="ledger stacks">
          <thead>
            <tr>
              <th scope="col">{{ $t('common.name') }}</th>
              <th scope="col">{{ $t('common.follows') }}</th>
              <th scope="col">{{ $t('people.screening') }}</th>
              <th scope="col">{{ $t('people.tags') }}</th>
              <th scope="col">{{ $t('people.since') }}</th>
              <th scope="col">
                <span class="visually-hidden">{{ $t('people.what_to_do') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="person in shown" :key="person.id">
              <th scope="row">
                <RouterLink :to="{ name: 'person', params: { id: person.id } }">{{ person.name }}</RouterLink>
                <span v-if="person.pronouns" class="small quiet pronouns">{{ person.pronouns }}</span>
                <span v-if="person.new" class="badge">{{ $t('people.new') }}</span>
              </th>
              <td><LevelMark :level="person.level" /></td>
              <td class="small" :class="{ 'warn-text': ['not_asked', 'see_instructor'].includes(person.screening) }">
                {{ SCREENING_WORDS[person.screening] }}
              </td>
              <td class="small quiet">{{ person.tags.join(', ') }}</td>
              <td class="small quiet">{{ person.since ? monthText(person.since) : '–' }}</td>
              <td>
                <Button
                  :icon="archived ? 'pi pi-replay' : 'pi pi-inbox'"
                  :aria-label="
                    archived
                      ? $t('people.bring_name_back', { name: person.name })
                      : $t('people.archive_name', { name: person.name })
                  "
                  variant="text"
                  severity="secondary"
                  size="small"
                  @click="putAway(person, !archived)"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-else-if="words || tag" class="quiet">{{ $t('people.nobody_answers_to_that_search') }}</p>
      <p v-else-if="archived" class="quiet">{{ $t('people.nobody_is_archived') }}</p>
      <p v-else class="quiet">
        {{ $t('people.nobody_yet_press') }} <kbd>{{ $t('people.n') }}</kbd> {{ $t('people.for_the_first_or_import_a') }}
      </p>
    </PageState>

    <Dialog v-model:visible="adding" modal :header="$t('people.add_a_person')" :style="{ width: 'min(28rem, 96vw)' }">
      <form class="form" @submit.prevent="add">
        <TextField v-model="name" :label="$t('common.name')" :error="errors.get('/name')" :maxlength="80" autofocus />
        <span>
          <span class="small quiet">{{ $t('common.follows') }}</span><br />
          <LevelChoice v-model="level" :label="$t('common.follows')" />
        </span>
        <p class="small quiet">{{ $t('people.limits_screening_and_the_emergency_contact') }}</p>
        <div class="row dialog-buttons"><Button type="submit" :label="$t('common.add')" :loading="busy" /></div>
      </form>
    </Dialog>
    <ImportDialog v-model:visible="importing" @done="refresh" />
  </div>
</template>

<style scoped>
.tools {
  margin: var(--space-4) 0 var(--space-3);
}
.pronouns {
  margin-left: var(--space-2);
  font-weight: 400;
}
.badge {
  margin-left: var(--space-2);
  border: 1px solid var(--note);
  color: var(--note);
  font-size: var(--size--1);
  padding: 0 0.4em;
}
.form {
  display: grid;
  gap: var(--space-3);
}
</style>
