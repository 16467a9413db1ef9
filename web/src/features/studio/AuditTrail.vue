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
    <h2 id="audit">Who did what</h2>
    <p class="small quiet">Sign-ins, roles, exports, deletions, and whose health notes were opened or changed.</p>
    <PageState :loading="trail.isPending.value" :error="trail.error.value" @retry="trail.refetch()">
      <div class="scroll-x" tabindex="0" role="region" aria-label="Who did what: table">
        <table class="ledger small">
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">Who</th>
              <th scope="col">What</th>
              <th scope="col">About</th>
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
        label="Show older"
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
