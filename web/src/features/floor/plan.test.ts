import { describe, expect, it } from 'vitest'
import type { Run } from '@/lib/api/types'
import { momentAt, planOf, segmentAt } from './plan'

// Two stations of 40 s with 20 s between, once round; the beginner stops after 20 s. Then a pause of a minute.
const lane = (work: number) => ({
  segments: [
    { kind: 'ready', start_s: 0, seconds: 10 },
    { kind: 'work', start_s: 10, seconds: work, station: 's1', round: 1, level: 'beginner' },
    ...(work < 40 ? [{ kind: 'waiting', start_s: 10 + work, seconds: 40 - work, station: 's1', round: 1 }] : []),
    { kind: 'rest', start_s: 50, seconds: 20, station: 's1', round: 1 },
    { kind: 'work', start_s: 70, seconds: 40, station: 's2', round: 1 },
  ],
})
const still = { segments: [{ kind: 'pause', start_s: 110, seconds: 60 }] }
const levels = (one: object, two: object, three: object) => ({ beginner: one, intermediate: two, advanced: three })
const run = {
  document: {
    blocks: [
      { id: 'b1', title: 'Main', role: 'main' },
      { id: 'b2', role: 'cool_down' },
    ],
  },
  preview: {
    total_s: 170,
    sections: [0, 10, 50, 70, 110, 170],
    cues: [
      { at_s: 0, kind: 'block' },
      { at_s: 10, kind: 'go' },
      { at_s: 50, kind: 'next' },
      { at_s: 60, kind: 'ten_seconds' },
      { at_s: 70, kind: 'go' },
      { at_s: 110, kind: 'block' },
      { at_s: 170, kind: 'finish' },
    ],
    blocks: [
      { id: 'b1', start_s: 0, rounds: 1, paced: false, lanes: levels(lane(20), lane(40), lane(40)), stations: [] },
      { id: 'b2', start_s: 110, rounds: 1, paced: false, lanes: levels(still, still, still), stations: [] },
    ],
  },
} as unknown as Run

describe('a moment of the class', () => {
  const plan = planOf(run, [])

  it('counts down to where the section ends', () => {
    expect(momentAt(plan, 15)).toMatchObject({
      kind: 'work',
      leftS: 35,
      station: 's1',
      blockId: 'b1',
      blockTitle: 'Main',
    })
    expect(momentAt(plan, 55)).toMatchObject({ kind: 'rest', leftS: 15, station: 's2' })
  })

  it('shows what is worked while one level has stopped already', () => {
    const moment = momentAt(plan, 35)
    expect([moment.kind, moment.lanes.beginner.kind, moment.lanes.advanced.kind]).toEqual(['work', 'waiting', 'work'])
    expect(moment.lanes.advanced.leftS).toBe(15)
    expect(moment.lanes.beginner.workLeftS).toBe(40)
  })

  it('names the next station while this one is worked, and none before the end', () => {
    expect(momentAt(plan, 15).next).toEqual({
      station: 's2',
      blockId: 'b1',
      round: 1,
      levels: ['beginner', 'intermediate', 'advanced'],
    })
    expect(momentAt(plan, 80).next).toBeUndefined()
  })

  it('stays at the last moment once the class is over', () => expect(momentAt(plan, 999).kind).toBe('pause'))

  it('calls a block by its role where it has no title', () => expect(momentAt(plan, 120).blockTitle).toBe('Cool down'))
})

describe('time that was put in', () => {
  const plan = planOf(run, [{ at_s: 55, add_s: 30 }])

  it('stretches the section that holds it, and moves all that follows', () => {
    expect(segmentAt(plan.lanes.advanced, 75)).toMatchObject({ kind: 'rest', seconds: 50 })
    expect(segmentAt(plan.lanes.advanced, 101)).toMatchObject({ kind: 'work', start_s: 100 })
    expect([plan.totalS, plan.blocks[1]!.startS]).toEqual([200, 140])
    expect(momentAt(plan, 60).leftS).toBe(40)
  })

  it('still tells the second of the plan as it was made', () => {
    expect([momentAt(plan, 50).plannedS, momentAt(plan, 70).plannedS, momentAt(plan, 110).plannedS]).toEqual([
      50, 55, 80,
    ])
  })
})

describe('a block in which partners take turns', () => {
  const drawn = {
    segments: [
      { kind: 'work', start_s: 0, seconds: 30, station: 's1', round: 1 },
      { kind: 'transition', start_s: 30, seconds: 5, station: 's1', round: 1 },
      { kind: 'rest', start_s: 35, seconds: 30, station: 's1', round: 1 },
    ],
  }
  const turn = (start_s: number) => ({ start_s, seconds: 30, round: 1, station: 's1' })
  const groups = [
    { label: 'First partner', stops: [turn(0)] },
    { label: 'Second partner', stops: [turn(35)] },
  ]
  const block = {
    id: 'b1',
    start_s: 0,
    rounds: 1,
    paced: false,
    lanes: levels(drawn, drawn, drawn),
    stations: [],
    groups,
  }
  const partners = {
    document: { blocks: [{ id: 'b1', title: 'Pairs', role: 'main' }] },
    preview: { total_s: 65, sections: [65], cues: [{ at_s: 65, kind: 'finish' }], blocks: [block] },
  } as unknown as Run

  it('is at work while the second partner is, whose lane is not drawn', () => {
    const plan = planOf(partners, [])
    expect([10, 32, 40].map((second) => momentAt(plan, second).kind)).toEqual(['work', 'transition', 'work'])
    expect(momentAt(plan, 40)).toMatchObject({ station: 's1', round: 1 })
  })

  it('still is where time was put in before', () => {
    const plan = planOf(partners, [{ at_s: 10, add_s: 20 }])
    expect([52, 57].map((second) => momentAt(plan, second).kind)).toEqual(['transition', 'work'])
  })
})
