<script setup lang="ts">
import { computed } from 'vue'
import { useVariations } from '@/lib/api/queries'
import type { LogSheet } from '@/lib/api/types'
import { weightText } from '@/lib/units'
import LevelTally from '@/ui/LevelTally.vue'

// What somebody did at a station, in a cell: the level's strokes, how many or how
// long, in how many rounds where it was not all of them, what was left; and the variation, where it is not that level's own.
const props = defineProps<{
  result: LogSheet['attendances'][number]['results'][number] | undefined
  station: LogSheet['stations'][number]
}>()
const variations = useVariations()
const variation = computed(() => {
  const { result, station } = props
  if (!result?.variation || station.levels[result.level].variation === result.variation) return undefined
  return variations.value.get(result.variation)
})
</script>

<template>
  <span v-if="!result" class="quiet">–</span>
  <span v-else-if="result.skipped">{{ result.planned ? $t('log.skipped_whole') : $t('log.skipped') }}</span>
  <span v-else>
    <LevelTally :level="result.level" />
    <template v-if="result.per_round">{{ result.per_round.join(', ') }}</template>
    <template v-else>{{
      result.reps ?? (result.seconds === null ? '' : $t('log.seconds_s', { seconds: result.seconds }))
    }}</template>
    <template v-if="result.rounds !== null && result.rounds < station.rounds">
      · <span class="small">{{ $t('log.rounds_done', result.rounds) }}</span></template
    >
    <span v-if="result.load_kg" class="small">{{ weightText(result.load_kg) }}</span>
    {{ ' ' }}
    <span v-if="result.reps_left !== null" class="small">{{
      $t('log.reps_left_left', { reps_left: result.reps_left })
    }}</span>
    <span v-if="result.faults?.length" class="small quiet variation">{{ result.faults.join(', ') }}</span>
    <span v-if="variation" class="small quiet variation">{{ variation.name }}</span>
  </span>
</template>

<style scoped>
.variation {
  display: block;
  width: 8rem;
  white-space: normal;
  line-height: 1.2;
}
</style>
