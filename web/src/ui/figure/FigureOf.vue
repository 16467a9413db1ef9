<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { ref, useTemplateRef, watch } from 'vue'
import FigureMoving from './FigureMoving.vue'
import { useFigure } from './useFigure'

// The figure of a version by its id: asked for when it is first seen.
const props = defineProps<{
  version: string | undefined
  label: string
  speed?: number
  paused?: boolean
  rings?: boolean
  /** Key poses, where so many move that it would be too much. */
  still?: boolean
}>()
const frame = useTemplateRef<HTMLElement>('frame')
const visible = useElementVisibility(frame)
const wanted = ref(false)
watch(visible, (seen) => (wanted.value ||= seen), { immediate: true })
const figure = useFigure(
  () => props.version,
  () => wanted.value,
)
</script>

<template>
  <span ref="frame" class="figure-frame">
    <FigureMoving
      v-if="figure.data.value"
      :key="version"
      :figure="figure.data.value"
      :label="label"
      :speed="speed"
      :paused="paused"
      :rings="rings"
      :stands="still"
    />
  </span>
</template>

<style scoped>
.figure-frame {
  display: block;
  min-width: 1px;
  min-height: 1px;
}
.figure-frame :deep(svg) {
  display: block;
  width: 100%;
  height: 100%;
}
</style>
