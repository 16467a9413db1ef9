import { describe, expect, it } from 'vitest'
import type { Block, Format, Movement } from '@/lib/api/types'
import { addLines, readList } from './pastedList'

const movement = (id: string, name: string, versions: [string, string, string?][], also: string[] = []) =>
  ({
    id,
    name,
    also,
    pattern: 'push',
    ladder: versions.map(([rung, title, measure]) => ({
      id: `${id}.${rung}`,
      name: title,
      also: [],
      measure: measure ?? 'reps',
      sides: 'two_sided',
    })),
    opens: Object.fromEntries(
      ['beginner', 'intermediate', 'advanced'].map((level, index) => [
        level,
        { variation: `${id}.${versions[Math.min(index, versions.length - 1)]![0]}`, reps: 5 },
      ]),
    ),
  }) as unknown as Movement

const MOVEMENTS = [
  movement(
    'push_up',
    'Push-up',
    [
      ['knees', 'Knee push-up'],
      ['floor', 'Floor push-up'],
      ['feet_30', 'Push-up, feet up'],
    ],
    ['press-up'],
  ),
  movement('plank', 'Plank', [
    ['wall', 'Wall plank', 'hold'],
    ['forearm', 'Forearm plank', 'hold'],
  ]),
  movement('squat', 'Squat', [
    ['chair_tap', 'Chair-tap squat'],
    ['jump', 'Jump squat'],
  ]),
]
const FORMAT = { id: 'timed', work_windows: true, day_sets: null } as unknown as Format
const read = (text: string) =>
  readList(text, MOVEMENTS).map(({ movements, reps, seconds, sets, version }) => [
    movements[0]?.id,
    reps && [reps.min, reps.max],
    seconds,
    sets,
    version,
  ])

describe('a pasted list', () => {
  it('is read with numbers before and behind the name', () => {
    expect(read('10 push-ups\nplank 40s\njump squat 3x8\nPress-ups')).toEqual([
      ['push_up', [10, 10], undefined, undefined, undefined],
      ['plank', undefined, 40, undefined, undefined],
      ['squat', [8, 8], undefined, 3, 'squat.jump'],
      ['push_up', undefined, undefined, undefined, undefined],
    ])
  })

  it('is read with bullets, ranges, sides, clocks and sets of seconds', () => {
    expect(
      read('- 8–12 push ups\n2) squats 10 per side\n• plank 1:30\n3 x 20 sec plank\n1 min plank\n3 sets of 12 squats'),
    ).toEqual([
      ['push_up', [8, 12], undefined, undefined, undefined],
      ['squat', [10, 10], undefined, undefined, undefined],
      ['plank', undefined, 90, undefined, undefined],
      ['plank', undefined, 20, 3, undefined],
      ['plank', undefined, 60, undefined, undefined],
      ['squat', [12, 12], undefined, 3, undefined],
    ])
  })

  it('keeps what nobody knows, with nothing understood of it', () => {
    expect(readList('zorbing 12', MOVEMENTS)).toEqual([expect.objectContaining({ text: 'zorbing 12', movements: [] })])
    expect(readList('\n  \n', MOVEMENTS)).toEqual([])
  })

  it('becomes stations: one number for all levels, a hold in seconds, as many rounds as all ask for', () => {
    const block = { id: 'b', role: 'main', format: 'timed', rounds: 2, stations: [] } as unknown as Block
    const taken = readList('push-up 3x8\njump squat 3x6', MOVEMENTS).map((line) => ({
      line,
      movement: line.movements[0]!,
    }))
    addLines(block, taken, FORMAT)
    expect(block.stations!.map((station) => Object.values(station.levels).map((cell) => cell.reps))).toEqual([
      [8, 8, 8],
      [6, 6, 6],
    ])
    expect(block.stations![1]!.levels.intermediate.variation).toBe('squat.jump')
    expect((block as { rounds: number }).rounds).toBe(3)
    addLines(block, [{ line: readList('plank 40s', MOVEMENTS)[0]!, movement: MOVEMENTS[1]! }], FORMAT)
    expect(block.stations![2]!.levels.beginner).toEqual({ variation: 'plank.wall', hold_s: 40 })
  })
})
