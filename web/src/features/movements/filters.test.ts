import { describe, expect, it } from 'vitest'
import type { Variation } from '@/lib/api/types'
import { isFiltered, NO_FILTERS, passes } from './filters'

const variation = {
  muscles: ['chest', 'back of upper arm'],
  joints: ['shoulder', 'wrist'],
  strains: ['straining'],
  equipment: ['bench', 'mat'],
  position: 'front_support',
  impact: 'none',
  levels: ['intermediate', 'advanced'],
} as unknown as Variation

describe('the filters of versions', () => {
  it('ask nothing while they are empty', () => {
    expect(passes(variation, NO_FILTERS)).toBe(true)
    expect(isFiltered(NO_FILTERS)).toBe(false)
    expect(isFiltered({ ...NO_FILTERS, spare: ['knee'] })).toBe(true)
  })

  it.each([
    [{ muscle: 'chest' }, true],
    [{ muscle: 'calves' }, false],
    [{ spare: ['knee'] }, true],
    [{ spare: ['knee', 'wrist'] }, false],
    [{ spare: ['straining'] }, false],
    [{ kit: ['bench', 'mat', 'chair'] }, true],
    [{ kit: ['mat'] }, false],
    [{ kit: [] }, false],
    [{ position: 'front_support' }, true],
    [{ position: 'standing' }, false],
    [{ impact: 'high' }, false],
    [{ level: 'advanced' }, true],
    [{ level: 'beginner' }, false],
    [{ level: 'advanced', muscle: 'calves' }, false],
  ])('%o lets it through: %s', (filter, through) => {
    expect(passes(variation, { ...NO_FILTERS, ...filter })).toBe(through)
  })
})
