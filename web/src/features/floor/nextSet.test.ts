import { describe, expect, it } from 'vitest'
import { nextSet } from './nextSet'

describe('the set that comes next', () => {
  it.each([
    [[12, 12, 12, 10], 0, 46, 12],
    [[12, 12, 12, 10], 12, 46, 12],
    [[12, 12, 12, 10], 5, 46, 7],
    [[12, 12, 12, 10], 36, 46, 10],
    [[12, 12, 12, 10], 46, 46, 0],
    [[12, 12, 12, 10], 60, 46, 0],
    [[], 3, 10, 7],
    [[10, 10], 20, 25, 5],
    [[20], 0, 15, 15],
  ])('of %o with %d done of %d is %d', (sets, done, total, next) => expect(nextSet(sets, done, total)).toBe(next))
})
