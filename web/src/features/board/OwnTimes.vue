<script setup lang="ts">
import { computed } from 'vue'
import NumberField from '@/ui/NumberField.vue'
import { t } from '@/lib/text'
import { BY_ROUND, REST, setKey } from '@/lib/typed'
import { useBoard } from './useBoard'

// Work and rest that a station or a level has of its own: one number each, and where its format takes more,
// one for each round, a rest as a range, or as a share of one's own work.
type Times = { work_s?: unknown; rest_s?: unknown; rest_ratio?: unknown }
const props = defineProps<{
  held: Times
  pointer: string
  /** The keys of its own that the block's format declares there. */
  keys: string[]
  labels: { work: string; rest: string }
  hints: { work: string; rest: string }
}>()
const emit = defineEmits<{ change: [key: string, work: (holder: Times) => void] }>()
const board = useBoard()

const severalWorks = computed(() => props.keys.includes('work_s'))
const severalRests = computed(() => props.keys.includes('rest_s'))
const rest = computed(() =>
  props.held.rest_ratio === undefined ? props.held.rest_s : { ratio: props.held.rest_ratio },
)
const restKey = computed(() => (props.held.rest_ratio === undefined ? 'rest_s' : 'rest_ratio'))
const room = (text: string) => `${Math.max(3.6, 1.6 + text.length * 0.55)}rem`

function setRest(value: unknown) {
  const ratio = (value as { ratio?: unknown } | undefined)?.ratio
  emit('change', 'rest_s', (holder) => {
    setKey(holder, 'rest_ratio', ratio)
    setKey(holder, 'rest_s', ratio === undefined ? value : undefined)
  })
}
</script>

<template>
  <NumberField
    :label="labels.work"
    :unit="t('common.s')"
    :hint="hints.work"
    :width="room(BY_ROUND.show(held.work_s))"
    :reading="severalWorks ? BY_ROUND : undefined"
    :title="severalWorks ? $t('board.a_number_or_one_for_each_round') : undefined"
    :model-value="held.work_s"
    :error="board.errorBelow(`${pointer}/work_s`)"
    @update:model-value="emit('change', 'work_s', (holder) => setKey(holder, 'work_s', $event))"
  />
  <NumberField
    :label="labels.rest"
    :unit="t('common.s')"
    :hint="hints.rest"
    :width="room(REST.show(rest))"
    :reading="severalRests ? REST : undefined"
    :title="severalRests ? $t('board.a_rest_in_seconds_or_as_a_share') : undefined"
    :model-value="rest"
    :error="board.errorBelow(`${pointer}/${restKey}`)"
    @update:model-value="setRest"
  />
</template>
