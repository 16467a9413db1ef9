<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { clockText } from '@/lib/clockText'
import LaneChart from '@/ui/LaneChart.vue'
import LevelMark from '@/ui/LevelMark.vue'
import PageState from '@/ui/PageState.vue'
import { useFormatNames } from '@/lib/useFormatNames'
import { readable } from '@/lib/readable'
import { LEVELS, type Block, type Preview, type Workout } from '@/lib/api/types'

// Two circuits side by side: what they take, what they load, what stands where.
const route = useRoute()
const ids = computed(() => [String(route.query.a ?? ''), String(route.query.b ?? '')])
const pair = useQuery({
  queryKey: ['compare', ids],
  queryFn: () => Promise.all(ids.value.map(one)),
})

async function one(id: string): Promise<{ workout: Workout; preview: Preview }> {
  const workout = await ask(api.GET('/api/workouts/{id}', { params: { path: { id } } }))
  return { workout, preview: await ask(api.POST('/api/preview', { body: { workout: workout.document } })) }
}

const sides = computed(() => pair.data.value ?? [])
const FIGURES = [
  { key: 'work_s', label: t('common.work') },
  { key: 'rest_s', label: t('common.rest') },
  { key: 'waiting_s', label: t('circuits.waiting') },
  { key: 'moves', label: t('circuits.moves') },
] as const
const patterns = computed(() =>
  [
    ...new Set(
      sides.value.flatMap((side) => LEVELS.flatMap((level) => Object.keys(side.preview.balance[level].pattern))),
    ),
  ].sort(),
)
const { labelOf } = useFormatNames()
const formatName = (block: Block) => labelOf(block.format)
/** As the plan calls them: where no level does the station's movement, by what they do. */
function stationNames(block: Block, preview: Preview): string {
  const named = new Map(preview.blocks.find((held) => held.id === block.id)?.stations.map(({ id, name }) => [id, name]))
  return (block.stations ?? [])
    .map(({ id, optional }) =>
      optional ? t('circuits.name_a_bonus', { name: named.get(id) ?? '' }) : (named.get(id) ?? ''),
    )
    .join(', ')
}
</script>

<template>
  <div class="page">
    <h1>{{ $t('circuits.two_circuits') }}</h1>
    <PageState :loading="pair.isPending.value" :error="pair.error.value" @retry="pair.refetch()">
      <div class="sides">
        <section v-for="side in sides" :key="side.workout.id" :aria-label="side.workout.title">
          <h2>
            <RouterLink :to="{ name: 'board', params: { id: side.workout.id } }">{{ side.workout.title }}</RouterLink>
          </h2>
          <p>
            <span v-if="side.preview.blocks.some((block) => block.paced && block.tally !== 'rounds')" class="quiet"
              >{{ $t('common.about') }}{{ ' ' }}</span
            ><span class="figure total">{{ clockText(side.preview.total_s) }}</span>
            <span class="quiet">
              {{
                $t('circuits.of_n_plural', {
                  n: side.workout.slot_minutes
                    ? $t('circuits.slot_minutes_min', { slot_minutes: side.workout.slot_minutes })
                    : $t('circuits.no_slot'),
                  plural: plural(side.preview.findings.length, 'finding'),
                })
              }}</span
            >
          </p>
          <LaneChart :preview="side.preview" compact />
          <table class="ledger small">
            <thead>
              <tr>
                <th scope="col">
                  <span class="visually-hidden">{{ $t('circuits.of') }}</span>
                </th>
                <th v-for="level in LEVELS" :key="level" scope="col" class="number"><LevelMark :level="level" /></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="figure in FIGURES" :key="figure.key">
                <th scope="row">{{ figure.label }}</th>
                <td v-for="level in LEVELS" :key="level" class="number">
                  {{
                    figure.key === 'moves'
                      ? side.preview.lanes[level].moves
                      : clockText(side.preview.lanes[level][figure.key])
                  }}
                </td>
              </tr>
              <tr v-for="pattern in patterns" :key="pattern">
                <th scope="row">{{ readable(pattern) }}</th>
                <td v-for="level in LEVELS" :key="level" class="number">
                  {{
                    side.preview.balance[level].pattern[pattern]
                      ? clockText(side.preview.balance[level].pattern[pattern]!.work_s)
                      : '–'
                  }}
                </td>
              </tr>
            </tbody>
          </table>
          <ol class="blocks">
            <li v-for="(block, index) in side.workout.document.blocks" :key="block.id">
              <b>{{ block.title }}</b>:
              <span class="quiet"
                >{{ formatName(block) }}, {{ clockText(side.preview.blocks[index]?.total_s ?? 0) }}</span
              >
              <br /><span class="small">{{ stationNames(block, side.preview) }}</span>
            </li>
          </ol>
        </section>
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-5);
  margin-top: var(--space-4);
}
section {
  border-top: 2px solid var(--ink);
  padding-top: var(--space-3);
  min-width: 0;
}
.total {
  font-size: var(--size-3);
}
.blocks {
  padding-left: 1.3em;
  display: grid;
  gap: var(--space-2);
}
@media (max-width: 52rem) {
  .sides {
    grid-template-columns: 1fr;
  }
}
</style>
