<script setup lang="ts">
import { t } from '@/lib/text'
import { computed } from 'vue'
import { clockText } from '@/lib/clockText'
import LevelMark from '@/ui/LevelMark.vue'
import LevelTally from '@/ui/LevelTally.vue'
import { readable } from '@/lib/readable'
import { useBoard } from './useBoard'
import { LEVELS, type Block, type BlockPreview, type Level } from '@/lib/api/types'

// What a block comes to beyond its clock: predictions where the people pace it,
// the order of the groups where they move on, and the kit that is needed at once.
const props = defineProps<{ block: Block; preview: BlockPreview; kitShown: boolean }>()
const board = useBoard()

const forecast = computed(() => props.preview.forecast)
const stationName = (id: string) => props.preview.stations.find((station) => station.id === id)?.name ?? id
const ordinal = (id: string) => (props.block.stations ?? []).findIndex((station) => station.id === id) + 1

function saying(level: Level): string[] {
  const told = forecast.value?.[level]
  if (!told) return []
  const says: string[] = []
  if (told.rounds !== undefined) {
    const into = (told.into_next ?? []).filter((part) => part.reps > 0 || part.seconds > 0)
    const rest = into.map((part) =>
      part.reps
        ? t('board.reps_of_station_name', { reps: part.reps, station_name: stationName(part.station) })
        : stationName(part.station),
    )
    says.push(
      t('board.about_rounds_rounds_of_clock_text_remainder_s', {
        rounds: told.rounds,
        clock_text: clockText(told.round_s ?? 0),
        remainder_s: told.remainder_s,
      }),
    )
    if (rest.length) says.push(t('board.into_the_next_n', { n: rest.join(', ') }))
  }
  if (told.finish_s != null)
    says.push(
      told.capped
        ? t('board.about_finish_s_cut_off_at_the', { finish_s: clockText(told.finish_s) })
        : t('board.about_finish_s', { finish_s: clockText(told.finish_s) }),
    )
  const gates = (told.gates ?? []).filter((gate) => gate.takes_s > 0)
  if (gates.length > 1 || gates.some((gate) => gate.waits_s > 0)) {
    const waits = gates.reduce((sum, gate) => sum + gate.waits_s, 0)
    const times = [...new Set(gates.map((gate) => clockText(gate.takes_s)))]
    if (props.block.gate !== 'free' && props.preview.tally !== 'total')
      says.push(
        t('board.n_of_n_2_n_3', {
          n: props.block.gate === 'station' ? t('board.stations') : t('common.rounds'),
          n_2: times.slice(0, 4).join(', '),
          n_3: times.length > 4 ? ' …' : '',
        }),
      )
    says.push(waits ? t('board.waits_waits_in_all', { waits: clockText(waits) }) : t('board.waits_for_nobody'))
  }
  if (told.demand)
    says.push(
      t('board.the_aim_asks_seconds_per_rep_s_a', {
        seconds_per_rep: told.demand.seconds_per_rep,
        n: Math.round(told.demand.of_default * 100),
        n_2: told.demand.plausible ? '' : ': implausible',
      }),
    )
  return says
}

const sets = computed(() => {
  if (!LEVELS.some((level) => forecast.value?.[level].stations)) return []
  return props.preview.stations.map((station) => ({
    id: station.id,
    name: station.name,
    levels: LEVELS.map((level) => forecast.value![level].stations?.find((plan) => plan.station === station.id)),
  }))
})

/** 12, 12, 12, 10 reads as 3 × 12, 10. */
function inSets(list: number[]): string {
  const runs: { size: number; times: number }[] = []
  for (const size of list) {
    const last = runs.at(-1)
    if (last?.size === size) last.times++
    else runs.push({ size, times: 1 })
  }
  return runs.map((run) => (run.times > 1 ? `${run.times} × ${run.size}` : String(run.size))).join(', ')
}
const firstRound = computed(() =>
  (props.preview.groups ?? []).map((group) => ({
    label: group.label,
    order: group.stops
      .filter((stop) => stop.round === group.stops[0]?.round)
      .map((stop) => ordinal(stop.station))
      .filter((place, index, all) => place !== all[index - 1]),
  })),
)
const kit = computed(() =>
  props.preview.kit.filter((piece) => piece.equipment !== 'mat' || props.block.flow === 'rotate'),
)
</script>

<template>
  <div class="forecast small">
    <table v-if="forecast && preview.tally !== 'day' && preview.stations.length" class="predicted">
      <caption class="quiet">
        {{
          $t('board.a_prediction_from_tempo_and_the')
        }}
      </caption>
      <tbody>
        <tr v-for="level in LEVELS" :key="level">
          <th scope="row"><LevelMark :level="level" /></th>
          <td>
            <template v-for="(part, index) in saying(level)" :key="part"
              ><span v-if="index"> · </span
              ><span :class="{ 'warn-text': part.includes('implausible') || part.includes('cut off') }">{{
                part
              }}</span></template
            >
          </td>
        </tr>
      </tbody>
    </table>
    <table v-if="sets.length" class="sets">
      <caption class="quiet">
        {{
          preview.tally === 'day' ? $t('board.sets_for_the_days_goal_hours') : $t('board.sets_as_typed_or_such_as')
        }}
      </caption>
      <tbody>
        <tr v-for="station in sets" :key="station.id">
          <th scope="row">{{ station.name }}</th>
          <td v-for="(plan, index) in station.levels" :key="index">
            <LevelTally :level="LEVELS[index]!" />
            <template v-if="plan"
              >{{ inSets(plan.sets) }}<span v-if="plan.goal" class="quiet"> = {{ plan.goal }}</span
              ><span v-else-if="plan.takes_s" class="quiet">
                {{ $t('board.about_takes_s', { takes_s: clockText(plan.takes_s) }) }}</span
              ></template
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="firstRound.length" class="groups">
      <span v-for="group in firstRound" :key="group.label"
        >{{ group.label }}: <b>{{ group.order.join(' → ') }}</b></span
      >
    </p>
    <p v-if="kitShown && kit.length" class="quiet">
      {{ $t('board.kit_at_once_for_head_count_people', { head_count: board.document.value.head_count ?? 12 }) }}
      <template v-for="(piece, index) in kit" :key="piece.equipment"
        ><span v-if="index">, </span
        >{{
          $t('board.readable_together_together_or_rotate_in', {
            readable: readable(piece.equipment),
            together: piece.together,
            rotate: piece.rotate,
          })
        }}</template
      >
    </p>
  </div>
</template>

<style scoped>
.forecast {
  display: grid;
  gap: var(--space-2);
  padding: var(--space-2) 0 0;
}
table {
  border-collapse: collapse;
}
caption {
  text-align: left;
}
th {
  text-align: left;
  font-weight: 400;
  padding: 0 var(--space-3) 0 0;
  white-space: nowrap;
  vertical-align: top;
}
td {
  padding: 0 var(--space-4) 0 0;
}
.groups {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-4);
}
</style>
