<script setup lang="ts">
import { computed } from 'vue'
import type { components } from '@/lib/api/schema'
import FigureBody from './FigureBody.vue'
import FigureProps from './FigureProps.vue'

// One to four poses side by side: for a card, for paper, and where nothing may move.
type Picture = Pick<
  components['schemas']['FigurePicture'],
  'order' | 'far' | 'tints' | 'trunk' | 'props' | 'unit' | 'box' | 'floor'
>
const props = defineProps<{ picture: Picture; poses: ArrayLike<number>[]; label: string; rings?: string[] }>()
const GAP = 6
const width = computed(() => props.picture.box[2]! + GAP)
const box = computed(() => {
  const [left, top, wide, high] = props.picture.box
  return [left, top, wide! + width.value * (props.poses.length - 1), high].join(' ')
})
</script>

<template>
  <svg :viewBox="box" role="img" :aria-label="label" class="figure-of-body" preserveAspectRatio="xMidYMax meet">
    <g v-for="(pose, index) in poses" :key="index" :transform="`translate(${width * index},0)`">
      <FigureProps :props="picture.props" :box="picture.box" :unit="picture.unit" :floor="picture.floor" />
      <FigureBody :picture="picture" :pose="pose" :rings="rings" />
    </g>
  </svg>
</template>
