<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Select from 'primevue/select'
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { clockText } from '@/lib/clockText'
import LevelTally from '@/ui/LevelTally.vue'
import { readable } from '@/lib/readable'
import { LEVELS, type Balance, type Level } from '@/lib/api/types'
import BodyBalance from './BodyBalance.vue'
import PushPull from './PushPull.vue'
import { useWorked } from './useWorked'

// What each level is given to do, in seconds of work or in moves: of this circuit, or of the last four weeks.
const { period, loads, balance, classes, isLately } = useWorked()
const PERIODS = [
  { value: 'circuit', label: t('board.this_circuit') },
  { value: 'lately', label: t('board.last_four_weeks') },
]
const by = ref<keyof Balance | 'body' | 'joints'>('body')
const unit = ref<'work_s' | 'moves'>('work_s')
const BY = [
  { value: 'body', label: t('board.by_body') },
  { value: 'pattern', label: t('board.by_pattern') },
  { value: 'joints', label: t('board.by_joint') },
  { value: 'plane', label: t('board.by_plane') },
  { value: 'position', label: t('board.by_position') },
  { value: 'impact', label: t('board.by_impact') },
]
const UNITS = [
  { value: 'work_s', label: t('board.in_time') },
  { value: 'moves', label: t('board.in_moves') },
]
const values = computed(() => {
  const kind = by.value
  if (kind === 'body') return []
  if (kind === 'joints') return [...new Set(LEVELS.flatMap((level) => Object.keys(loads.value?.[level].joints ?? {})))]
  if (!balance.value) return []
  return [...new Set(LEVELS.flatMap((level) => Object.keys(balance.value![level][kind])))]
})
const amount = (level: Level, value: string) =>
  by.value === 'body'
    ? 0
    : by.value === 'joints'
      ? (loads.value?.[level].joints[value] ?? 0)
      : (balance.value?.[level][by.value][value]?.[unit.value] ?? 0)
const most = computed(() =>
  Math.max(1, ...values.value.flatMap((value) => LEVELS.map((level) => amount(level, value)))),
)
const shown = (number: number) =>
  unit.value === 'work_s' || by.value === 'joints' ? clockText(number) : String(number)
</script>

<template>
  <section :aria-label="$t('board.balance')">
    <h2>{{ $t('board.balance') }}</h2>
    <div class="row">
      <Select
        v-model="by"
        :options="BY"
        option-label="label"
        option-value="value"
        size="small"
        :aria-label="$t('board.balance_by')"
      />
      <Select
        v-if="by !== 'body' && by !== 'joints'"
        v-model="unit"
        :options="UNITS"
        option-label="label"
        option-value="value"
        size="small"
        :aria-label="$t('board.in_time_or_moves')"
      />
    </div>
    <SelectButton
      v-model="period"
      :options="PERIODS"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      size="small"
      :aria-label="$t('board.balance_of')"
    />
    <p v-if="isLately && classes !== undefined" class="small quiet" role="status">
      {{ $t('board.as_planned_of_classes', { classes: plural(classes, 'class') }) }}
    </p>
    <BodyBalance v-if="by === 'body'" :loads="loads" />
    <table v-else-if="values.length" class="small">
      <thead class="visually-hidden">
        <tr>
          <th scope="col">{{ by }}</th>
          <th v-for="level in LEVELS" :key="level" scope="col">{{ readable(level) }}</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="value in values" :key="value">
          <tr v-for="(level, index) in LEVELS" :key="level" :class="level">
            <th v-if="index === 0" scope="rowgroup" :rowspan="LEVELS.length">{{ readable(value) }}</th>
            <td class="mark"><LevelTally :level="level" /></td>
            <td class="bar"><i :style="{ width: `${(100 * amount(level, value)) / most}%` }" /></td>
            <td class="number">{{ shown(amount(level, value)) }}</td>
          </tr>
        </template>
      </tbody>
    </table>
    <p v-else class="small quiet">{{ $t('board.nothing_in_a_main_or_finisher') }}</p>
    <PushPull v-if="balance && by !== 'joints'" :balance="balance" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: var(--space-2);
  justify-items: start;
}
h2 {
  font-size: var(--size-1);
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 400;
  vertical-align: top;
  padding: var(--space-1) var(--space-2) var(--space-1) 0;
}
tr:first-child th,
tr.beginner td {
  border-top: 1px solid var(--rule-soft);
}
tr.beginner th {
  border-top: 1px solid var(--rule-soft);
}
.mark {
  width: 1.4rem;
}
.bar {
  width: 34%;
}
.bar i {
  display: block;
  height: 0.5rem;
  background: var(--hue);
}
.number {
  text-align: right;
  width: 3.2rem;
}
</style>
