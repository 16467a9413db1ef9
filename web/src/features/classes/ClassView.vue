<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Message from 'primevue/message'
import { computed, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { useGroupClass } from '@/lib/api/queries'
import type { ClassWhole } from '@/lib/api/types'
import CardsDialog from './CardsDialog.vue'
import ClassDialog from './ClassDialog.vue'
import EmergencyCard from './EmergencyCard.vue'
import RosterCheckIn from './RosterCheckIn.vue'
import { clockText, dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useAttempt } from '@/lib/useAttempt'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import { useSession } from '@/lib/session'

const { id } = defineProps<{ id: string }>()

const params = { path: { id } }
const router = useRouter()
const session = useSession()
const queries = useQueryClient()
const { attempt, busy } = useAttempt()
const held = useGroupClass(id)
// Fetched when the class is opened, and then kept: it must be there without a network.
const emergency = useQuery({
  queryKey: ['emergency', id],
  queryFn: () => ask(api.GET('/api/classes/{id}/emergency', { params })),
  gcTime: 24 * 3_600_000,
})

function changed(now: ClassWhole) {
  queries.setQueryData(['classes', id], now)
  void queries.invalidateQueries({ queryKey: ['classes'], exact: true })
  void queries.invalidateQueries({ queryKey: ['fit', id] })
  void queries.invalidateQueries({ queryKey: ['emergency', id] })
}

const bring = () => attempt(async () => changed(await ask(api.POST('/api/classes/{id}/bring', { params }))))

const start = () =>
  attempt(async () => {
    if (held.data.value?.run_id)
      return void (await router.push({ name: 'floor', params: { id: held.data.value.run_id } }))
    const run = await ask(api.POST('/api/classes/{id}/run', { params, body: { client_key: crypto.randomUUID() } }))
    await queries.invalidateQueries({ queryKey: ['classes'] })
    await router.push({ name: 'floor', params: { id: run.id } })
  })

const editing = ref(false)
const cards = ref(false)
const emergencyShown = ref(false)
const offset = -new Date().getTimezoneOffset()
const here = computed(() => held.data.value?.roster.filter((line) => line.present).length ?? 0)

useShortcuts([
  { keys: 'e', label: 'Emergency card', matches: plainKey('e'), run: () => (emergencyShown.value = true) },
  {
    keys: 'f',
    label: 'Fit sheet',
    matches: plainKey('f'),
    run: () => session.plans && void router.push({ name: 'fit', params: { id } }),
  },
])
</script>

<template>
  <div class="page">
    <p class="small"><RouterLink :to="{ name: 'classes' }">Classes</RouterLink></p>
    <PageState
      :loading="held.isPending.value"
      :error="held.data.value ? null : held.error.value"
      @retry="held.refetch()"
    >
      <template v-if="held.data.value">
        <div class="row spread">
          <h1>{{ held.data.value.title }}</h1>
          <span class="row">
            <Button
              label="Emergency"
              icon="pi pi-phone"
              severity="warn"
              variant="outlined"
              aria-keyshortcuts="e"
              @click="emergencyShown = true"
            />
            <RouterLink v-if="session.plans" :to="{ name: 'fit', params: { id } }">Fit sheet</RouterLink>
            <RouterLink
              v-if="held.data.value.run_id && session.plans"
              :to="{ name: 'mine', params: { id, run: held.data.value.run_id } }"
              >Instructor’s view</RouterLink
            >
            <Button :label="held.data.value.run_id ? 'To the Floor' : 'Start class'" :loading="busy" @click="start" />
          </span>
        </div>
        <p class="quiet">
          {{ dayText(held.data.value.starts_at) }} · {{ held.data.value.place?.name ?? 'no place yet' }} ·
          {{ held.data.value.leader?.name ?? 'nobody leads yet' }} · {{ clockText(held.data.value.total_s)
          }}<template v-if="held.data.value.slot_minutes"> of {{ held.data.value.slot_minutes }} min</template>
          <button v-if="session.plans" type="button" class="link" @click="editing = true">Change</button>
        </p>
        <Message v-if="held.data.value.cancelled" severity="warn" :closable="false">This class is called off.</Message>
        <Message v-if="held.data.value.behind && session.plans" severity="info" :closable="false">
          <span>The circuit has been changed since this class was planned.</span>
          <Button label="Bring the class along" size="small" variant="outlined" class="bring" @click="bring" />
        </Message>
        <p v-if="held.data.value.room" class="small quiet">
          {{ [held.data.value.room.space, held.data.value.room.surface].filter(Boolean).join(' · ') }}
        </p>

        <RosterCheckIn :held="held.data.value" @changed="changed" />
        <p class="small quiet" role="status">
          {{ here }} here, {{ held.data.value.roster.filter((line) => line.present === null).length }} expected.
        </p>

        <section v-if="session.plans" aria-label="On paper and on phones" class="paper row">
          <a :href="`/api/classes/${id}/sheet.pdf?offset=${offset}`" target="_blank">Your page (PDF)</a>
          <a :href="`/api/classes/${id}/cards.pdf?offset=${offset}`" target="_blank">Cards to cut (PDF)</a>
          <Button label="Cards on phones" size="small" variant="outlined" @click="cards = true" />
        </section>

        <ClassDialog v-model:visible="editing" :held="held.data.value" @saved="changed" />
        <CardsDialog :id="id" v-model:visible="cards" />
        <EmergencyCard v-model:visible="emergencyShown" :data="emergency.data.value" />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.bring {
  margin-left: var(--space-3);
}
.paper {
  border-top: 2px solid var(--ink);
  margin-top: var(--space-4);
  padding-top: var(--space-3);
}
</style>
