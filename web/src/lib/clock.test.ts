import { describe, expect, it } from 'vitest'
import { add, elapsed, finish, heard, localised, paused, pause, resume, seek, start, told, unstarted } from './clock'

const NOW = 1_700_000_000_000

describe('the class’s clock', () => {
  it('reads the seconds since its start, whatever happened meanwhile', () => {
    const running = start(unstarted, NOW)
    expect([elapsed(unstarted, NOW), elapsed(running, NOW), elapsed(running, NOW + 90_500)]).toEqual([0, 0, 90.5])
  })

  it('stands still while it is paused, and goes on from there', () => {
    const stopped = pause(start(unstarted, NOW), NOW + 30_000)
    expect([paused(stopped), elapsed(stopped, NOW + 500_000)]).toEqual([true, 30])
    const again = resume(stopped, NOW + 100_000)
    expect([paused(again), elapsed(again, NOW + 105_000)]).toEqual([false, 35])
    expect(resume(again, NOW + 200_000)).toBe(again)
  })

  it('goes to a second and stays paused there where it was', () => {
    const stopped = seek(pause(start(unstarted, NOW), NOW + 30_000), 12, NOW + 60_000)
    expect([paused(stopped), elapsed(stopped, NOW + 99_000)]).toEqual([true, 12])
  })

  it('comes back from the server as it was told', () => {
    const state = finish(add(pause(start(unstarted, NOW), NOW + 30_000), 12.3456, 30, NOW + 31_000), NOW + 32_000)
    const sent = told(state, NOW + 40_000)!
    expect(sent).toMatchObject({ anchor_ms: NOW, paused_at_ms: NOW + 30_000, finished: true, sent_at_ms: NOW + 40_000 })
    expect(sent.additions).toEqual([{ at_s: 12.346, add_s: 30 }])
    expect(heard(sent)).toMatchObject({ anchorMs: NOW, pausedAtMs: NOW + 30_000, finished: true })
    expect(told(unstarted, NOW)).toBeNull()
  })

  it('is moved by the difference between this device and the server, and not by the way of a message', () => {
    const clock = told(start(unstarted, NOW), NOW)!
    expect(localised(clock, NOW, NOW + 200)!.anchor_ms).toBe(NOW)
    expect(localised(clock, NOW, NOW + 3_600_000)!.anchor_ms).toBe(NOW + 3_600_000)
    expect(localised({ ...clock, paused_at_ms: NOW + 5 }, NOW, NOW - 60_000)).toMatchObject({
      anchor_ms: NOW - 60_000,
      paused_at_ms: NOW + 5 - 60_000,
    })
    expect(localised(null, NOW, NOW)).toBeNull()
  })
})
