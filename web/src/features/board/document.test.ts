import { describe, expect, it } from 'vitest'
import type { Block, Format, Movement, Station } from '@/lib/api/types'
import {
  addBlock,
  addCompound,
  addPause,
  addStation,
  chooseVariation,
  duplicateStation,
  edited,
  emptyDocument,
  freeId,
  move,
} from './document'
import { setKey } from '@/lib/typed'

const field = (key: string) => ({ key, kind: 'seconds', label: key, place: 'clock', needed: false })
const format = (given: Partial<Format>) =>
  ({
    fields: [],
    opening: {},
    openings: {},
    day_sets: null,
    work_windows: false,
    stations: true,
    ...given,
  }) as unknown as Format
const timed = format({
  id: 'timed',
  work_windows: true,
  opening: { work_s: 40 },
  openings: { main: { work_s: 40, get_ready_s: 10 }, finisher: { work_s: 30 } },
  fields: [field('work_s'), field('get_ready_s')] as Format['fields'],
})
const daily = format({ id: 'daily', day_sets: { min: 3, max: 5, set: 10 } })
const variation = (id: string, measure = 'reps', sides = 'two_sided') => ({ id, measure, sides })
const movement = (id: string, ...ladder: ReturnType<typeof variation>[]) =>
  ({
    id,
    ladder,
    opens: Object.fromEntries(
      ['beginner', 'intermediate', 'advanced'].map((level) => [level, { variation: ladder[0]!.id, reps: 8 }]),
    ),
  }) as unknown as Movement
const squat = movement('squat', variation('squat.chair'), variation('squat.air'), variation('squat.hold', 'hold'))
const block = () => ({ id: 'b1', stations: [] }) as unknown as Block

describe('an edit', () => {
  const before = emptyDocument('Tuesday', [timed])
  addBlock(before, [timed])

  it('leaves the document before as it was, and shares with it what it did not touch', () => {
    const after = edited(before, (draft) => setKey(draft.blocks[1]!, 'work_s', 50))
    expect([before.blocks[1]!.work_s, after.blocks[1]!.work_s]).toEqual([40, 50])
    expect(after.blocks[0]).toBe(before.blocks[0])
  })

  it('is none where nothing has changed', () => {
    expect(edited(before, (draft) => setKey(draft.blocks[1]!, 'work_s', 40))).toBe(before)
    expect(edited(before, (draft) => draft.blocks.splice(5, 1))).toBe(before)
  })

  it('moves what is in a list without copying it', () => {
    const after = edited(before, (draft) => move(draft.blocks, 0, 1))
    expect(after.blocks.map((block) => block.id)).toEqual(['b2', 'b1'])
    expect(after.blocks[1]).toEqual(before.blocks[0])
  })
})

describe('a circuit’s document', () => {
  it('opens with a block in the format that is offered first, as that format opens', () => {
    const opened = emptyDocument('New', [timed, daily]).blocks[0]!
    expect(opened).toMatchObject({ format: 'timed', work_s: 40, get_ready_s: 10, stations: [] })
    expect(opened).not.toHaveProperty('round_rest_s')
  })

  it('gives every new block and station an id that nobody has', () => {
    const document = emptyDocument('New', [timed])
    document.blocks[0]!.id = 'b2'
    expect(addBlock(document, [timed]).id).toBe('b3')
    expect(addPause(document, format({ id: 'pause', stations: false, opening: { seconds: 60 } }))).toMatchObject({
      role: 'pause',
      format: 'pause',
      seconds: 60,
    })
    expect(freeId('s', [{ id: 's2' }])).toBe('s3')
  })

  it('opens a station as its movement does, without sharing anything with it', () => {
    const station = addStation(block(), squat, timed)
    station.levels.beginner.reps = 99
    expect(addStation(block(), squat, timed).levels.beginner).toEqual({ variation: 'squat.chair', reps: 8 })
  })

  it('opens a day’s total as the format makes it of one set', () => {
    expect(addStation(block(), squat, daily).levels.advanced).toEqual({
      variation: 'squat.chair',
      quota: { min: 24, max: 40 },
    })
    expect(addCompound(block(), [squat, squat], daily).levels.beginner).toEqual({ quota: { min: 12, max: 20 } })
  })

  it('halves the window for a one-sided version, and only where there are windows', () => {
    const oneSided = movement('lunge', variation('lunge.split', 'reps', 'one_sided'))
    expect(addStation(block(), oneSided, timed).sides).toBe('split')
    expect(addStation(block(), oneSided, daily).sides).toBeUndefined()
  })

  it('keeps the number with another version, unless one of the two is held', () => {
    const station = addStation(block(), squat, timed)
    chooseVariation(squat, station.levels.advanced, 'squat.hold')
    expect(station.levels.advanced).toEqual({ variation: 'squat.hold' })
  })

  it('copies a station behind itself under a new id', () => {
    const held = block()
    addStation(held, squat, timed)
    duplicateStation(held, 0)
    expect(held.stations!.map((station: Station) => station.id)).toEqual(['s1', 's2'])
  })

  it('moves within the list and never out of it', () => {
    const list = ['a', 'b', 'c']
    move(list, 0, 2)
    move(list, 0, -1)
    move(list, 0, 3)
    expect(list).toEqual(['b', 'c', 'a'])
  })

  it('takes a key away where nothing was typed', () => {
    const holder: Record<string, unknown> = { rest_s: 5 }
    setKey(holder, 'rest_s', '')
    setKey(holder, 'work_s', 0)
    expect(holder).toEqual({ work_s: 0 })
  })
})
