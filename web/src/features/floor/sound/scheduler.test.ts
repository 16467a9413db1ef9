import { describe, expect, it } from 'vitest'
import type { Cue } from '@/lib/api/types'
import { AHEAD_S, CallScheduler } from './scheduler'

const cue = (at: number) => ({ at_s: at, kind: 'go', text: 'Go', says_s: 1 }) as Cue

/** A sound that notes at which instant of the wall each call begins. */
function heard() {
  const begun = new Map<Cue, number>()
  let nowMs = 0
  const scheduler = new CallScheduler((one, inS) => {
    const at = nowMs + inS * 1000
    begun.set(one, at)
    return () => void (begun.get(one)! > nowMs && begun.delete(one))
  })
  return {
    begun,
    tick(cues: Cue[], atMs: number, second: number, running = true) {
      nowMs = atMs
      scheduler.tick(cues, second, atMs, running)
    },
  }
}

describe('calls of a class of sixty minutes', () => {
  // Some two thousand calls, whole seconds apart and not.
  const cues = Array.from({ length: 2000 }, (_, index) => cue(index * 1.8 + 1))

  it('begin within 50 ms of their instant, however busy the page is in between', () => {
    const { begun, tick } = heard()
    let seed = 7
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647
    // The page comes to breathe every 20 ms, and now and then only after two and a half seconds.
    for (let ms = 0; ms < 3_600_000; ms += random() < 0.02 ? 2500 * random() : 20) tick(cues, ms, ms / 1000)
    const late = cues.map((one) => Math.abs(begun.get(one)! - one.at_s * 1000))
    expect(begun.size).toBe(cues.length)
    expect(Math.max(...late)).toBeLessThan(50)
  })

  it('are each made once', () => {
    let count = 0
    const scheduler = new CallScheduler(() => (count++, () => undefined))
    for (let ms = 0; ms < 60_000; ms += 100) scheduler.tick(cues, ms / 1000, ms, true)
    expect(count).toBe(cues.filter((one) => one.at_s <= 59.9 + AHEAD_S).length)
  })
})

describe('what is scheduled', () => {
  const cues = [cue(1), cue(2), cue(4), cue(40)]

  it('is silent while the class is paused, and goes on from there', () => {
    const { begun, tick } = heard()
    tick(cues, 0, 0)
    tick(cues, 1500, 1.5)
    tick(cues, 1600, 1.5, false)
    expect([...begun.keys()]).toEqual([cues[0]])
    tick(cues, 9000, 1.5)
    expect(begun.get(cues[1]!)).toBe(9500)
  })

  it('is taken back where the clock is moved, and what was jumped over is not made', () => {
    const { begun, tick } = heard()
    tick(cues, 0, 0)
    tick(cues, 500, 39)
    expect([...begun.entries()]).toEqual([[cues[3], 1500]])
  })

  it('is taken back where the plan is another now', () => {
    const { begun, tick } = heard()
    tick(cues, 0, 0)
    const stretched = [cues[0]!, cue(12)]
    tick(stretched, 500, 0.5)
    expect([...begun.keys()]).toEqual([cues[0]])
    tick(stretched, 600, 0.6)
    for (let ms = 700; ms < 10_000; ms += 100) tick(stretched, ms, ms / 1000)
    expect(begun.get(stretched[1]!)).toBeCloseTo(12_000, 0)
  })
})
