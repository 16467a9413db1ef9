import { computed, watch, type Ref } from 'vue'
import type { Plan } from './plan'

const NEAR_S = 0.01

/**
 * At the end of a stretch that the people pace, the clock waits until somebody
 * says that all are through: the plan knew only about when.
 */
export function useGateHold(
  plan: Readonly<Ref<Plan>>,
  second: Readonly<Ref<number>>,
  running: Readonly<Ref<boolean>>,
  jumps: Readonly<Ref<number>>,
  holdAt: (second: number) => void,
) {
  const gates = computed(() => plan.value.blocks.flatMap((block) => block.gates.filter((gate) => gate.waits)))
  let jumped = jumps.value

  watch(second, (now, before) => {
    const sought = jumps.value !== jumped
    jumped = jumps.value
    if (sought || !running.value) return
    const gate = gates.value.find((candidate) => before < candidate.endS - NEAR_S && now >= candidate.endS - NEAR_S)
    if (gate) holdAt(gate.endS)
  })
}
