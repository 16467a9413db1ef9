import { describe, expect, it } from 'vitest'
import { BY_ROUND, ONE_NUMBER, REST } from './typed'

describe('what is typed in a field of numbers', () => {
  it.each([
    ['40', 40],
    ['1:30', 90],
    ['', undefined],
    ['soon', 'soon'],
  ])('reads %s as one number, or as it is', (text, value) => expect(ONE_NUMBER.read(text)).toBe(value))

  it.each([
    ['40', 40],
    ['60, 50, 40', [60, 50, 40]],
    ['60 50', [60, 50]],
    ['1:00, 45', [60, 45]],
    ['20-40', { min: 20, max: 40 }],
    ['20 to 40', { min: 20, max: 40 }],
    ['60, soon', [60, 'soon']],
  ])('reads %s as one number, one for each round, or a range', (text, value) =>
    expect(BY_ROUND.read(text)).toEqual(value),
  )

  it.each([
    ['2x', { ratio: 2 }],
    ['× 1.5', { ratio: 1.5 }],
    ['20', 20],
    ['30, 20', [30, 20]],
  ])('reads %s as a rest in seconds or as a share of the work', (text, value) => expect(REST.read(text)).toEqual(value))

  it('shows what it read', () => {
    for (const text of ['40', '60, 50, 40', '20–40', '']) expect(BY_ROUND.show(BY_ROUND.read(text))).toBe(text)
    for (const text of ['40', '20–40', '1.5×', '']) expect(REST.show(REST.read(text))).toBe(text)
  })
})
