<script setup lang="ts">
import { usePreferredReducedMotion } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, useTemplateRef, watch } from 'vue'
import type { components } from '@/lib/api/schema'
import { bodyParts, pointsOf } from './drawing'
import FigureBody from './FigureBody.vue'
import FigureProps from './FigureProps.vue'
import FigureStill from './FigureStill.vue'
import { onEachFrame, tooSlow } from './frameLoop'
import { heldThings } from './held'
import { instant, keyPoses, motionOf, numbersAt } from './motion'

// A figure that moves at its own tempo; key poses that stand still where motion is not wanted, or too much to ask.
const props = withDefaults(
  defineProps<{
    figure: components['schemas']['Figure']
    /** The standard, for who cannot see it. */
    label: string
    /** How fast: 1 is its own tempo. */
    speed?: number
    paused?: boolean
    rings?: boolean
    /** Key poses that stand still, whatever else is so. */
    stands?: boolean
  }>(),
  { speed: 1, paused: false, rings: false, stands: false },
)
const seconds = defineModel<number>('seconds', { default: 0 })
const emit = defineEmits<{ phase: [phase: string] }>()

const svg = useTemplateRef<SVGSVGElement>('svg')
const reduced = usePreferredReducedMotion()
const motion = computed(() => motionOf(props.figure))
const isHold = computed(() => motion.value.segments.length === 0)
const still = computed(() => props.stands || reduced.value === 'reduce' || tooSlow.value)
const poses = computed(() => (still.value ? keyPoses(motion.value, 3) : []))
const rings = computed(() => (props.rings ? props.figure.rings : []))
const box = computed(() => props.figure.box.join(' '))
let at = seconds.value
let told = ''
let before = 0
let stop = () => {}
let visible = true

/** Drawn by hand: sixty times a second is too often to be told through the framework. */
function draw(now: number) {
  const elapsed = before ? Math.min((now - before) / 1000, 0.1) : 0
  before = now
  if (!visible || !svg.value) return
  if (!props.paused) at += elapsed * props.speed
  show()
}

const numbers = new Float32Array(props.figure.start.length)
function show() {
  if (!svg.value) return
  const { frame, phase, still: pausing } = instant(motion.value, at)
  const points = pointsOf(numbersAt(motion.value, frame, numbers), props.figure.unit)
  parts.value.forEach((part, index) => drawn.parts[index]?.setAttribute('d', part.path(points)))
  held.value.forEach((thing, index) => drawn.held[index]?.setAttribute('d', thing.path(points)))
  for (const ring of drawn.rings) {
    const [x, y] = points[ring.dataset.point!]!
    ring.setAttribute('cx', String(x))
    ring.setAttribute('cy', String(y))
  }
  const name = isHold.value || pausing ? 'hold' : phase
  if (name !== told) emit('phase', (told = name))
}

/** The elements that move, looked up once. */
const drawn: { parts: Element[]; held: Element[]; rings: SVGElement[] } = { parts: [], held: [], rings: [] }
function lookUp() {
  const all = <Kind extends Element>(what: string) => [...(svg.value?.querySelectorAll<Kind>(what) ?? [])]
  Object.assign(drawn, { parts: all('.part'), held: all('.held'), rings: all<SVGElement>('.ring') })
}
const parts = computed(() => bodyParts(props.figure))
const held = computed(() => heldThings(props.figure.props, props.figure.unit))

function begin() {
  stop()
  before = 0
  if (!still.value && !isHold.value) stop = onEachFrame(draw)
  else emit('phase', (told = 'hold'))
}
let observer: IntersectionObserver | undefined
onMounted(() => {
  lookUp()
  begin()
  observer = new IntersectionObserver(([entry]) => (visible = entry?.isIntersecting ?? true))
  if (svg.value) observer.observe(svg.value)
})
onBeforeUnmount(() => {
  stop()
  observer?.disconnect()
})
watch([still, motion, rings], () => (lookUp(), begin()), { flush: 'post' })
watch(
  () => props.paused,
  (paused) => paused && (seconds.value = at),
)
watch(seconds, (value) => {
  at = value
  show()
})
</script>

<template>
  <FigureStill v-if="still" :picture="figure" :poses="poses" :label="label" :rings="rings" />
  <svg
    v-else
    ref="svg"
    :viewBox="box"
    role="img"
    :aria-label="label"
    class="figure-of-body"
    preserveAspectRatio="xMidYMax meet"
  >
    <FigureProps :props="figure.props" :box="figure.box" :unit="figure.unit" :floor="figure.floor" />
    <FigureBody :picture="figure" :pose="figure.start" :rings="rings" />
  </svg>
</template>
