import { shallowRef, watch, type Ref } from 'vue'
import type { Cue } from '@/lib/api/types'
import type { Plan } from './plan'

const SHOWN_S = 4

/** Turns the passing of the clock into the calls that are shown on screen. */
export function useCalls(plan: Readonly<Ref<Plan>>, second: Readonly<Ref<number>>, running: Readonly<Ref<boolean>>) {
  const shown = shallowRef<Cue[]>([])
  let last = second.value

  watch(second, (now) => {
    const jumped = now < last || now - last > 5
    const from = jumped ? now - 0.5 : last
    last = now
    if (!running.value) return
    const passed = plan.value.cues.filter((cue) => from < cue.at_s && cue.at_s <= now)
    const said = worthShowing(passed)
    if (said.length) shown.value = said
    else if (shown.value[0] && now - shown.value[0].at_s > Math.max(SHOWN_S, shown.value[0].says_s)) shown.value = []
  })

  return shown
}

/** The numeral counts down and the heading names the station: what else was called is shown. */
function worthShowing(cues: Cue[]): Cue[] {
  const shown = new Set<Cue['kind']>(['countdown', 'go', 'next', 'block', 'finish'])
  return cues.filter((cue) => !shown.has(cue.kind))
}
