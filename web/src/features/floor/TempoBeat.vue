<script setup lang="ts">
import { computed } from 'vue'
import { phasesOf, phaseText } from './tempo'

// How fast a rep goes: “3 down, 1 up”, what is on just now in bold.
const props = defineProps<{ tempo: string; sinceS: number; running: boolean }>()
const phases = computed(() => phasesOf(props.tempo))
const now = computed(() => {
  const whole = phases.value.reduce((sum, phase) => sum + phase.seconds, 0)
  let left = props.sinceS % whole
  return props.running ? phases.value.findIndex((phase) => (left -= phase.seconds) < 0) : -1
})
</script>

<template>
  <p class="tempo" data-testid="tempo">
    <template v-for="(phase, index) in phases" :key="phase.kind"
      ><span :class="{ now: index === now }">{{ phaseText(phase) }}</span
      ><template v-if="index < phases.length - 1">, </template></template
    >
  </p>
</template>

<style scoped>
.tempo {
  font-size: max(1rem, min(3.2vh, 2.6vw));
  line-height: 1.15;
}
.tempo span {
  border-bottom: 0.5vh solid transparent;
}
.now {
  border-color: var(--hue);
}
</style>
