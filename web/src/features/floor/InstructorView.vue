<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import { useIntervalFn, useOnline } from '@vueuse/core'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { fetchRun } from '@/lib/api/runs'
import EmergencyCard from '@/features/classes/EmergencyCard.vue'
import Button from 'primevue/button'
import { clockText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import RoomView from '@/features/fit/RoomView.vue'
import * as clock from '@/lib/running/fold'
import { momentAt, planOf } from './plan'
import { timeNow } from '@/lib/timeSource'
import { useFit } from '@/features/fit/useFit'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import { heardOf } from '@/lib/changes'

const { id: classId, run: runId } = defineProps<{ id: string; run: string }>()

// The instructor's own view of a class that runs, on a device of their own: who
// stands at which level now and next, and whose number differs. It reads the
// clock that the Floor tells the server, and goes on by itself in between.
const fit = useFit(classId)
const run = useQuery({
  queryKey: ['run', runId, 'mine'],
  queryFn: () => fetchRun(runId),
})
const emergency = useQuery({
  queryKey: ['emergency', classId],
  queryFn: () => ask(api.GET('/api/classes/{id}/emergency', { params: { path: { id: classId } } })),
  gcTime: 24 * 3_600_000,
})
/** Nothing new is heard from the server. */
const online = useOnline()
const away = computed(() => !online.value || !heardOf.value || run.isError.value)
const emergencyShown = ref(false)
const nowMs = ref(timeNow())
useIntervalFn(() => (nowMs.value = timeNow()), 500)

const state = computed(() => clock.fold(run.data.value?.events ?? []))
const plan = computed(() => (run.data.value ? planOf(run.data.value, state.value.additions) : null))
const second = computed(() =>
  plan.value ? Math.min(plan.value.totalS, Math.max(0, clock.elapsed(state.value, nowMs.value))) : 0,
)
const moment = computed(() => (plan.value ? momentAt(plan.value, second.value) : null))
const words = computed(() => {
  if (!clock.started(state.value)) return t('floor.not_started')
  if (clock.ended(state.value) || (plan.value && second.value >= plan.value.totalS)) return t('floor.over')
  return clock.paused(state.value) ? t('floor.paused_2') : t('floor.running')
})
const find = (block: string | undefined, station: string | undefined) =>
  (fit.sheet.value?.stations ?? []).filter((held) => held.block === block && held.station === station)
const now = computed(() => find(moment.value?.blockId, moment.value?.station))
const next = computed(() => find(moment.value?.next?.blockId, moment.value?.next?.station))
useShortcuts([
  { keys: 'e', label: t('floor.emergency_card'), matches: plainKey('e'), run: () => (emergencyShown.value = true) },
])
</script>

<template>
  <div class="page">
    <p class="small">
      <RouterLink :to="{ name: 'class', params: { id: classId } }">{{
        run.data.value?.title ?? $t('common.class')
      }}</RouterLink>
    </p>
    <div class="row spread">
      <h1>{{ $t('common.instructors_view') }}</h1>
      <Button
        :label="$t('floor.emergency')"
        icon="pi pi-phone"
        severity="warn"
        variant="outlined"
        aria-keyshortcuts="e"
        @click="emergencyShown = true"
      />
    </div>
    <PageState
      :loading="run.isPending.value || fit.query.isPending.value"
      :error="run.data.value && fit.sheet.value ? null : (run.error.value ?? fit.query.error.value)"
      @retry="(run.refetch(), fit.query.refetch())"
    >
      <p class="row" role="status">
        <b>{{ words }}</b>
        <span v-if="plan" class="quiet">{{
          $t('floor.second_of_total_s', { second: clockText(second), total_s: clockText(plan.totalS) })
        }}</span>
        <span v-if="moment?.round && moment.rounds > 1" class="quiet">{{
          $t('floor.round_round_of_rounds_2', { round: moment.round, rounds: moment.rounds })
        }}</span>
        <span v-if="away" class="warn-text">{{ $t('floor.the_server_does_not_answer_this') }}</span>
      </p>
      <section :aria-label="$t('floor.now')">
        <h2>{{ $t('floor.now') }}</h2>
        <RoomView v-if="now.length" :fit="fit" :stations="now" :people="fit.sheet.value?.people ?? []" />
        <p v-else class="quiet">{{ $t('floor.no_station_just_now') }}</p>
      </section>
      <section v-if="next.length" :aria-label="$t('floor.next')">
        <h2>{{ $t('floor.next') }}</h2>
        <RoomView :fit="fit" :stations="next" :people="fit.sheet.value?.people ?? []" />
      </section>
    </PageState>
    <EmergencyCard v-model:visible="emergencyShown" :data="emergency.data.value" />
  </div>
</template>

<style scoped>
section {
  margin-top: var(--space-4);
}
</style>
