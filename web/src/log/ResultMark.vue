<script setup lang="ts">
import LevelTally from '@/components/LevelTally.vue'
import type { LogSheet } from '@/api/types'

// What somebody did at a station, in a cell: the level's strokes, the reps, what was left.
defineProps<{ result: LogSheet['attendances'][number]['results'][number] | undefined }>()
</script>

<template>
  <span v-if="!result" class="quiet">–</span>
  <span v-else-if="result.skipped">left out</span>
  <span v-else>
    <LevelTally :level="result.level" /> {{ result.reps ?? '' }}
    <span v-if="result.reps_left !== null" class="small">({{ result.reps_left }} left)</span>
  </span>
</template>
