<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed, ref } from 'vue'
import type { BlockPreview, Level, Person } from '@/lib/api/types'
import type { Typed } from '@/lib/typed'
import NumberField from '@/ui/NumberField.vue'
import { nextSet } from '@/features/floor/nextSet'
import type { Tap, Taps } from '@/features/floor/useTaps'
import type { Versions } from '@/features/floor/useVersions'

// What is left of each total of a block, for a level or for one person.
const props = defineProps<{
  preview: BlockPreview
  level: Level
  person?: Person
  versions: Versions
  taps: Taps
}>()
const toast = useToast()

interface Goal {
  station: string
  name: string
  goal: number
  minimum?: number
  maximum?: number
  sets: number[]
}
const goals = computed<Goal[]>(() =>
  props.preview.stations.map((station) => {
    const plan = props.preview.forecast?.[props.level].stations?.find((held) => held.station === station.id)
    return {
      station: station.id,
      name: props.versions.version(props.preview.id, station.id, props.level).name,
      goal: plan?.goal ?? station.levels[props.level].reps_counted,
      minimum: plan?.minimum,
      maximum: plan?.maximum,
      sets: plan?.sets ?? [],
    }
  }),
)
const mine = (station: string) => (tap: Tap) =>
  tap.block === props.preview.id &&
  tap.station === station &&
  (props.person ? tap.person_id === props.person.id : !tap.person_id && tap.level === props.level)
const done = (station: string) => props.taps.sum(mine(station))
const next = (goal: Goal) => nextSet(goal.sets, done(goal.station), goal.goal)

const typed = ref<Record<string, Typed>>({})
function add(station: string, amount: Typed) {
  if (typeof amount !== 'number' || !Number.isInteger(amount) || amount < 1 || amount > 1000) {
    toast.add({
      severity: 'warn',
      summary: t('count.not_counted'),
      detail: t('count.a_set_is_a_whole_number'),
      life: 4000,
    })
    return
  }
  props.taps.add({ block: props.preview.id, station, level: props.level, amount, person_id: props.person?.id })
  typed.value = { ...typed.value, [station]: undefined }
}
</script>

<template>
  <ul class="totals">
    <li v-for="goal in goals" :key="goal.station">
      <div class="line">
        <b>{{ goal.name }}</b>
        <span
          ><span class="figure left" data-testid="left">{{ Math.max(0, goal.goal - done(goal.station)) }}</span>
          {{ $t('count.left_of_goal', { goal: goal.goal }) }}{{ ' '
          }}<span v-if="goal.minimum !== undefined" class="quiet small">
            {{ $t('count.minimum_maximum_in_the_day', { minimum: goal.minimum, maximum: goal.maximum }) }}</span
          ></span
        >
      </div>
      <progress :max="goal.goal" :value="done(goal.station)" :aria-label="$t('count.name_done', { name: goal.name })" />
      <div class="row">
        <Button
          v-if="next(goal)"
          :label="$t('count.a_set_of_next_done', { next: next(goal) })"
          :aria-label="$t('count.a_set_of_next_done_name', { next: next(goal), name: goal.name })"
          @click="add(goal.station, next(goal))"
        />
        <span v-else class="small"
          ><b>{{ $t('count.done_for_today') }}</b></span
        >
        <form class="row" @submit.prevent="add(goal.station, typed[goal.station])">
          <NumberField
            :label="$t('count.or_a_set_of')"
            width="4rem"
            :model-value="typed[goal.station]"
            @update:model-value="typed = { ...typed, [goal.station]: $event }"
          />
          <Button
            type="submit"
            :label="$t('common.add')"
            size="small"
            variant="outlined"
            :aria-label="$t('count.add_the_typed_set_of_name', { name: goal.name })"
          />
        </form>
        <Button
          :label="$t('count.take_the_last_back')"
          size="small"
          variant="text"
          severity="secondary"
          :disabled="!done(goal.station)"
          :aria-label="$t('count.take_the_last_back_name', { name: goal.name })"
          @click="taps.undo(mine(goal.station))"
        />
      </div>
    </li>
  </ul>
</template>

<style scoped>
.totals {
  list-style: none;
  padding: 0;
  margin: var(--space-2) 0;
}
.totals li {
  display: grid;
  gap: var(--space-2);
  padding: var(--space-3) 0;
  border-bottom: 1px solid var(--rule-soft);
}
.line {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: var(--space-2);
}
.left {
  font-size: var(--size-3);
}
progress {
  width: 100%;
  height: 0.7rem;
  accent-color: var(--accent);
}
</style>
