import type { Cue } from '@/lib/api/types'

// Hands calls to the sound some seconds ahead, each to begin at its instant by the sound's own clock: a busy page makes none of
// them late, as long as it comes to breathe within these seconds.

/** So far ahead; the page may be busy for as long. */
export const AHEAD_S = 3
/** A call missed by more is not made: it would say what is not so any more. */
export const LATE_S = 1.2
/** The class's clock and the wall's differ by no more than this, unless somebody moved it. */
const JUMP_S = 0.25

/** Lets a call begin in so many seconds. @returns how to take it back */
export type Begin = (cue: Cue, inS: number) => () => void

interface Waiting {
  atS: number
  cancel: () => void
}

/** The place of the first call after a second. */
function firstAfter(cues: readonly Cue[], second: number): number {
  let [low, high] = [0, cues.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (cues[middle]!.at_s <= second) low = middle + 1
    else high = middle
  }
  return low
}

export class CallScheduler {
  private waiting = new Map<Cue, Waiting>()
  private last: { second: number; nowMs: number } | null = null
  private doneUntil = -Infinity
  private known: readonly Cue[] | null = null

  constructor(private readonly begin: Begin) {}

  /**
   * @param cues all calls of the class, in order
   * @param second of the class, now
   * @param nowMs by the wall
   */
  tick(cues: readonly Cue[], second: number, nowMs: number, running: boolean) {
    if (!running) return this.silence()
    const moved = this.last && Math.abs(second - this.last.second - (nowMs - this.last.nowMs) / 1000) > JUMP_S
    if (!this.last || moved) {
      this.silence()
      this.doneUntil = second - LATE_S
    }
    this.last = { second, nowMs }
    if (cues !== this.known) this.dropGone(cues)
    this.known = cues
    const from = Math.max(this.doneUntil, second - LATE_S)
    for (let index = firstAfter(cues, from); index < cues.length; index++) {
      const cue = cues[index]!
      if (cue.at_s > second + AHEAD_S) break
      if (!this.waiting.has(cue))
        this.waiting.set(cue, { atS: cue.at_s, cancel: this.begin(cue, Math.max(0, cue.at_s - second)) })
    }
    this.forget(second)
  }

  /** Nothing that has not begun is heard. */
  silence() {
    const until = this.last?.second ?? -Infinity
    for (const { atS, cancel } of this.waiting.values()) if (atS > until) cancel()
    this.waiting.clear()
    this.last = null
  }

  /** Of a plan that was changed, or stretched: what is not in it any more. */
  private dropGone(cues: readonly Cue[]) {
    if (!this.waiting.size) return
    const known = new Set(cues)
    for (const [cue, { atS, cancel }] of this.waiting) {
      if (known.has(cue)) continue
      if (atS > this.last!.second) cancel()
      this.waiting.delete(cue)
    }
  }

  private forget(second: number) {
    for (const [cue, { atS }] of this.waiting) {
      if (atS > second) continue
      this.doneUntil = Math.max(this.doneUntil, atS)
      this.waiting.delete(cue)
    }
  }
}
