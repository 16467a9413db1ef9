import { useEventListener, useIntervalFn } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import type { Run, RunEvent } from '@/lib/api/types'
import { elapsed, ended, fold, paused, standing, started } from '@/lib/running/fold'
import { timeNow } from '@/lib/timeSource'
import { planOf, plannedSecond, sectionAfter, sectionBefore } from './plan'
import type { RunFeed } from './useRunEvents'

const TICK_MS = 100
/** So near to a gate one stands at it. */
const AT_GATE_S = 0.01
export const ADDED_S = 10
export const MINUTE_S = 60
export type RunState = 'before' | 'running' | 'paused' | 'over'
/** What can be taken back: it was somebody's doing, and changed where the class is. */
const UNDONE: RunEvent['kind'][] = ['moved', 'through', 'extended', 'ended', 'changed']

/** A run's clock: the fold of what happened, read at each tick. */
export function useRunClock(run: Readonly<Ref<Run>>, feed: RunFeed) {
  const { events, happen } = feed
  const state = computed(() => fold(events.value))
  /** Counts the jumps, so that what passes by itself can be told from what was skipped. */
  const jumps = ref(0)
  const nowMs = ref(timeNow())
  const plan = computed(() => planOf(run.value, state.value.additions))
  const second = computed(() => Math.min(plan.value.totalS, Math.max(0, elapsed(state.value, nowMs.value))))
  const isStarted = computed(() => started(state.value))
  const isPaused = computed(() => paused(state.value))
  const isOver = computed(() => isStarted.value && (ended(state.value) || second.value >= plan.value.totalS))
  const runState = computed<RunState>(() => {
    if (isOver.value) return 'over'
    if (!isStarted.value) return 'before'
    return isPaused.value ? 'paused' : 'running'
  })

  const passed = () => (nowMs.value = timeNow())
  useIntervalFn(() => {
    passed()
    if (isOver.value && !ended(state.value)) happen('ended')
  }, TICK_MS)
  useEventListener(document, 'visibilitychange', passed)

  const done = (kind: RunEvent['kind'], more?: Partial<RunEvent>) => {
    happen(kind, more)
    passed()
  }

  function jump(to: number) {
    jumps.value++
    done('moved', { at_s: Math.round(to * 1000) / 1000 })
  }

  const moving = (change: () => void) => () => {
    if (isStarted.value && !isOver.value) change()
  }

  const gate = computed(() =>
    plan.value.blocks
      .filter((block) => block.paced && block.startS <= second.value)
      .flatMap((block) => block.gates)
      .find((one) => one.waits && one.endS > second.value + AT_GATE_S),
  )

  /** It stands at a gate: all wait until somebody says that all are through. */
  const isHeld = computed(
    () =>
      isPaused.value &&
      plan.value.blocks.some((block) =>
        block.gates.some((one) => one.waits && Math.abs(one.endS - second.value) <= AT_GATE_S),
      ),
  )

  /** A change of the plan can be taken back as long as nothing of it has been seen. */
  const undoable = (event: RunEvent) =>
    UNDONE.includes(event.kind) &&
    (event.kind !== 'changed' ||
      (run.value.changed_from_s[event.id] ?? Infinity) > plannedSecond(plan.value, second.value))

  function undo() {
    const last = standing(events.value).findLast(undoable)
    if (!last) return
    jumps.value++
    done('taken_back', { of: last.id })
  }

  const add = (seconds: number) =>
    moving(() => done('extended', { at_s: Math.round(second.value * 1000) / 1000, add_s: seconds }))

  return {
    plan,
    second,
    /** Of this very instant, not of the last tick. */
    secondNow: () => elapsed(state.value, timeNow()),
    state: runState,
    isStarted,
    isPaused,
    isOver,
    isHeld,
    start: () => !isStarted.value && done('started'),
    pause: moving(() => done('paused')),
    resume: moving(() => done('resumed')),
    /** Whether what comes next is the end. */
    atLast: computed(() => sectionAfter(plan.value, second.value) >= plan.value.totalS),
    skip: moving(() => jump(sectionAfter(plan.value, second.value))),
    /** From the end too. */
    back: () => isStarted.value && jump(sectionBefore(plan.value, second.value)),
    undo,
    /** The gate to which the people work now, at which all wait for all. */
    gate,
    /** All are through before it was thought. */
    through: moving(() => {
      if (!gate.value) return
      jumps.value++
      done('through', { at_s: gate.value.endS })
    }),
    holdAt: (at: number) => done('held', { at_s: at }),
    jumps,
    addTime: add(ADDED_S),
    addMinute: add(MINUTE_S),
    end: moving(() => done('ended')),
  }
}

export type RunClock = ReturnType<typeof useRunClock>
