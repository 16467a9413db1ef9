import { describe, expect, it } from 'vitest'
import type { Movement, Station } from '@/lib/api/types'
import {
  isMixed,
  isOneForAll,
  movementOf,
  partsOf,
  replaceForAll,
  sitOut,
  stepVersion,
  takeMovement,
  takeParts,
  takeStation,
  unhalve,
  versionOf,
} from './level'

const version = (id: string, sides = 'two_sided') => ({ id, measure: 'reps', sides })
const movement = (id: string, ...ladder: ReturnType<typeof version>[]) =>
  ({
    id,
    ladder,
    opens: Object.fromEntries(
      ['beginner', 'intermediate', 'advanced'].map((level) => [level, { variation: ladder[0]!.id, reps: 8 }]),
    ),
  }) as unknown as Movement
const known = [
  movement('push_up', version('push_up.knees'), version('push_up.floor')),
  movement('squat', version('squat.chair'), version('squat.air')),
  movement('lunge', version('lunge.back', 'one_sided')),
]
const find = (id: string | undefined) => known.find((held) => held.id === id)
const station = (levels = {}, rest = {}) =>
  ({
    id: 's1',
    movement: 'push_up',
    levels: {
      beginner: { variation: 'push_up.knees', reps: 8 },
      intermediate: { variation: 'push_up.knees', reps: 8 },
      advanced: { variation: 'push_up.floor', reps: 8 },
      ...levels,
    },
    ...rest,
  }) as Station

describe('a level at a station', () => {
  it('does its own movement, else the station’s', () => {
    const held = station({ beginner: { variation: 'squat.air' } })
    expect([movementOf(find, held, 'beginner')?.id, movementOf(find, held, 'advanced')?.id]).toEqual([
      'squat',
      'push_up',
    ])
    expect(versionOf(find, held, 'beginner')?.id).toBe('squat.air')
  })

  it('takes another movement as that opens, and keeps its note and its rest', () => {
    const held = station({
      beginner: { variation: 'push_up.knees', reps: 5, tempo: '3-0-1-0', note: 'slow', rest_s: 9 },
    })
    takeMovement(held, 'beginner', known[1]!)
    expect(held.levels.beginner).toEqual({ variation: 'squat.chair', reps: 8, note: 'slow', rest_s: 9 })
    takeStation(find, held, 'beginner')
    expect(held.levels.beginner.variation).toBe('push_up.knees')
  })

  it('has parts of its own, that begin with what it did', () => {
    const held = station()
    takeParts(held, 'advanced', [known[0]!, known[2]!])
    expect(partsOf(held, 'advanced')).toEqual([
      { movement: 'push_up', reps: 4 },
      { movement: 'lunge', reps: 4 },
    ])
    expect(held.levels.advanced).not.toHaveProperty('variation')
    expect([movementOf(find, held, 'advanced'), partsOf(held, 'beginner')]).toEqual([undefined, undefined])
  })

  it('leaves the station’s parts with a version of its own, and goes back to them', () => {
    const compound = station(
      { beginner: { reps: 3 } },
      { movement: undefined, parts: [{ movement: 'squat', reps: 4 }] },
    )
    expect(partsOf(compound, 'beginner')).toHaveLength(1)
    takeMovement(compound, 'beginner', known[0]!)
    expect(partsOf(compound, 'beginner')).toBeUndefined()
    takeStation(find, compound, 'beginner')
    expect(partsOf(compound, 'beginner')).toHaveLength(1)
  })

  it('sits out with what was typed kept', () => {
    const held = station()
    sitOut(held, 'beginner', true)
    expect(held.levels.beginner).toEqual({ variation: 'push_up.knees', reps: 8, sits_out: true })
    sitOut(held, 'beginner', false)
    expect(held.levels.beginner).toEqual({ variation: 'push_up.knees', reps: 8 })
  })

  it('steps along its own ladder and stops at its ends', () => {
    const held = station({ beginner: { variation: 'squat.chair', reps: 8 } })
    stepVersion(find, held, 'beginner', -1)
    expect(held.levels.beginner.variation).toBe('squat.chair')
    stepVersion(find, held, 'beginner', 1)
    expect(held.levels.beginner).toEqual({ variation: 'squat.air', reps: 8 })
  })
})

describe('the levels of a station', () => {
  it('are one where all are given the same, in whatever order it was typed', () => {
    const same = { variation: 'push_up.floor', reps: 8 }
    expect(isOneForAll(station({ beginner: same, intermediate: { reps: 8, variation: 'push_up.floor' } }))).toBe(true)
    expect(isOneForAll(station())).toBe(false)
  })

  it('differ where somebody does another movement, parts of their own, or nothing', () => {
    expect(isMixed(station())).toBe(false)
    for (const other of [{ variation: 'squat.air' }, { parts: [] }, { variation: 'push_up.knees', sits_out: true }])
      expect(isMixed(station({ beginner: other }))).toBe(true)
  })

  it('stay one where all take another movement', () => {
    const held = station()
    replaceForAll(held, known[1]!)
    expect([held.movement, isOneForAll(held), isMixed(held)]).toEqual(['squat', true, false])
  })

  it('are not halved any more when their last one-sided version goes', () => {
    const held = station({ intermediate: { variation: 'lunge.back' } }, { sides: 'split' })
    unhalve(find, held)
    expect(held.sides).toBe('split')
    held.levels.intermediate.variation = 'push_up.knees'
    unhalve(find, held)
    expect(held.sides).toBeUndefined()
  })
})
