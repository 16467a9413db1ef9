<script setup lang="ts">
import { t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import { useClasses } from '@/lib/api/queries'
import type { ClassLine } from '@/lib/api/types'
import ClassTable from './ClassTable.vue'
import NewClassDialog from './NewClassDialog.vue'
import PlacesDialog from './PlacesDialog.vue'
import PageState from '@/ui/PageState.vue'
import { useAttempt } from '@/lib/useAttempt'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import { useUndoToast } from '@/lib/useUndoToast'
import { useSession } from '@/lib/session'

const queries = useQueryClient()
const undoable = useUndoToast()
const session = useSession()
const classes = useClasses()
const { attempt } = useAttempt()

const words = ref('')
const HOURS_AFTER = 3
const now = Date.now()
const answers = (held: ClassLine) =>
  [held.title, held.place?.name, held.leader?.name].some((text) =>
    text?.toLowerCase().includes(words.value.trim().toLowerCase()),
  )
const found = computed(() => (classes.data.value ?? []).filter(answers))
const isOver = (held: ClassLine) =>
  held.run_state === 'logged' ||
  held.run_state === 'finished' ||
  new Date(held.starts_at ?? 0).getTime() < now - HOURS_AFTER * 3_600_000
const coming = computed(() => found.value.filter((held) => !isOver(held)).reverse())
const past = computed(() => found.value.filter(isOver))

const adding = ref(false)
const placing = ref(false)
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
  { keys: 'n', label: t('classes.new_class'), matches: plainKey('n'), run: () => (adding.value = true) },
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
        <Button :label="$t('classes.new_class')" icon="pi pi-plus" aria-keyshortcuts="n" @click="adding = true" />
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
        <ClassTable
          v-if="part.held.length"
          :title="part.title"
          :lines="part.held"
          :to-come="part.to_come"
          :this-week="classes.week.value"
          @cancel="cancel"
        />
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

    <NewClassDialog v-model:visible="adding" />
    <PlacesDialog v-model:visible="placing" />
  </div>
</template>

<style scoped>
.tools {
  margin: var(--space-3) 0;
}
.tools input {
  width: min(24rem, 100%);
}
section {
  margin-top: var(--space-4);
}
</style>
