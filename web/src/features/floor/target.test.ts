import { describe, expect, it } from 'vitest'
import { partsOf } from './target'

describe('A target as it is read from afar', () => {
  it.each([
    ['8 reps', '8', 'reps', ''],
    ['8–12 reps', '8–12', 'reps', ''],
    ['hold 20 s', '20 s', '', ''],
    ['hold 20–30 s', '20–30 s', '', ''],
    ['for 40 s', '40 s', '', ''],
    ['15 s each side', '15 s', 'each side', ''],
    ['hold 15 s each side', '15 s', 'hold … each side', ''],
    ['4 a side, 8 moves', '4', 'a side, 8 moves', ''],
    ['24, 18, 12, 6 reps', '24, 18, 12, 6', 'reps', ''],
    ['as many clean reps as 40 s allow', '40 s', '', 'as many clean reps as … allow'],
    ['as many clean reps as 60, 50, 40 s allow', '60, 50, 40 s', '', 'as many clean reps as … allow'],
    ['sits this one out', '', '', 'sits this one out'],
    ['', '', '', ''],
  ])('of “%s” is “%s”, with “%s” beside it and “%s” below', (target, number, unit, words) => {
    expect(partsOf(target)).toEqual({ number, unit, words })
  })
})
