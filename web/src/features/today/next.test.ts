import { describe, expect, it } from 'vitest'
import type { TodayAnswer } from '@/lib/api/types'
import { nextThing } from './next'

const NOW = Date.parse('2026-12-01T17:00:00Z')
const nothing = { open_runs: [], unlogged_runs: [], classes: [], ready: [], drafts: [], last_logged: [] }
const next = (found: object, plans = true) => nextThing({ ...nothing, ...found } as unknown as TodayAnswer, plans, NOW)
const run = (id: string, state = 'ready') => ({
  id,
  title: `Run ${id}`,
  state,
  started_at: null,
  created_at: null,
  total_s: 600,
})
const held = (starts_at: string, run_id: string | null = null) => ({
  id: 'c',
  title: 'Tuesday',
  starts_at,
  coming: 12,
  run_id,
})
const circuit = { id: 'w', title: 'Circuit', stations: 4, total_s: 1200 }

describe('the next thing to do', () => {
  it('goes on with what is running before anything else, then logs what has ended, then starts what waits', () => {
    const all = { open_runs: [run('a'), run('b', 'running')], unlogged_runs: [run('u', 'finished')], ready: [circuit] }
    expect(next(all)?.to).toEqual({ name: 'floor', id: 'b' })
    expect(next({ ...all, open_runs: [run('a')] })?.to).toEqual({ name: 'log', id: 'u' })
    expect(next({ ...all, open_runs: [run('a')], unlogged_runs: [] })?.to).toEqual({ name: 'floor', id: 'a' })
  })

  it('looks over the fit of a coming class, and checks people in from an hour and a half before it', () => {
    expect(next({ classes: [held('2026-12-01T18:31:00Z')] })?.to).toEqual({ name: 'fit', id: 'c' })
    expect(next({ classes: [held('2026-12-01T18:29:00Z')] })?.to).toEqual({ name: 'class', id: 'c' })
  })

  it('checks in for who helps and does not plan, and passes over a class that has a run', () => {
    expect(next({ classes: [held('2026-12-05T09:00:00Z')] }, false)?.to).toEqual({ name: 'class', id: 'c' })
    expect(next({ classes: [held('2026-12-05T09:00:00Z', 'r')], ready: [circuit] })?.to).toEqual({ start: 'w' })
  })

  it('starts a circuit that is ready, finishes a draft, and has nothing to say of an empty studio', () => {
    expect(next({ ready: [circuit], drafts: [circuit] })).toMatchObject({
      to: { start: 'w' },
      detail: '4 stations, 20:00',
    })
    expect(next({ drafts: [circuit] })?.to).toEqual({ name: 'board', id: 'w' })
    expect(next({ ready: [circuit] }, false)).toBeNull()
    expect(next({})).toBeNull()
  })
})
