<script setup lang="ts">
import { computed } from 'vue'
import { LEVELS, type Level, type Station } from '@/lib/api/types'
import PartsEditor from './PartsEditor.vue'
import { useBoard } from './useBoard'

// The parts of which a station is counted together, and a level's own.
const props = defineProps<{ station: Station; blockIndex: number; stationIndex: number }>()
const board = useBoard()

const pointer = computed(() => `/blocks/${props.blockIndex}/stations/${props.stationIndex}`)
const withParts = computed(() => LEVELS.filter((level) => props.station.levels[level].parts))

type Parts = NonNullable<Station['parts']>
function change(level: Level | null, label: string, key: string, work: (parts: Parts) => void) {
  board.edit(
    label,
    (draft) => {
      const station = draft.blocks[props.blockIndex]!.stations![props.stationIndex]!
      work(((level ? station.levels[level] : station).parts ??= []))
    },
    key,
  )
}
</script>

<template>
  <PartsEditor
    v-if="station.parts"
    :parts="station.parts"
    :pointer="pointer"
    @change="(label, key, work) => change(null, label, key, work)"
  />
  <PartsEditor
    v-for="level in withParts"
    :key="level"
    :parts="station.levels[level].parts!"
    :level="level"
    :pointer="`${pointer}/levels/${level}`"
    @change="(label, key, work) => change(level, label, key, work)"
  />
</template>
