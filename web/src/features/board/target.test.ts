import { describe, expect, it } from 'vitest'
import type { Prescription, Variation } from '@/lib/api/types'
import { targetHint, targetText, writeTarget } from './target'

const counted = { measure: 'reps' } as Variation
const held = { measure: 'hold' } as Variation
const written = (text: string, variation = counted, day = false) => {
  const prescription = { variation: 'x' } as Prescription
  writeTarget(prescription, text, variation, day)
  return prescription
}

describe('a target as it is typed', () => {
  it.each([
    ['12', counted, { reps: 12 }],
    ['8-12', counted, { reps: { min: 8, max: 12 } }],
    ['8 to 12', counted, { reps: { min: 8, max: 12 } }],
    ['hold 30', counted, { hold_s: 30 }],
    ['30 s', counted, { hold_s: 30 }],
    ['hold 20–40', counted, { hold_s: { min: 20, max: 40 } }],
    ['30', held, { hold_s: 30 }],
    ['20-40', held, { hold_s: { min: 20, max: 40 } }],
    ['most', counted, {}],
    ['', counted, {}],
    ['a dozen', counted, { reps: 'a dozen' }],
  ])('takes “%s”', (text, variation, expected) =>
    expect(written(text, variation)).toEqual({ variation: 'x', ...expected }),
  )

  it('takes a day’s total as a minimum and a maximum', () => {
    expect(written('30-50', counted, true).quota).toEqual({ min: 30, max: 50 })
    expect(written('40', counted, true).quota).toEqual({ min: 40, max: 40 })
    expect(written('many', counted, true).quota).toBe('many')
  })

  it.each([
    [{ reps: 12 }, counted, '12'],
    [{ reps: { min: 8, max: 12 } }, counted, '8–12'],
    [{ hold_s: 30 }, held, '30'],
    [{ hold_s: 30 }, counted, 'hold 30'],
    [{ quota: { min: 30, max: 50 } }, counted, '30–50'],
    [{ quota: { min: 30, max: 30 } }, counted, '30'],
    [{}, counted, ''],
  ])('writes %o', (prescription, variation, text) =>
    expect(targetText(prescription as Prescription, variation)).toBe(text),
  )

  it('reads back what it wrote', () => {
    for (const [text, variation] of [
      ['8–12', counted],
      ['hold 30', counted],
      ['20–40', held],
      ['15', counted],
    ] as const)
      expect(targetText(written(text, variation), variation)).toBe(text)
  })

  it('takes a number as seconds where the version is kept up for a time', () => {
    const timed = { measure: 'time' } as Variation
    const prescription = { variation: 'plank.reach', reps: 8 } as Prescription
    writeTarget(prescription, '60', timed)
    expect(prescription).toEqual({ variation: 'plank.reach', work_s: 60 })
    expect(targetText(prescription, timed)).toBe('60')
    writeTarget(prescription, '45s', timed)
    expect(prescription.work_s).toBe(45)
    writeTarget(prescription, '60, 50', timed)
    expect(prescription.work_s).toEqual([60, 50])
    expect(targetText(prescription, timed)).toBe('60, 50')
    writeTarget(prescription, 'long', timed)
    expect(prescription.work_s).toBe('long')
    writeTarget(prescription, '', timed)
    expect(prescription).toEqual({ variation: 'plank.reach' })
  })

  it('says in an empty field what nothing means', () => {
    expect([targetHint(counted), targetHint(held), targetHint({ measure: 'time' } as Variation)]).toEqual([
      'most',
      'hold',
      'time',
    ])
  })
})
