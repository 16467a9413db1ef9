<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { dateText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import AuditTrail from './AuditTrail.vue'
import StudioEnd from './StudioEnd.vue'
import StudioSettings from './StudioSettings.vue'

// The studio itself, for its owners: settings, what is kept, who did what, and the end of it.
const studio = useQuery({
  queryKey: ['studio'],
  queryFn: () => ask(api.GET('/api/studio')),
  refetchOnWindowFocus: false,
})
</script>

<template>
  <div class="page">
    <h1>{{ $t('common.studio') }}</h1>
    <PageState :loading="studio.isPending.value" :error="studio.error.value" @retry="studio.refetch()">
      <template v-if="studio.data.value">
        <p>
          <RouterLink :to="{ name: 'team' }">{{ $t('studio.team_and_roles') }}</RouterLink>
        </p>
        <StudioSettings :studio="studio.data.value" />
        <section v-if="studio.data.value.due_for_erasure.length" aria-labelledby="due">
          <h2 id="due">{{ $t('studio.archived_for_a_long_time') }}</h2>
          <p class="small quiet">{{ $t('studio.look_at_each_once_more_and') }}</p>
          <ul>
            <li v-for="person in studio.data.value.due_for_erasure" :key="person.id">
              <RouterLink :to="{ name: 'person', params: { id: person.id } }">{{ person.name }}</RouterLink>{{
                $t('studio.archived_on_archived_at', { archived_at: dateText(person.archived_at) })
              }}
            </li>
          </ul>
        </section>

        <section aria-labelledby="export">
          <h2 id="export">{{ $t('studio.take_everything_along') }}</h2>
          <p class="small quiet">{{ $t('studio.every_row_of_this_studio_as') }}</p>
          <p>
            <a href="/api/studio/export" download="studio.zip">{{ $t('studio.export_the_whole_studio_zip') }}</a>
          </p>
        </section>

        <AuditTrail />

        <StudioEnd :studio="studio.data.value" />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
section {
  border-top: 1px solid var(--rule);
  margin-top: var(--space-5);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-3);
  justify-items: start;
}
</style>
