<script setup lang="ts">
import { computed } from 'vue'
import type { components } from '@/lib/api/schema'
import { bodyParts, pointsOf } from './drawing'
import { heldThings } from './held'

// One body in one pose, with what it holds.
const props = defineProps<{
  picture: Pick<components['schemas']['FigurePicture'], 'order' | 'far' | 'tints' | 'trunk' | 'props' | 'unit'>
  pose: ArrayLike<number>
  rings?: string[]
}>()
const parts = computed(() => bodyParts(props.picture))
const held = computed(() => heldThings(props.picture.props, props.picture.unit))
const points = computed(() => pointsOf(props.pose, props.picture.unit))
const circles = computed(() =>
  (props.rings ?? []).flatMap((ring) =>
    Object.keys(points.value).filter((name) => name === ring || name.startsWith(`${ring}_`)),
  ),
)
</script>

<template>
  <g class="body">
    <path
      v-for="part in parts"
      :key="part.key"
      class="part"
      :class="[part.tone, { area: part.thick }]"
      :d="part.path(points)"
      :stroke-width="part.thick"
    />
    <path v-for="(thing, index) in held" :key="index" class="held" :class="thing.kind" :d="thing.path(points)" />
    <circle
      v-for="name in circles"
      :key="name"
      class="ring"
      :data-point="name"
      :cx="points[name]![0]"
      :cy="points[name]![1]"
      r="8"
    />
  </g>
</template>

<style>
/* Not scoped: the moving figure draws the same classes by hand. */
.figure-of-body .part {
  fill: var(--figure-ink, var(--ink));
}
.figure-of-body .area {
  stroke: var(--figure-ink, var(--ink));
  stroke-linejoin: round;
}
.figure-of-body .far {
  --figure-ink: color-mix(in oklab, var(--ink) 42%, var(--paper));
}
.figure-of-body .work {
  --figure-ink: color-mix(in oklab, var(--accent) 82%, var(--ink));
}
.figure-of-body .work.far {
  --figure-ink: color-mix(in oklab, var(--accent) 46%, var(--paper));
}
.figure-of-body .held {
  fill: none;
  stroke: var(--warn);
  stroke-width: 2;
}
.figure-of-body .held.bottle {
  fill: var(--paper-raised);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.figure-of-body .ring {
  fill: none;
  stroke: var(--warn);
  stroke-width: 2.4;
}
</style>
