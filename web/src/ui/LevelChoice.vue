<script setup lang="ts">
import Select from 'primevue/select'
import { LEVELS, type Level } from '@/lib/api/types'
import LevelMark from './LevelMark.vue'

// One of the three levels, with its strokes; or none, where it may be left open.
defineProps<{ label: string; open?: string }>()
const model = defineModel<Level | undefined>()
</script>

<template>
  <Select v-model="model" :options="[...LEVELS]" :aria-label="label" :show-clear="Boolean(open)" size="small">
    <template #value="{ value }">
      <LevelMark v-if="value" :level="value" />
      <span v-else class="quiet">{{ open }}</span>
    </template>
    <template #option="{ option }"><LevelMark :level="option" /></template>
  </Select>
</template>
