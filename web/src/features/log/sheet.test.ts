import { describe, expect, it } from 'vitest'
import type { LogSheet } from '@/lib/api/types'
import { attendancesOf, countExceptions, typingOf } from './sheet'

const typed = { block: 'main', station: 'p', level: null, variation: null, reps: 7, seconds: null, reps_left: 2 }
const sheet = (attendances: unknown[] = []) =>
  ({
    run: { group_class_id: 'tuesday' },
    log_version: 3,
    note: null,
    people: [
      { id: 'tamsin', name: 'Tamsin', level: 'beginner', blocks: [], planned_targets: null, counted: [] },
      { id: 'dov', name: 'Dov', level: 'advanced', planned_targets: null, counted: [] },
    ],
    attendances,
  }) as unknown as LogSheet
const logged = {
  person_id: 'tamsin',
  present: true,
  level: 'intermediate',
  effort: 6,
  pain: null,
  note: null,
  exceptions: [{ ...typed, skipped: false }],
  // What follows from it is for the server to say: the form does not look at it.
  results: [{ block: 'main', station: 's', planned: false, reps: 1 }],
}

describe('a log’s form', () => {
  it('begins with nobody there where the run is of no class', () => {
    const lines = typingOf({ ...sheet(), run: { group_class_id: null } } as unknown as LogSheet).lines
    expect(lines.map((line) => line.present)).toEqual([false, false])
  })

  it('begins with everybody there, at their own level and as planned', () => {
    const lines = typingOf(sheet()).lines
    expect(lines.map((line) => [line.present, line.level, countExceptions(line)])).toEqual([
      [true, 'beginner', 0],
      [true, 'advanced', 0],
    ])
  })

  it('holds of an earlier log what was handed in, and hands in just that again', () => {
    const typing = typingOf(sheet([logged]))
    expect([typing.log_version, typing.lines[0]!.level, typing.lines[0]!.effort]).toEqual([3, 'intermediate', 6])
    expect(attendancesOf(typing)[0]!.exceptions).toEqual([
      { ...typed, skipped: false, per_round: null, load_kg: null, faults: null },
    ])
  })

  it('hands in a number for each round, and rounds and reps of a block, as they were typed', () => {
    const typing = typingOf(sheet([{ ...logged, blocks: [{ block: 'end', rounds: 4 }], exceptions: [] }]))
    typing.lines[0]!.exceptions = {
      'main/p': { per_round: '24, 18 x', load_kg: 8, faults: [] },
      'main/s': { faults: [] },
    }
    const entry = attendancesOf(typing)[0]!
    expect(entry.blocks).toEqual([{ block: 'end', rounds: 4 }])
    expect(entry.exceptions).toMatchObject([{ per_round: [24, 18, 'x'], load_kg: 8, faults: null }])
  })

  it('hands in nothing of who was absent, and everybody’s effort where nobody typed their own', () => {
    const typing = { ...typingOf(sheet([{ ...logged, present: false, effort: null }])), everybody: 5 }
    expect(attendancesOf(typing).map((line) => [line.effort, line.exceptions])).toEqual([
      [null, []],
      [5, []],
    ])
  })
})
