<script setup lang="ts">
import { t } from '@/lib/text'
import type { Operation } from 'fast-json-patch'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import SelectButton from 'primevue/selectbutton'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import { clockText } from '@/lib/clockText'
import LevelMark from '@/ui/LevelMark.vue'
import LevelTally from '@/ui/LevelTally.vue'
import { LEVELS, type Solution } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import FinishBars from './FinishBars.vue'
import type { Typed } from '@/lib/typed'
import { useBoard } from './useBoard'
import { useOffer } from './useOffer'

// Targets with which the lanes finish together: what would change, and how far
// apart they finish before and after. Taken as one step, or left.
const board = useBoard()
const place = board.targetsOf
const close = () => (place.value = null)
const { offer, asking, problem, askFor, forget } = useOffer<Solution>()
const windowS = ref<Typed>(undefined)
const CHOICES = [
  { value: 'numbers', label: t('board.the_numbers') },
  { value: 'work', label: t('board.the_work_time') },
] as const
const choose = ref<'numbers' | 'work'>('numbers')

const names = computed(() => {
  const blocks = board.preview.preview.value?.blocks ?? []
  return new Map(
    blocks.flatMap((block) => block.stations.map((station) => [`${block.id}/${station.id}`, station.name] as const)),
  )
})
const title = (block: string) =>
  board.document.value.blocks.find((held) => held.id === block)?.title || t('board.block_2')
/** A station without a number has nothing to be apart by, and a pause no targets. */
const rows = computed(() => offer.value?.rows.filter((row) => LEVELS.some((level) => row.after[level] !== null)) ?? [])
/** What takes longest of a block, before or after: all of its bars are drawn to that. */
const mostOf = (block: string) =>
  Math.max(
    ...rows.value
      .filter((row) => row.block === block)
      .flatMap((row) => LEVELS.flatMap((level) => [row.before[level] ?? 0, row.after[level] ?? 0])),
  )
/** What is only written down, so that it does not go along with another number, changes nothing. */
const changes = computed(() => offer.value?.changes.filter((change) => shown(change.from) !== shown(change.to)) ?? [])
const keptBlocks = computed(
  () =>
    offer.value?.kept.filter(
      (kept) => board.format(board.document.value.blocks.find((block) => block.id === kept.block))?.stations,
    ) ?? [],
)
const whose = (change: Solution['changes'][number]) =>
  change.station ? names.value.get(`${change.block}/${change.station}`) : title(change.block)
const UNITS = { reps: '', hold_s: ' s', work_s: ' s', share: ' %' }
const shown = (value: Solution['changes'][number]['to']) =>
  typeof value === 'number' ? String(value) : `${value.min}–${value.max}`

watch(
  [place, windowS, choose],
  ([asked]) => {
    if (!asked) return forget()
    const window_s = typeof windowS.value === 'number' ? windowS.value : undefined
    void askFor(() =>
      ask(
        api.POST('/api/planning/targets', {
          body: {
            workout: board.document.value,
            block: asked.block,
            station: asked.station,
            window_s,
            choose: choose.value,
          },
        }),
      ),
    )
  },
  { immediate: true },
)

function take() {
  if (!offer.value) return
  board.patch(t('board.targets_that_finish_together'), offer.value.patch as Operation[])
  close()
}
</script>

<template>
  <Dialog
    :visible="Boolean(place)"
    modal
    :header="$t('board.finish_together_name', { name: place?.name ?? '' })"
    :style="{ width: 'min(46rem, 96vw)' }"
    @update:visible="close"
  >
    <div class="row choice">
      <span id="turned">{{ $t('board.choose') }}</span>
      <SelectButton
        v-model="choose"
        :options="[...CHOICES]"
        option-value="value"
        option-label="label"
        :allow-empty="false"
        aria-labelledby="turned"
      />
    </div>
    <p v-if="choose === 'work'" class="small quiet">{{ $t('board.the_numbers_stay_each_station_gets') }}</p>
    <p v-else class="small quiet">{{ $t('board.numbers_rounded_down_to_what_fills') }}</p>
    <NumberField
      v-if="choose === 'numbers'"
      v-model="windowS"
      :label="$t('board.window')"
      :unit="$t('common.s')"
      :hint="$t('board.as_planned')"
      width="5rem"
    />
    <p v-if="problem" class="warn-text" role="alert">{{ problem }}</p>
    <p v-else-if="asking && !offer" class="quiet">{{ $t('board.working_it_out') }}</p>
    <template v-if="offer">
      <div class="scroll-x" tabindex="0" role="region" :aria-label="$t('board.before_and_after')">
        <table v-if="rows.length" class="ledger small">
          <thead>
            <tr>
              <th scope="col">
                {{ choose === 'work' ? $t('board.work_time') : $t('board.seconds_per_set_or_about_in') }}
              </th>
              <th v-for="level in LEVELS" :key="level" scope="col" class="level"><LevelMark :level="level" /></th>
              <th scope="col" class="number">{{ choose === 'work' ? $t('board.left_over') : $t('board.apart') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="`${row.block}/${row.station}`">
              <th scope="row">{{ row.station ? names.get(`${row.block}/${row.station}`) : title(row.block) }}</th>
              <td v-for="level in LEVELS" :key="level">
                <FinishBars
                  :level="level"
                  :before="row.before[level]"
                  :after="row.after[level]"
                  :most-s="mostOf(row.block)"
                />
              </td>
              <td class="number">
                {{ row.spread_before_s }} →
                <b>{{ $t('board.spread_after_s_s', { spread_after_s: row.spread_after_s }) }}</b>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-for="kept in keptBlocks" :key="kept.block" class="small quiet">{{ title(kept.block) }}: {{ kept.why }}.</p>
      <ul v-if="offer.apart.length" class="apart small" :aria-label="$t('board.still_apart')">
        <li v-for="held in offer.apart" :key="`${held.block}/${held.station}`">
          <LevelTally :level="held.level" />
          {{ held.station ? names.get(`${held.block}/${held.station}`) : title(held.block) }}: {{ held.why }}.
        </li>
      </ul>
      <ul v-if="changes.length" class="changes small">
        <li v-for="change in changes" :key="change.pointer">
          <LevelTally v-if="change.level" :level="change.level" /> {{ whose(change) }}: {{ shown(change.from) }} →
          <b>{{ shown(change.to) }}{{ UNITS[change.key] }}</b>
        </li>
      </ul>
      <p v-else>
        {{
          $t('board.n_as_near_as_they_can', {
            n: choose === 'work' ? $t('board.the_work_times_are') : $t('board.the_numbers_are'),
          })
        }}
      </p>
      <p v-if="offer.total_after_s !== offer.total_before_s" class="small">
        {{ $t('board.the_class_total_before_s', { total_before_s: clockText(offer.total_before_s) }) }}
        <b>{{ clockText(offer.total_after_s) }}</b>
      </p>
    </template>
    <template #footer>
      <Button :label="$t('board.leave_it')" severity="secondary" variant="outlined" @click="close" />
      <Button :label="$t('board.take_these')" :disabled="!offer?.changes.length || asking" @click="take" />
    </template>
  </Dialog>
</template>

<style scoped>
.choice {
  align-items: center;
  margin-bottom: var(--space-2);
}
.level {
  width: 22%;
}
.apart {
  padding: 0;
  margin: var(--space-3) 0;
  list-style: none;
  color: var(--ink-soft);
}
.changes {
  columns: 2;
  padding: 0;
  margin: var(--space-3) 0;
  list-style: none;
}
.number {
  white-space: nowrap;
}
@media (max-width: 40rem) {
  .changes {
    columns: 1;
  }
}
</style>
