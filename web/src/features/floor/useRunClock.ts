import { useEventListener, useIntervalFn } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { fetchRun } from '@/lib/api/runs'
import type { Run } from '@/lib/api/types'
import { useChangesOf } from '@/lib/changes'
import { delivery } from '@/lib/delivery/delivery'
import { kept } from '@/lib/delivery/kept'
import * as clock from '@/lib/clock'
import { clocks } from './delivery'
import { planOf, sectionAfter, sectionBefore } from './plan'
import { timeNow } from '@/lib/timeSource'

const TICK_MS = 100
export const ADDED_S = 10

/**
 * A run's clock: kept in this browser at every change, told to the server when
 * it can be, read at each tick. The server going away stops nothing.
 */
export function useRunClock(run: Run) {
  const key = `clock.${run.id}`
  const state = shallowRef(newest(clock.heard(run.clock), kept.read<clock.ClockState>(key) ?? clock.unstarted))
  /** Counts the jumps, so that what passes by itself can be told from what was skipped. */
  const jumps = ref(0)
  /** Whether the server has not been told of the clock, and does not answer. */
  const untold = computed(() => delivery.away.value && Boolean(clocks.get(run.id)))
  const nowMs = ref(timeNow())
  const plan = computed(() => planOf(run, state.value.additions))
  const second = computed(() => Math.min(plan.value.totalS, Math.max(0, clock.elapsed(state.value, nowMs.value))))
  const isStarted = computed(() => clock.started(state.value))
  const isPaused = computed(() => clock.paused(state.value))
  const isOver = computed(() => isStarted.value && (state.value.finished || second.value >= plan.value.totalS))

  function set(next: clock.ClockState) {
    state.value = next
    nowMs.value = timeNow()
    kept.write(key, next)
    tell()
  }

  function tell() {
    if (clock.started(state.value)) void clocks.put(run.id, run.title, state.value)
  }
  if (state.value.toldAtMs > (run.clock?.told_at_ms ?? 0)) tell()

  // Another device drives the same class: the newer telling counts.
  useChangesOf('runs', run.id, async () => {
    const told = clock.heard((await fetchRun(run.id)).clock)
    if (told.toldAtMs <= state.value.toldAtMs) return
    state.value = told
    kept.write(key, told)
  })
  useIntervalFn(() => {
    nowMs.value = timeNow()
    if (isOver.value && !state.value.finished) set(clock.finish(state.value, nowMs.value))
  }, TICK_MS)
  useEventListener(document, 'visibilitychange', () => (nowMs.value = timeNow()))

  function jump(to: number) {
    jumps.value++
    return clock.seek(state.value, to, timeNow())
  }

  const moving = (change: () => clock.ClockState) => () => {
    if (isStarted.value && !isOver.value) set(change())
  }

  return {
    plan,
    second,
    isStarted,
    isPaused,
    isOver,
    untold,
    start: () => !isStarted.value && set(clock.start(state.value, timeNow())),
    pause: moving(() => clock.pause(state.value, timeNow())),
    resume: moving(() => clock.resume(state.value, timeNow())),
    skip: moving(() => jump(sectionAfter(plan.value, second.value))),
    back: moving(() => jump(sectionBefore(plan.value, second.value))),
    holdAt: (at: number) => set(clock.pause(clock.seek(state.value, at, timeNow()), timeNow())),
    jumps,
    addTime: moving(() => clock.add(state.value, second.value, ADDED_S, timeNow())),
    end: moving(() => clock.finish(state.value, timeNow())),
  }
}

function newest(one: clock.ClockState, other: clock.ClockState) {
  return other.toldAtMs > one.toldAtMs ? other : one
}
