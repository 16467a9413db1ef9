import type { RunEvent } from '@/lib/api/types'

// The class's clock, folded from what happened: the browser's own copy of core/lib/sparrow/running/clock.rb, for when the
// network is away. It is the only rule that is written twice; both are held to core/spec/running/cases.json.

export interface ClockState {
  /** The instant at which the class stood at second 0; null before the start. */
  anchorMs: number | null
  pausedAtMs: number | null
  endedAtMs: number | null
  /** Seconds put in, in the order in which they were. */
  additions: { at_s: number; add_s: number }[]
}

const SHORTLY_S = 0.001
const BEYOND_S = 5

export const started = (state: ClockState) => state.anchorMs !== null
export const ended = (state: ClockState) => state.endedAtMs !== null
export const paused = (state: ClockState) => state.pausedAtMs !== null && !ended(state)

/** Seconds into the class, with its fraction. */
export function elapsed(state: ClockState, nowMs: number): number {
  return state.anchorMs === null ? 0 : ((state.pausedAtMs ?? nowMs) - state.anchorMs) / 1000
}

/** By time, then by id: in whatever order they arrived. */
const inOrder = (one: RunEvent, other: RunEvent) => one.at_ms - other.at_ms || (one.id < other.id ? -1 : 1)

/** Each once, in order of time, without what was taken back. */
export function standing(events: RunEvent[]): RunEvent[] {
  const taken = new Set(events.filter((event) => event.kind === 'taken_back').map((event) => event.of))
  const once = new Map(events.map((event) => [event.id, event]))
  return [...once.values()].filter((event) => !taken.has(event.id)).sort(inOrder)
}

/** Which changes of the plan stand: another plan belongs to others. */
export const changesOf = (events: RunEvent[]) =>
  standing(events)
    .filter((event) => event.kind === 'changed')
    .map((event) => event.id)
    .join()

export function fold(events: RunEvent[]): ClockState {
  const state: ClockState = { anchorMs: null, pausedAtMs: null, endedAtMs: null, additions: [] }
  const held = new Set<number>()
  const running = () => started(state) && state.pausedAtMs === null && !ended(state)
  const apply: Partial<Record<RunEvent['kind'], (event: RunEvent) => void>> = {
    started: (event) => (state.anchorMs ??= event.at_ms),
    paused: (event) => running() && (state.pausedAtMs = event.at_ms),
    resumed(event) {
      if (!paused(state)) return
      state.anchorMs! += event.at_ms - state.pausedAtMs!
      state.pausedAtMs = null
    },
    moved(event) {
      if (!started(state)) return
      if (ended(state)) state.pausedAtMs = state.endedAtMs = null
      state.anchorMs = (state.pausedAtMs ?? event.at_ms) - event.at_s! * 1000
      held.clear()
    },
    through(event) {
      if (!started(state) || ended(state) || elapsed(state, event.at_ms) >= event.at_s!) return
      state.pausedAtMs = null
      state.anchorMs = event.at_ms - event.at_s! * 1000
      held.add(event.at_s!)
    },
    held(event) {
      if (!running() || held.has(event.at_s!)) return
      held.add(event.at_s!)
      if (elapsed(state, event.at_ms) > event.at_s! + BEYOND_S) return
      state.pausedAtMs = event.at_ms
      state.anchorMs = event.at_ms - (event.at_s! - SHORTLY_S) * 1000
    },
    extended: (event) => void state.additions.push({ at_s: event.at_s!, add_s: event.add_s! }),
    ended(event) {
      if (!started(state) || ended(state)) return
      if (running()) state.pausedAtMs = event.at_ms
      state.endedAtMs = event.at_ms
    },
  }
  for (const event of standing(events)) apply[event.kind]?.(event)
  return state
}
