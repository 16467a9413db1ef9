<script setup lang="ts">
import { t } from '@/lib/text'
import { computed } from 'vue'
import { clockText } from '@/lib/clockText'
import LevelTally from '@/ui/LevelTally.vue'
import { LEVELS } from '@/lib/api/types'
import { useBoard } from './useBoard'

const board = useBoard()
const preview = board.preview.preview
const state = board.preview.state
const slot = computed(() => board.document.value.slot_minutes)

/** Where people pace a block its time is a prediction, and so is the sum. */
const predicted = computed(
  () => preview.value?.blocks.some((block) => block.paced && block.tally !== 'rounds') ?? false,
)

const saying = computed(() => {
  switch (state.value) {
    case 'slow':
      return t('board.working_it_out')
    case 'failed':
      return t('board.the_server_does_not_answer_these')
    case 'refused':
      return t('board.some_fields_need_correcting_these_totals')
    default:
      return ''
  }
})
</script>

<template>
  <section class="totals" :aria-label="$t('board.totals')">
    <p class="big" :class="{ late: board.late.value }" aria-live="polite">
      <span v-if="predicted" class="quiet">{{ $t('common.about') }}{{ ' ' }}</span
      ><span class="value figure" data-testid="total">{{ preview ? clockText(preview.total_s) : '–' }}</span>
      <span v-if="typeof slot === 'number'" class="quiet">{{ ' ' }}{{ $t('board.of_slot_00', { slot }) }}</span>
    </p>
    <p class="small warn-text state" role="status">{{ saying }}</p>
    <table v-if="preview" class="ledger small">
      <caption class="visually-hidden">
        {{
          $t('board.minutes_and_seconds_per_level')
        }}
      </caption>
      <thead>
        <tr>
          <th scope="col">
            <span class="visually-hidden">{{ $t('board.of_2') }}</span>
          </th>
          <th v-for="level in LEVELS" :key="level" class="number" scope="col"><LevelTally :level="level" /></th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">{{ $t('common.work') }}</th>
          <td v-for="level in LEVELS" :key="level" class="number">{{ clockText(preview.lanes[level].work_s) }}</td>
        </tr>
        <tr>
          <th scope="row">{{ $t('common.rest') }}</th>
          <td v-for="level in LEVELS" :key="level" class="number">{{ clockText(preview.lanes[level].rest_s) }}</td>
        </tr>
        <tr>
          <th scope="row">{{ $t('board.waiting') }}</th>
          <td v-for="level in LEVELS" :key="level" class="number">{{ clockText(preview.lanes[level].waiting_s) }}</td>
        </tr>
        <tr v-if="LEVELS.some((level) => preview!.lanes[level].transition_s)">
          <th scope="row">{{ $t('board.transition') }}</th>
          <td v-for="level in LEVELS" :key="level" class="number">
            {{ clockText(preview.lanes[level].transition_s) }}
          </td>
        </tr>
        <tr>
          <th scope="row">{{ $t('board.done_early') }}</th>
          <td v-for="level in LEVELS" :key="level" class="number">{{ clockText(preview.lanes[level].done_s) }}</td>
        </tr>
        <tr>
          <th scope="row">{{ $t('board.reps_moves') }}</th>
          <td v-for="level in LEVELS" :key="level" class="number">
            {{ preview.lanes[level].reps_counted }}, {{ preview.lanes[level].moves }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.big .value {
  font-size: 2.6rem;
  line-height: 1;
}
.late .value {
  color: var(--ink-soft);
  font-style: italic;
}
.state:empty {
  display: none;
}
.ledger tbody th {
  font-weight: 400;
  padding: var(--space-1) 0;
}
.ledger td {
  padding: var(--space-1) 0 var(--space-1) var(--space-2);
}
.ledger th.number {
  padding-right: 0;
  text-align: right;
}
</style>
