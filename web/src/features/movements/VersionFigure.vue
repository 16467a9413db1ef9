<script setup lang="ts">
import Button from 'primevue/button'
import ToggleButton from 'primevue/togglebutton'
import { computed, ref, watch } from 'vue'
import type { Variation } from '@/lib/api/types'
import { t } from '@/lib/text'
import FigureMoving from '@/ui/figure/FigureMoving.vue'
import FigureStill from '@/ui/figure/FigureStill.vue'
import { motionOf, stepFrom } from '@/ui/figure/motion'
import { useFigure } from '@/ui/figure/useFigure'

// One version, large: it moves at its own tempo with its phases named, slower, stopped, or pose by
// pose; and its faults, where they are drawn.
const props = defineProps<{ variation: Variation }>()
const figure = useFigure(() => props.variation.id)
const paused = ref(false)
const slow = ref(false)
const rings = ref(false)
const seconds = ref(0)
const phase = ref('start')
watch(
  () => props.variation.id,
  () => (seconds.value = 0),
)
const moves = computed(() => Boolean(figure.data.value?.steps.length))
const words = (see: string) => props.variation.faults.find((fault) => fault.see === see)

function step(direction: 1 | -1) {
  if (!figure.data.value || !moves.value) return
  paused.value = true
  requestAnimationFrame(() => (seconds.value = stepFrom(motionOf(figure.data.value!), seconds.value, direction)))
}
function onKey(event: KeyboardEvent) {
  if (event.target !== event.currentTarget) return
  if (event.key === ' ') paused.value = !paused.value
  else if (event.key === 'ArrowRight') step(1)
  else if (event.key === 'ArrowLeft') step(-1)
  else return
  event.preventDefault()
}
</script>

<template>
  <div
    v-if="figure.data.value"
    class="stage"
    role="group"
    tabindex="0"
    :aria-label="$t('figure.figure_of', { name: variation.name })"
    @keydown="onKey"
  >
    <FigureMoving
      :key="variation.id"
      v-model:seconds="seconds"
      class="large"
      :figure="figure.data.value"
      :label="$t('figure.label', { name: variation.name, standard: variation.standard })"
      :speed="slow ? 0.5 : 1"
      :paused="paused"
      :rings="rings"
      @phase="phase = $event"
    />
    <p class="phase" data-testid="phase">{{ t(`figure.phase_${phase}`) }}</p>
    <div class="row">
      <template v-if="moves">
        <Button
          :icon="paused ? 'pi pi-play' : 'pi pi-pause'"
          :label="paused ? $t('figure.play') : $t('figure.pause')"
          size="small"
          variant="outlined"
          @click="paused = !paused"
        />
        <Button
          icon="pi pi-step-backward"
          :aria-label="$t('figure.step_back')"
          size="small"
          variant="outlined"
          @click="step(-1)"
        />
        <Button
          icon="pi pi-step-forward"
          :aria-label="$t('figure.step_on')"
          size="small"
          variant="outlined"
          @click="step(1)"
        />
        <ToggleButton v-model="slow" :on-label="$t('figure.slower')" :off-label="$t('figure.slower')" size="small" />
      </template>
      <ToggleButton v-model="rings" :on-label="$t('figure.joints')" :off-label="$t('figure.joints')" size="small" />
    </div>
    <p v-if="moves" class="small quiet">{{ $t('figure.keys') }}</p>
    <section v-if="figure.data.value.faults.length" :aria-label="$t('figure.faults_drawn')" class="faults">
      <figure v-for="fault in figure.data.value.faults" :key="fault.see">
        <FigureStill :picture="fault" :poses="[fault.start]" :label="fault.see" />
        <figcaption class="small">
          {{ words(fault.see) ? $t('movements.see_say', words(fault.see)!) : fault.see }}
        </figcaption>
      </figure>
    </section>
  </div>
  <p v-else-if="figure.isError.value" class="quiet small">{{ $t('figure.none') }}</p>
</template>

<style scoped>
.stage {
  display: grid;
  gap: var(--space-2);
  align-content: start;
}
.stage:focus-visible {
  outline: 2px solid var(--focus);
  outline-offset: 3px;
}
.large {
  width: 100%;
  height: 15rem;
}
.phase {
  margin: 0;
  font-weight: 700;
  font-size: var(--size-1);
}
p {
  margin: 0;
}
.faults {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
figure {
  margin: 0;
  width: 8.5rem;
  border-top: 2px solid var(--warn);
}
figure svg {
  width: 100%;
  height: 5.5rem;
}
</style>
