<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { LEVELS, type Block, type Level } from '@/lib/api/types'
import { useMovements, useVariations } from '@/lib/api/queries'
import { clockText, dayText } from '@/lib/clockText'
import { pieceName } from '@/lib/readable'
import { useAttempt } from '@/lib/useAttempt'
import { useFormatNames } from '@/lib/useFormatNames'
import LaneChart from '@/ui/LaneChart.vue'
import LevelMark from '@/ui/LevelMark.vue'
import PageState from '@/ui/PageState.vue'

// A circuit as somebody of the studio shows it to another: read, and taken as a copy of one's own.
const props = defineProps<{ id: string }>()
const router = useRouter()
const queries = useQueryClient()
const variations = useVariations()
const { labelOf } = useFormatNames()
const { attempt, busy } = useAttempt()
const held = useQuery({
  queryKey: ['use-circuit', props.id],
  queryFn: async () => {
    const workout = await ask(api.GET('/api/workouts/{id}', { params: { path: { id: props.id } } }))
    return { workout, preview: await ask(api.POST('/api/preview', { body: { workout: workout.document } })) }
  },
})
const workout = computed(() => held.data.value?.workout)
const stationsOf = (block: Block) => held.data.value?.preview.blocks.find((one) => one.id === block.id)?.stations ?? []

const movements = useMovements()
const partsOf = (parts: { movement: string; reps: number }[] | null | undefined) =>
  (parts ?? [])
    .map((part) => `${part.reps} ${movements.data.value?.find((held) => held.id === part.movement)?.name ?? ''}`)
    .join(' + ')
/** What a level does there, and how many. */
function cell(block: Block, station: string, level: Level): string {
  const typed = block.stations?.find((one) => one.id === station)?.levels[level]
  const shown = stationsOf(block).find((one) => one.id === station)?.levels[level]
  if (typed?.sits_out) return shown?.target ?? ''
  const name = variations.value.get(typed?.variation ?? '')?.name ?? partsOf(typed?.parts)
  return [name, shown?.target].filter(Boolean).join(': ')
}

const take = () =>
  attempt(async () => {
    const made = await ask(api.POST('/api/workouts', { body: { copy_of: props.id } }))
    await queries.invalidateQueries({ queryKey: ['workouts'] })
    await router.push({ name: 'board', params: { id: made.id } })
  })
</script>

<template>
  <div class="page">
    <PageState :loading="held.isPending.value" :error="held.error.value" @retry="held.refetch()">
      <template v-if="workout">
        <div class="row spread">
          <div>
            <h1>{{ workout.title }}</h1>
            <p class="quiet small">
              {{ clockText(workout.total_s) }}
              <template v-if="workout.kit.length"> · {{ workout.kit.map(pieceName).join(', ') }}</template>
              <template v-else> · {{ $t('circuits.no_kit') }}</template>
              · {{ dayText(workout.updated_at)
              }}<template v-if="workout.updated_by">, {{ workout.updated_by }}</template>
            </p>
          </div>
          <span class="row">
            <Button
              :label="$t('circuits.open_the_circuit_itself')"
              variant="outlined"
              @click="router.push({ name: 'board', params: { id } })"
            />
            <Button :label="$t('circuits.use_this')" :loading="busy" autofocus @click="take" />
          </span>
        </div>
        <LaneChart v-if="held.data.value" :preview="held.data.value.preview" compact />
        <section v-for="block in workout.document.blocks" :key="block.id" :aria-label="block.title">
          <h2>
            {{ block.title }} <span class="small quiet">{{ labelOf(block.format) }}</span>
          </h2>
          <p v-if="block.note" class="small">{{ block.note }}</p>
          <table v-if="stationsOf(block).length" class="ledger small">
            <thead>
              <tr>
                <th scope="col">{{ $t('circuits.stations') }}</th>
                <th v-for="level in LEVELS" :key="level" scope="col"><LevelMark :level="level" /></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="station in stationsOf(block)" :key="station.id">
                <th scope="row">{{ station.name }}</th>
                <td v-for="level in LEVELS" :key="level">{{ cell(block, station.id, level) }}</td>
              </tr>
            </tbody>
          </table>
        </section>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
h2 {
  font-size: var(--size-1);
  margin-top: var(--space-4);
}
th[scope='row'] {
  font-weight: 600;
}
table {
  table-layout: fixed;
  width: 100%;
}
@media (max-width: 44rem) {
  th :deep(.word) {
    display: none;
  }
}
</style>
