<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import { useIntervalFn, useOnline } from '@vueuse/core'
import { computed, ref, toRef } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { useVariations } from '@/lib/api/queries'
import EmergencyCard from '@/features/classes/EmergencyCard.vue'
import Button from 'primevue/button'
import { clockText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import RoomView from '@/features/fit/RoomView.vue'
import * as clock from '@/lib/running/fold'
import { momentAt, planOf, plannedSecond } from './plan'
import { timeNow } from '@/lib/timeSource'
import { useFit } from '@/features/fit/useFit'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import { heardOf } from '@/lib/changes'
import type { FitPerson, FitStation, Run } from '@/lib/api/types'
import { useSession } from '@/lib/session'
import PlanNotes from './PlanNotes.vue'
import PulseStraps from './PulseStraps.vue'
import WhoIsHere from './WhoIsHere.vue'
import { groupsAt, type GroupAt } from './groups'
import { useRunEvents } from './useRunEvents'

// The instructor's own view of a class that runs, on a device of their own: who
// stands at which level now and next, whose number differs, what to watch, and who came late or left. It reads the
// clock that the Floor tells the server, and goes on by itself in between.
const props = defineProps<{ classId: string; run: Run }>()
const emit = defineEmits<{ replan: [] }>()
const run = toRef(props, 'run')
const session = useSession()
const feed = useRunEvents(run, () => emit('replan'))
const fit = useFit(props.classId)
const emergency = useQuery({
  queryKey: ['emergency', props.classId],
  queryFn: () => ask(api.GET('/api/classes/{id}/emergency', { params: { path: { id: props.classId } } })),
  gcTime: 24 * 3_600_000,
})
/** Nothing new is heard from the server. */
const online = useOnline()
const away = computed(() => !online.value || !heardOf.value)
const emergencyShown = ref(false)
const nowMs = ref(timeNow())
useIntervalFn(() => (nowMs.value = timeNow()), 500)

const state = computed(() => clock.fold(feed.events.value))
const plan = computed(() => planOf(run.value, state.value.additions))
const second = computed(() => Math.min(plan.value.totalS, Math.max(0, clock.elapsed(state.value, nowMs.value))))
const moment = computed(() => momentAt(plan.value, second.value))
const words = computed(() => {
  if (!clock.started(state.value)) return t('floor.not_started')
  if (clock.ended(state.value) || second.value >= plan.value.totalS) return t('floor.over')
  return clock.paused(state.value) ? t('floor.paused_2') : t('floor.running')
})
const find = (block: string | undefined, station: string | undefined) =>
  (fit.sheet.value?.stations ?? []).filter((held) => held.block === block && held.station === station)
const people = computed(() => fit.sheet.value?.people ?? [])

/** Some of the class at one station: everybody, or a group of those that rotate. */
interface Part {
  label: string
  stations: FitStation[]
  people: FitPerson[]
}
const blockOf = (id: string) => plan.value.preview.blocks.find((held) => held.id === id)
function standing(label: string, block: string, station: string | undefined, who: FitPerson[]): Part[] {
  const stations = find(block, station)
  return who.length && stations.length ? [{ label, stations, people: who }] : []
}
const byGroup = (block: string, groups: GroupAt[], stationOf: (group: GroupAt) => string | undefined) =>
  groups.flatMap((group) =>
    standing(
      group.label,
      block,
      stationOf(group),
      people.value.filter((person) => person.groups[block] === group.index),
    ),
  )
const groups = computed(() => {
  const isWorking = ['work', 'switch'].includes(moment.value.kind)
  return groupsAt(blockOf(moment.value.blockId), moment.value.plannedS, isWorking)
})
const now = computed(() => {
  const { blockId, station } = moment.value
  return groups.value.length
    ? byGroup(blockId, groups.value, (group) => group.station)
    : standing('', blockId, station, people.value)
})
/** Where each group goes to from here; from the last station, or where all are together, what comes after it. */
const next = computed(() => {
  const onward = byGroup(moment.value.blockId, groups.value, (group) => group.following)
  const then = moment.value.next
  if (onward.length || !then) return onward
  const begins = blockOf(then.blockId)
  return then.blockId !== moment.value.blockId && begins?.groups
    ? byGroup(then.blockId, groupsAt(begins, begins.start_s - 1, false), (group) => group.station)
    : standing('', then.blockId, then.station, people.value)
})

/** What goes wrong with the versions that are done now, and the word that mends it. */
const variations = useVariations()
const watched = computed(() => {
  const done = now.value.flatMap((part) =>
    part.people.flatMap((person) =>
      person.cells
        .filter((cell) => part.stations.some((held) => cell.block === held.block && cell.station === held.station))
        .map((cell) => cell.variation),
    ),
  )
  return [...new Set(done)].flatMap((id) => {
    const version = variations.value.get(id ?? '')
    return version?.faults.length ? { name: version.name, faults: version.faults } : []
  })
})
useShortcuts([
  { keys: 'e', label: t('floor.emergency_card'), matches: plainKey('e'), run: () => (emergencyShown.value = true) },
])
</script>

<template>
  <div class="page">
    <p class="small">
      <RouterLink :to="{ name: 'class', params: { id: classId } }">{{ run.title }}</RouterLink>
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
      :loading="fit.query.isPending.value"
      :error="fit.sheet.value ? null : fit.query.error.value"
      @retry="fit.query.refetch()"
    >
      <p class="row" role="status">
        <b>{{ words }}</b>
        <span class="quiet">{{
          $t('floor.second_of_total_s', { second: clockText(second), total_s: clockText(plan.totalS) })
        }}</span>
        <span v-if="moment.round && moment.rounds > 1" class="quiet">{{
          $t('floor.round_round_of_rounds_2', { round: moment.round, rounds: moment.rounds })
        }}</span>
        <span v-if="away" class="warn-text">{{ $t('floor.the_server_does_not_answer_this') }}</span>
      </p>
      <div class="pair">
        <section :aria-label="$t('floor.now')">
          <h2>{{ $t('floor.now') }}</h2>
          <RoomView v-for="part in now" v-bind="part" :key="part.label" class="part" />
          <p v-if="!now.length" class="quiet">{{ $t('floor.no_station_just_now') }}</p>
          <PlanNotes :run="run" :stations="now.flatMap((part) => part.stations)" />
          <dl v-if="watched.length" class="watch" :aria-label="$t('floor.what_to_watch')">
            <template v-for="version in watched" :key="version.name">
              <dt>{{ version.name }}</dt>
              <dd v-for="fault in version.faults" :key="fault.see">
                {{ fault.see }}: <b>“{{ fault.say }}”</b>
              </dd>
            </template>
          </dl>
        </section>
        <section v-if="next.length" :aria-label="$t('floor.next')">
          <h2>{{ $t('floor.next') }}</h2>
          <RoomView v-for="part in next" v-bind="part" :key="part.label" class="part" />
        </section>
      </div>
      <WhoIsHere :people="people" :feed="feed" :at-s="clock.started(state) ? plannedSecond(plan, second) : 0" />
      <PulseStraps v-if="session.plans" :run-id="run.id" :people="people" />
    </PageState>
    <EmergencyCard v-model:visible="emergencyShown" :data="emergency.data.value" />
  </div>
</template>

<style scoped>
/* What is on now, and beside it what comes next. */
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(26rem, 100%), 1fr));
  gap: 0 var(--space-5);
}
section {
  margin-top: var(--space-4);
}
.part + .part {
  margin-top: var(--space-3);
}
.watch {
  margin-top: var(--space-3);
  columns: 20rem;
}
dt {
  font-weight: 600;
  break-after: avoid;
}
dd {
  margin: 0 0 var(--space-1) var(--space-3);
}
</style>
