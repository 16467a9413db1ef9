<script setup lang="ts">
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
      return 'Working it out…'
    case 'failed':
      return 'The server does not answer: these totals are from before. Trying again.'
    case 'refused':
      return 'Some fields need correcting: these totals are from before.'
    default:
      return ''
  }
})
</script>

<template>
  <section class="totals" aria-label="Totals">
    <p class="big" :class="{ late: board.late.value }" aria-live="polite">
      <span v-if="predicted" class="quiet">about </span
      ><span class="value figure" data-testid="total">{{ preview ? clockText(preview.total_s) : '–' }}</span>
      <span v-if="typeof slot === 'number'" class="quiet"> of {{ slot }}:00</span>
    </p>
    <p class="small warn-text state" role="status">{{ saying }}</p>
    <table v-if="preview" class="ledger small">
      <caption class="visually-hidden">
        Minutes and seconds per level
      </caption>
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">Of</span></th>
          <th v-for="level in LEVELS" :key="level" class="number" scope="col"><LevelTally :level="level" /></th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">Work</th>
          <td v-for="level in LEVELS" :key="level" class="number">{{ clockText(preview.lanes[level].work_s) }}</td>
        </tr>
        <tr>
          <th scope="row">Rest</th>
          <td v-for="level in LEVELS" :key="level" class="number">{{ clockText(preview.lanes[level].rest_s) }}</td>
        </tr>
        <tr>
          <th scope="row">Waiting</th>
          <td v-for="level in LEVELS" :key="level" class="number">{{ clockText(preview.lanes[level].waiting_s) }}</td>
        </tr>
        <tr v-if="LEVELS.some((level) => preview!.lanes[level].transition_s)">
          <th scope="row">Transition</th>
          <td v-for="level in LEVELS" :key="level" class="number">
            {{ clockText(preview.lanes[level].transition_s) }}
          </td>
        </tr>
        <tr>
          <th scope="row">Done early</th>
          <td v-for="level in LEVELS" :key="level" class="number">{{ clockText(preview.lanes[level].done_s) }}</td>
        </tr>
        <tr>
          <th scope="row">Reps, moves</th>
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
