<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { todayHeadline } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useOpenRun } from '@/lib/useOpenRun'
import { useUndoToast } from '@/lib/useUndoToast'
import { useSession } from '@/lib/session'
import { nextThing, type Next } from './next'
import TodayLists from './TodayLists.vue'

const session = useSession()
const router = useRouter()
const toast = useToast()
const undoable = useUndoToast()
const queries = useQueryClient()
const { openRun, opening } = useOpenRun()
const today = useQuery({ queryKey: ['today'], queryFn: () => ask(api.GET('/api/today')) })
const data = computed(() => today.data.value)

const next = computed(() => (data.value ? nextThing(data.value, session.plans, Date.now()) : null))
function go({ to }: Next) {
  if ('start' in to) return openRun(to.start)
  return router.push({ name: to.name, params: { id: to.id } })
}

async function discard(id: string, title: string) {
  try {
    await ask(api.DELETE('/api/runs/{id}', { params: { path: { id } } }))
    undoable(t('today.title_deleted', { title }), async () => {
      await ask(api.POST('/api/runs/{id}/restore', { params: { path: { id } } }))
      await queries.invalidateQueries()
    })
    await queries.invalidateQueries()
  } catch (error) {
    toast.add({ severity: 'warn', summary: t('today.not_deleted'), detail: wording(error), life: 5000 })
  }
}
</script>

<template>
  <div class="page">
    <p class="quiet">
      {{ todayHeadline() }} ·
      {{ session.session?.studio.name }}
    </p>
    <h1>{{ $t('common.today') }}</h1>
    <p v-if="session.session?.studio.demo" class="demo small">
      {{ $t('today.this_is_the_demo_everybody_and') }}
      <template v-if="session.role === 'owner'">
        <RouterLink :to="{ name: 'studio' }">{{ $t('today.throw_it_away') }}</RouterLink>
        {{ $t('today.when_you_have_seen_enough_and') }}
      </template>
    </p>
    <PageState :loading="today.isPending.value" :error="today.error.value" @retry="today.refetch()">
      <section v-if="next" class="next" :aria-label="$t('today.next')">
        <div>
          <p class="small quiet">{{ $t('today.next') }}</p>
          <h2>{{ next.kind }}: {{ next.title }}</h2>
          <p class="quiet">{{ next.detail }}</p>
        </div>
        <Button :label="next.button ?? next.kind" size="large" :loading="opening" @click="go(next)" />
      </section>
      <section v-else class="next" :aria-label="$t('today.next')">
        <div>
          <h2>{{ $t('today.plan_the_first_circuit') }}</h2>
          <p class="quiet">{{ $t('today.there_is_nothing_to_run_or') }}</p>
        </div>
        <Button :label="$t('today.to_the_circuits')" size="large" @click="router.push({ name: 'circuits' })" />
      </section>

      <TodayLists v-if="data" :data="data" @discard="discard" @start="openRun" />
    </PageState>
  </div>
</template>

<style scoped>
.demo {
  margin: var(--space-2) 0 var(--space-4);
  border-left: 4px solid var(--rule);
  padding-left: var(--space-3);
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
  justify-content: space-between;
  border-top: 2px solid var(--ink);
  border-bottom: 2px solid var(--ink);
  padding: var(--space-5) 0;
  margin: var(--space-4) 0 var(--space-5);
}
</style>
