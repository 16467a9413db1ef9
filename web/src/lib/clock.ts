import type { Clock } from '@/lib/api/types'

// The class's clock as absolute instants and a reading of them, never a counter
// that is decremented: neither a slow tab nor a reload drifts it.

export interface ClockState {
  /** The instant at which the class stood at second 0; null before the start. */
  anchorMs: number | null
  pausedAtMs: number | null
  /** Seconds put in, in the order in which they were. */
  additions: { at_s: number; add_s: number }[]
  finished: boolean
  /** When this state came about, by which the newer of two is known. */
  toldAtMs: number
}

export const unstarted: ClockState = { anchorMs: null, pausedAtMs: null, additions: [], finished: false, toldAtMs: 0 }

export const started = (state: ClockState) => state.anchorMs !== null
export const paused = (state: ClockState) => state.pausedAtMs !== null

/** Seconds into the class, with its fraction. */
export function elapsed(state: ClockState, nowMs: number): number {
  if (state.anchorMs === null) return 0
  return ((state.pausedAtMs ?? nowMs) - state.anchorMs) / 1000
}

export function start(state: ClockState, nowMs: number): ClockState {
  return { ...state, anchorMs: nowMs, pausedAtMs: null, toldAtMs: nowMs }
}

export function pause(state: ClockState, nowMs: number): ClockState {
  return { ...state, pausedAtMs: nowMs, toldAtMs: nowMs }
}

export function resume(state: ClockState, nowMs: number): ClockState {
  if (state.anchorMs === null || state.pausedAtMs === null) return state
  return { ...state, anchorMs: state.anchorMs + (nowMs - state.pausedAtMs), pausedAtMs: null, toldAtMs: nowMs }
}

/** Goes to a second of the class; a paused clock stays paused there. */
export function seek(state: ClockState, second: number, nowMs: number): ClockState {
  return { ...state, anchorMs: (state.pausedAtMs ?? nowMs) - second * 1000, toldAtMs: nowMs }
}

export function add(state: ClockState, second: number, seconds: number, nowMs: number): ClockState {
  return { ...state, additions: [...state.additions, { at_s: second, add_s: seconds }], toldAtMs: nowMs }
}

export function finish(state: ClockState, nowMs: number): ClockState {
  return { ...state, finished: true, toldAtMs: nowMs }
}

/** As it is told to the server, with the time that it is here: clocks differ, and the server keeps its own. */
export function told(state: ClockState, nowMs: number): (Clock & { sent_at_ms: number }) | null {
  if (state.anchorMs === null) return null
  return {
    anchor_ms: Math.round(state.anchorMs),
    ...(state.pausedAtMs === null ? {} : { paused_at_ms: Math.round(state.pausedAtMs) }),
    additions: state.additions.map(({ at_s, add_s }) => ({ at_s: Math.round(at_s * 1000) / 1000, add_s })),
    finished: state.finished,
    told_at_ms: Math.round(state.toldAtMs),
    sent_at_ms: Math.round(nowMs),
  }
}

/** So much is the time that a message takes, and no difference of clocks. */
const NEAR_MS = 250

/** A clock that the server kept, moved to the time that it is here. */
export function localised(clock: Clock | null, serverMs: number, hereMs: number): Clock | null {
  const off = Math.abs(hereMs - serverMs) <= NEAR_MS ? 0 : Math.round(hereMs - serverMs)
  if (!clock || !off) return clock
  return {
    ...clock,
    anchor_ms: clock.anchor_ms + off,
    ...(clock.paused_at_ms === undefined ? {} : { paused_at_ms: clock.paused_at_ms + off }),
    told_at_ms: clock.told_at_ms + off,
  }
}

export function heard(clock: Clock | null): ClockState {
  if (!clock) return unstarted
  return {
    anchorMs: clock.anchor_ms,
    pausedAtMs: clock.paused_at_ms ?? null,
    additions: clock.additions,
    finished: clock.finished ?? false,
    toldAtMs: clock.told_at_ms,
  }
}
