<script setup lang="ts">
import type { components } from '@/lib/api/schema'
import { linePoints } from './drawing'

// What stands in the room: a chair, a wall, a bar, as thin lines; and the floor.
defineProps<{ props: components['schemas']['FigureProp'][]; box: number[]; unit: number; floor: boolean }>()
</script>

<template>
  <g class="props">
    <line v-if="floor" :x1="box[0]" :x2="box[0]! + box[2]!" y1="0" y2="0" />
    <template v-for="(prop, index) in props" :key="index">
      <polyline
        v-for="(line, number) in prop.lines"
        :key="number"
        :class="prop.kind"
        :points="linePoints(line, unit)"
      />
    </template>
  </g>
</template>

<style scoped>
.props line,
.props polyline {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.4;
}
.props .mat {
  stroke: color-mix(in oklab, var(--accent) 45%, var(--paper));
  stroke-width: 2.4;
}
.props .bar {
  stroke-width: 3;
}
</style>
