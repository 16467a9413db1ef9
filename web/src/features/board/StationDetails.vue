<script setup lang="ts">
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import Button from 'primevue/button'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, useId } from 'vue'
import { LEVELS, type Station } from '@/lib/api/types'
import LevelLine from './LevelLine.vue'
import MovementFinder from './MovementFinder.vue'
import OwnTimes from './OwnTimes.vue'
import SchoolChoice from './SchoolChoice.vue'
import StationAlternatives from './StationAlternatives.vue'
import StationFigures from './StationFigures.vue'
import { COUNTING } from './counting'
import { replaceMovement } from './document'
import { setKey } from '@/lib/typed'
import { useBoard } from './useBoard'

// What a station has of its own: sides, counting, times, rounds; and what each level has.
const props = defineProps<{ station: Station; blockIndex: number; stationIndex: number }>()
const board = useBoard()
const id = useId()

const pointer = computed(() => `/blocks/${props.blockIndex}/stations/${props.stationIndex}`)
const SIDES = [
  { value: 'both', label: t('board.both_at_once') },
  { value: 'split', label: t('board.half_the_window_a_side') },
  { value: 'each', label: t('board.a_whole_window_a_side') },
]
const block = computed(() => board.document.value.blocks[props.blockIndex])
const format = computed(() => board.format(block.value))
const timed = computed(() => format.value?.work_windows)
const severalTimes = computed(() => format.value?.station_keys.includes('work_s'))
const inRounds = computed(() => format.value?.station_keys.includes('in_rounds'))
function change(key: string, work: (station: Station) => void) {
  board.edit(
    t('board.station'),
    (draft) => work(draft.blocks[props.blockIndex]!.stations![props.stationIndex]!),
    `${pointer.value}/${key}`,
  )
}

function setRounds(text: string | undefined) {
  const typed = (text ?? '').trim()
  const rounds =
    typed === '' ? undefined : typed.split(/[\s,]+/).map((part) => (/^\d+$/.test(part) ? Number(part) : part))
  change('in_rounds', (station) => setKey(station, 'in_rounds', rounds))
}
</script>

<template>
  <div class="details" role="group" :aria-label="$t('board.details_of_station')">
    <StationFigures :station="station" />
    <div class="line">
      <SchoolChoice
        :model-value="station.scaling"
        :label="$t('board.levels_of_this_station_by')"
        :inherit="$t('board.levels_as_the_block')"
        @update:model-value="change('scaling', (draft) => setKey(draft, 'scaling', $event))"
      />
      <span v-if="timed" class="labelled"
        ><label :for="`${id}-sides`">{{ $t('board.sides') }}</label>
        <Select
          :label-id="`${id}-sides`"
          :aria-label="$t('board.sides')"
          :model-value="station.sides ?? 'both'"
          :options="SIDES"
          option-label="label"
          option-value="value"
          size="small"
          @update:model-value="
            change('sides', (draft) => setKey(draft, 'sides', $event === 'both' ? undefined : $event))
          "
      /></span>
      <span v-if="!station.parts" class="labelled"
        ><span>{{ $t('board.counting') }}</span>
        <Select
          :aria-label="$t('board.counting')"
          :model-value="station.counting ?? null"
          :options="COUNTING"
          option-label="label"
          option-value="value"
          :placeholder="$t('board.as_the_version_says')"
          show-clear
          size="small"
          @update:model-value="change('counting', (draft) => setKey(draft, 'counting', $event))"
      /></span>
      <OwnTimes
        :held="station"
        :pointer="pointer"
        :keys="format?.station_keys ?? []"
        :labels="{ work: $t('board.own_work'), rest: $t('board.own_rest') }"
        :hints="{ work: $t('board.block'), rest: $t('board.block') }"
        @change="change"
      />
      <span v-if="inRounds" class="labelled"
        ><label :for="`${id}-rounds`">{{ $t('board.in_rounds') }}</label>
        <InputText
          :id="`${id}-rounds`"
          class="rounds"
          size="small"
          :placeholder="$t('board.all')"
          :model-value="station.in_rounds?.join(', ') ?? ''"
          :invalid="Boolean(board.errorBelow(`${pointer}/in_rounds`))"
          @update:model-value="setRounds"
      /></span>
      <span class="labelled"
        ><ToggleSwitch
          :input-id="`${id}-optional`"
          :model-value="Boolean(station.optional)"
          @update:model-value="change('optional', (draft) => setKey(draft, 'optional', $event || undefined))"
        /><label :for="`${id}-optional`">{{ $t('board.a_bonus_for_who_likes') }}</label></span
      >
      <MovementFinder
        v-if="!station.parts"
        :movements="board.offered.value"
        :label="$t('board.another_movement_instead')"
        :input-id="`${id}-replace`"
        @pick="(movement) => change('movement', (draft) => replaceMovement(draft, movement))"
      />
    </div>
    <StationAlternatives :station="station" :block-index="blockIndex" :station-index="stationIndex" />
    <div v-if="!station.ladder && format?.targets" class="line">
      <Button
        :label="$t('board.finish_together_at_this_station')"
        size="small"
        variant="outlined"
        @click="board.targetsOf.value = { block: block!.id, station: station.id, name: $t('board.this_station') }"
      />
    </div>
    <LevelLine
      v-for="level in LEVELS"
      :key="level"
      :station="station"
      :level="level"
      :block-index="blockIndex"
      :station-index="stationIndex"
    />
    <p class="small quiet">
      {{ $t('board.tempo_is_lower_pause_lift_pause') }}
      <template v-if="severalTimes">{{ $t('board.own_times_may_change_by_round') }}</template>
    </p>
  </div>
</template>

<style scoped src="./station.css"></style>
<style scoped>
.details {
  display: grid;
  gap: var(--space-2);
  background: var(--paper-sunk);
  padding: var(--space-3);
}
.rounds {
  width: 5.5rem;
}
</style>
