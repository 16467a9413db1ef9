import { useEventListener, useIntervalFn } from '@vueuse/core'
import { v7 as uuid } from 'uuid'
import { computed, ref, shallowRef } from 'vue'
import { fetchRun } from '@/lib/api/runs'
import type { Run, RunEvent } from '@/lib/api/types'
import { useChangesOf } from '@/lib/changes'
import { delivery } from '@/lib/delivery/delivery'
import { kept } from '@/lib/delivery/kept'
import { elapsed, ended, fold, paused, started } from '@/lib/running/fold'
import { serverAhead } from '@/lib/running/serverTime'
import { runEvents } from './delivery'
import { planOf, sectionAfter, sectionBefore } from './plan'
import { timeNow } from '@/lib/timeSource'

const TICK_MS = 100
/** So near to a gate one stands at it. */
const AT_GATE_S = 0.01
export const ADDED_S = 10
/** What can be taken back: it was somebody's doing, and changed where the class is. */
const UNDONE: RunEvent['kind'][] = ['moved', 'through', 'extended', 'ended']

/**
 * A run's clock: the fold of what happened, here and on other devices. What happens here is kept in this browser at once,
 * told to the server when it can be, and read at each tick. The server going away stops nothing.
 */
export function useRunClock(run: Run) {
  const key = `events.${run.id}`
  /** Of one event what was seen here counts: the server's time of it is some milliseconds off. */
  const merged = (mine: RunEvent[], theirs: RunEvent[]) => [
    ...new Map([...theirs, ...mine].map((event) => [event.id, event])).values(),
  ]
  const events = shallowRef(merged(kept.read<RunEvent[]>(key) ?? [], run.events))
  const state = computed(() => fold(events.value))
  /** Counts the jumps, so that what passes by itself can be told from what was skipped. */
  const jumps = ref(0)
  const mine = computed(() => runEvents.items.value.filter((item) => item.body.runId === run.id))
  /** Whether the server has not been told of the clock, and does not answer. */
  const untold = computed(() => delivery.away.value && mine.value.length > 0)
  const nowMs = ref(timeNow())
  const plan = computed(() => planOf(run, state.value.additions))
  const second = computed(() => Math.min(plan.value.totalS, Math.max(0, elapsed(state.value, nowMs.value))))
  const isStarted = computed(() => started(state.value))
  const isPaused = computed(() => paused(state.value))
  const isOver = computed(() => isStarted.value && (ended(state.value) || second.value >= plan.value.totalS))

  function keep(next: RunEvent[]) {
    events.value = next
    nowMs.value = timeNow()
    kept.write(key, next)
  }

  /** Ids grow with time, so that what happens in one millisecond keeps its order. */
  function happen(kind: RunEvent['kind'], more: Partial<RunEvent> = {}) {
    const event = { id: uuid(), kind, at_ms: Math.round(timeNow()), ...more }
    keep([...events.value, event])
    void runEvents.put(`${run.id}/${event.id}`, run.title, { runId: run.id, event, aheadMs: serverAhead() })
  }

  // Another device drives the same class: what happened on all of them is one list.
  useChangesOf('runs', run.id, async () => keep(merged(events.value, (await fetchRun(run.id)).events)))
  useIntervalFn(() => {
    nowMs.value = timeNow()
    if (isOver.value && !ended(state.value)) happen('ended')
  }, TICK_MS)
  useEventListener(document, 'visibilitychange', () => (nowMs.value = timeNow()))

  function jump(to: number) {
    jumps.value++
    happen('moved', { at_s: Math.round(to * 1000) / 1000 })
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

  function undo() {
    const taken = new Set(events.value.map((event) => event.of))
    const last = [...events.value]
      .sort((one, other) => one.at_ms - other.at_ms)
      .findLast((event) => UNDONE.includes(event.kind) && !taken.has(event.id))
    if (!last) return
    jumps.value++
    happen('taken_back', { of: last.id })
  }

  return {
    plan,
    second,
    isStarted,
    isPaused,
    isOver,
    untold,
    start: () => !isStarted.value && happen('started'),
    pause: moving(() => happen('paused')),
    resume: moving(() => happen('resumed')),
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
      happen('through', { at_s: gate.value.endS })
    }),
    holdAt: (at: number) => happen('held', { at_s: at }),
    jumps,
    addTime: moving(() => happen('extended', { at_s: Math.round(second.value * 1000) / 1000, add_s: ADDED_S })),
    end: moving(() => happen('ended')),
  }
}
