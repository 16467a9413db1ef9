<script setup lang="ts">
import { computed } from 'vue'
import LevelMark from '@/ui/LevelMark.vue'
import { LEVELS, type FitStation, type Run } from '@/lib/api/types'
import { stationOf } from './plan'

// The notes of the plan, whole: the Floor has room for two lines of each.
const props = defineProps<{ run: Run; stations: FitStation[] }>()

const notes = computed(() =>
  props.stations.flatMap((held) => {
    const station = stationOf(props.run, held.block, held.station)
    const ofLevels = LEVELS.map((level) => ({ level, text: station?.levels[level]?.note }))
    return [{ level: undefined, text: station?.note }, ...ofLevels].filter((note) => note.text)
  }),
)
</script>

<template>
  <section v-if="notes.length" class="notes" :aria-label="$t('floor.notes_of_the_plan')">
    <p class="small quiet" aria-hidden="true">{{ $t('floor.notes_of_the_plan') }}</p>
    <ul>
      <li v-for="(note, index) in notes" :key="index">
        <LevelMark v-if="note.level" :level="note.level" /> {{ note.text }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.notes {
  margin-top: var(--space-3);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
