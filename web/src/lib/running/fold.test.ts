import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { describe, expect, it } from 'vitest'
import type { RunEvent } from '@/lib/api/types'
import { elapsed, ended, fold, paused, started } from './fold'

interface Case {
  name: string
  events: RunEvent[]
  at_ms: number
  expect: { second: number; started: boolean; paused: boolean; ended: boolean; additions: unknown[] }
}
const file = resolve(process.cwd(), '../core/spec/running/cases.json')
const cases = JSON.parse(readFileSync(file, 'utf8')) as Case[]

describe('the class’s clock, held to the cases of the core', () => {
  it.each(cases)('$name', ({ events, at_ms: at, expect: { second, started: begun, ...rest } }) => {
    for (const list of [events, [...events].reverse()]) {
      const state = fold(list)
      expect(elapsed(state, at)).toBeCloseTo(second, 3)
      expect(started(state)).toBe(begun)
      expect({ paused: paused(state), ended: ended(state), additions: state.additions }).toEqual({
        paused: rest.paused,
        ended: rest.ended,
        additions: rest.additions,
      })
    }
  })
})
