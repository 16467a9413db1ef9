<script setup lang="ts">
import { useInfiniteQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed } from 'vue'
import { api, ask } from '@/lib/api/client'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'

// Who did what that somebody may ask about: added to, never changed.
const trail = useInfiniteQuery({
  queryKey: ['audit'],
  queryFn: ({ pageParam }) =>
    ask(api.GET('/api/studio/audit', { params: { query: pageParam ? { before: pageParam } : {} } })),
  initialPageParam: '',
  getNextPageParam: (page) => (page.more ? page.events.at(-1)?.at : undefined) ?? undefined,
})
const events = computed(() => trail.data.value?.pages.flatMap((page) => page.events) ?? [])
</script>

<template>
  <section aria-labelledby="audit">
    <h2 id="audit">{{ $t('studio.who_did_what') }}</h2>
    <p class="small quiet">{{ $t('studio.sign_ins_roles_exports_deletions_and') }}</p>
    <PageState :loading="trail.isPending.value" :error="trail.error.value" @retry="trail.refetch()">
      <div class="scroll-x" tabindex="0" role="region" :aria-label="$t('studio.who_did_what_table')">
        <table class="ledger small">
          <thead>
            <tr>
              <th scope="col">{{ $t('common.when') }}</th>
              <th scope="col">{{ $t('studio.who') }}</th>
              <th scope="col">{{ $t('studio.what') }}</th>
              <th scope="col">{{ $t('studio.about') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="event in events" :key="event.id">
              <td>{{ dayText(event.at) }}</td>
              <td>{{ event.actor }}</td>
              <td>{{ event.words }}</td>
              <td>{{ [event.about, event.detail].filter(Boolean).join(' · ') }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <Button
        v-if="trail.hasNextPage.value"
        :label="$t('common.show_older')"
        size="small"
        variant="outlined"
        severity="secondary"
        :loading="trail.isFetchingNextPage.value"
        @click="trail.fetchNextPage()"
      />
    </PageState>
  </section>
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
.scroll-x {
  width: 100%;
  max-height: 26rem;
  overflow-y: auto;
  margin-bottom: var(--space-2);
}
</style>
