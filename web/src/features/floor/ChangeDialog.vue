<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import { clockText, instantOf, onTheWall } from '@/lib/clockText'
import { timeNow } from '@/lib/timeSource'
import { useAttempt } from '@/lib/useAttempt'
import type { PlanChange, PlanOffer } from '@/lib/api/types'
import TextField from '@/ui/TextField.vue'
import OfferList from './OfferList.vue'
import { MINUTE_S } from './useRunClock'
import type { Versions } from './useVersions'

// What may be changed of what is left of the class, each with the end that it brings. The server works it out; while it is
// away, what needs no computing is offered.
const props = defineProps<{
  runId: string
  /** Which plan this is: another once something was changed. */
  planned: string
  /** The second of the plan, time that was added left out; and how long the class goes on. */
  plannedS: number
  leftS: number
  /** Where the class is, or what comes next. */
  station?: string
  versions: Versions
  change: (changes: PlanChange[], atS: number) => Promise<void>
}>()
const emit = defineEmits<{ minute: []; skip: []; end: [] }>()
const shown = defineModel<boolean>('visible', { required: true })

/** When the class would be over, on the wall, as it stood when this was opened. */
const openedMs = ref(0)
const atS = ref(0)
const endMs = ref(0)
const until = ref('')
const chosen = ref('')
watch(
  [shown, () => props.planned],
  () => {
    if (!shown.value) return
    openedMs.value = timeNow()
    atS.value = props.plannedS
    endMs.value = openedMs.value + props.leftS * 1000
    chosen.value = props.station ?? ''
  },
  { immediate: true },
)
const wall = (ms: number) => onTheWall(new Date(ms)).hour
/** The second of the plan by which it must be over. */
const byS = computed(() => {
  if (!/^\d{1,2}:\d{2}$/.test(until.value)) return undefined
  const at = instantOf(onTheWall(new Date(openedMs.value)).day, until.value.padStart(5, '0'))
  const seconds = at ? (at.getTime() - openedMs.value) / 1000 : 0
  return seconds > 0 ? Math.round(atS.value + seconds) : undefined
})
const query = useQuery({
  queryKey: computed(() => ['run', props.runId, 'changes', props.planned, atS.value, byS.value]),
  queryFn: () =>
    ask(
      api.GET('/api/runs/{id}/changes', {
        params: { path: { id: props.runId }, query: { at_s: atS.value, by_s: byS.value } },
      }),
    ),
  enabled: shown,
  gcTime: 0,
  retry: false,
  placeholderData: (before) => before,
})
const groups = computed(() => {
  const offers = query.data.value?.offers ?? []
  const of = (...names: PlanOffer['group'][]) => offers.filter((offer) => names.includes(offer.group))
  return [
    { title: t('floor.work_and_rest'), offers: of('time') },
    { title: t('floor.rounds_and_parts'), offers: of('rounds', 'block') },
    { title: t('floor.stations'), offers: of('station') },
  ].filter((group) => group.offers.length)
})
const versionOffers = computed(() => (query.data.value?.offers ?? []).filter((offer) => offer.group === 'version'))
const stations = computed(() => {
  const ids = [...new Set(versionOffers.value.map((offer) => offer.changes[0]!.station!))]
  const block = versionOffers.value[0]?.changes[0]?.block ?? ''
  return ids.map((id) => ({ value: id, label: props.versions.name(block, id) }))
})
const ofStation = computed(() => {
  const id = stations.value.some((held) => held.value === chosen.value) ? chosen.value : stations.value[0]?.value
  return versionOffers.value.filter((offer) => offer.changes[0]!.station === id)
})

function end(offer: PlanOffer): string {
  const sooner = (query.data.value?.total_s ?? offer.total_s) - offer.total_s
  const at = wall(endMs.value - sooner * 1000)
  if (!sooner) return t('floor.ends_as_before_at', { at })
  return sooner > 0
    ? t('floor.ends_at_sooner', { at, by: clockText(sooner) })
    : t('floor.ends_at_later', { at, by: clockText(-sooner) })
}

const { attempt, busy } = useAttempt()
async function take(offer: PlanOffer) {
  if (await attempt(() => props.change(offer.changes, atS.value))) shown.value = false
  else void query.refetch()
}
</script>

<template>
  <Dialog
    v-model:visible="shown"
    modal
    :header="$t('floor.change_what_is_left')"
    :style="{ width: 'min(46rem, 96vw)' }"
  >
    <div class="row spread">
      <p data-testid="end">
        {{ $t('floor.as_it_stands_it_ends_at', { at: wall(endMs), left: clockText(leftS) }) }}
      </p>
      <TextField v-model="until" :label="$t('floor.we_must_be_out_at')" type="time" autofocus :hint="wall(endMs)" />
    </div>

    <p v-if="query.isError.value" class="warn-text" role="status">{{ $t('floor.the_server_is_away_so') }}</p>
    <section v-if="byS !== undefined && query.data.value" :aria-label="$t('floor.this_keeps_it')">
      <h3>{{ $t('floor.this_keeps_it') }}</h3>
      <p v-if="!query.data.value.ways.length" class="quiet">{{ $t('floor.nothing_here_keeps_it') }}</p>
      <OfferList :offers="query.data.value.ways" :end="end" :busy="busy" @take="take" />
    </section>
    <div v-else class="groups">
      <section :aria-label="$t('floor.at_once')">
        <h3>{{ $t('floor.at_once') }}</h3>
        <ul>
          <li>
            <button type="button" class="offer" @click="((shown = false), emit('minute'))">
              <span>{{ $t('floor.a_minute_of_rest_here') }}</span><span class="end">{{
                $t('floor.ends_at_later', { at: wall(endMs + MINUTE_S * 1000), by: clockText(MINUTE_S) })
              }}</span>
            </button>
          </li>
          <li>
            <button type="button" class="offer" @click="((shown = false), emit('skip'))">
              <span>{{ $t('floor.skip_to_the_next_section') }}</span>
            </button>
          </li>
          <li>
            <button type="button" class="offer" @click="((shown = false), emit('end'))">
              <span>{{ $t('floor.end_the_class_here_2') }}</span>
            </button>
          </li>
        </ul>
      </section>
      <section v-for="group in groups" :key="group.title" :aria-label="group.title">
        <h3>{{ group.title }}</h3>
        <OfferList :offers="group.offers" :end="end" :busy="busy" @take="take" />
      </section>
      <section v-if="stations.length" :aria-label="$t('floor.another_version')">
        <h3>{{ $t('floor.another_version') }}</h3>
        <Select
          v-model="chosen"
          :options="stations"
          option-label="label"
          option-value="value"
          :aria-label="$t('floor.at_which_station')"
        />
        <OfferList :offers="ofStation" :end="end" :busy="busy" @take="take" />
      </section>
    </div>
  </Dialog>
</template>

<style scoped>
.groups {
  margin-top: var(--space-3);
  columns: 20rem;
  column-gap: var(--space-5);
}
section {
  break-inside: avoid;
  margin-bottom: var(--space-3);
}
</style>

<style scoped src="./offers.css"></style>
