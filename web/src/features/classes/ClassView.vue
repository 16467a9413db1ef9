<script setup lang="ts">
import { t } from '@/lib/text'
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
import LatelyNotes from './LatelyNotes.vue'
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

/** A class that was run goes to its log. */
const goesTo = computed(() => {
  switch (held.data.value?.run_state) {
    case 'logged':
      return { name: 'run', label: t('classes.it_is_over_see_its_log') }
    case 'finished':
      return { name: 'log', label: t('classes.log_it') }
    case null:
    case undefined:
      return { name: 'floor', label: t('common.start_class') }
    default:
      return { name: 'floor', label: t('classes.to_the_floor') }
  }
})

const start = () =>
  attempt(async () => {
    if (held.data.value?.run_id)
      return void (await router.push({ name: goesTo.value.name, params: { id: held.data.value.run_id } }))
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
  { keys: 'e', label: t('classes.emergency_card'), matches: plainKey('e'), run: () => (emergencyShown.value = true) },
  {
    keys: 'f',
    label: t('common.fit_sheet'),
    matches: plainKey('f'),
    run: () => session.plans && void router.push({ name: 'fit', params: { id } }),
  },
])
</script>

<template>
  <div class="page">
    <p class="small">
      <RouterLink :to="{ name: 'classes' }">{{ $t('common.classes') }}</RouterLink>
    </p>
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
              :label="$t('classes.emergency')"
              icon="pi pi-phone"
              severity="warn"
              variant="outlined"
              aria-keyshortcuts="e"
              @click="emergencyShown = true"
            />
            <RouterLink v-if="session.plans" :to="{ name: 'fit', params: { id } }">{{
              $t('common.fit_sheet')
            }}</RouterLink>
            <RouterLink
              v-if="held.data.value.run_id && session.plans"
              :to="{ name: 'mine', params: { id, run: held.data.value.run_id } }"
              >{{ $t('common.instructors_view') }}</RouterLink
            >
            <Button :label="goesTo.label" :loading="busy" @click="start" />
          </span>
        </div>
        <p class="quiet">
          {{ dayText(held.data.value.starts_at) }} · {{ held.data.value.place?.name ?? $t('classes.no_place_yet') }} ·
          {{ held.data.value.leader?.name ?? $t('classes.nobody_leads_yet') }} · {{ clockText(held.data.value.total_s)
          }}<template v-if="held.data.value.slot_minutes">
            {{ ' ' }}{{ $t('classes.of_slot_minutes_min', { slot_minutes: held.data.value.slot_minutes }) }}</template
          >
          <button v-if="session.plans" type="button" class="link" @click="editing = true">
            {{ $t('classes.change') }}
          </button>
        </p>
        <Message v-if="held.data.value.cancelled" severity="warn" :closable="false">{{
          $t('classes.this_class_is_called_off')
        }}</Message>
        <Message v-if="held.data.value.behind && session.plans" severity="info" :closable="false">
          <span>{{ $t('classes.the_circuit_has_been_changed_since') }}</span>
          <Button
            :label="$t('classes.bring_the_class_along')"
            size="small"
            variant="outlined"
            class="bring"
            @click="bring"
          />
        </Message>
        <p v-if="held.data.value.room" class="small quiet">
          {{ [held.data.value.room.space, held.data.value.room.surface].filter(Boolean).join(' · ') }}
        </p>

        <RosterCheckIn :held="held.data.value" @changed="changed" />
        <p class="small quiet" role="status">
          {{
            $t('classes.here_here_count_expected', {
              here,
              count: held.data.value.roster.filter((line) => line.present === null).length,
            })
          }}
        </p>

        <LatelyNotes v-if="session.plans" :id="id" />
        <section v-if="session.plans" :aria-label="$t('classes.on_paper_and_on_phones')" class="paper row">
          <a :href="`/api/classes/${id}/sheet.pdf?offset=${offset}`" target="_blank">{{
            $t('classes.your_page_pdf')
          }}</a>
          <a :href="`/api/classes/${id}/cards.pdf?offset=${offset}`" target="_blank">{{
            $t('classes.cards_to_cut_pdf')
          }}</a>
          <a :href="`/api/classes/${id}/wall-cards.pdf`" target="_blank">{{ $t('classes.wall_cards_pdf') }}</a>
          <Button :label="$t('classes.cards_on_phones')" size="small" variant="outlined" @click="cards = true" />
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
