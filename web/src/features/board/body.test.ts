import { describe, expect, it } from 'vitest'
import { BACK, FRONT, strength } from './body'

// As core/lib/sparrow/catalogue/variation.rb has them.
const MUSCLES = [
  'front of thigh',
  'back of thigh',
  'inner thigh',
  'buttocks',
  'side of hip',
  'hip flexors',
  'calves',
  'deep trunk',
  'front of trunk',
  'side of trunk',
  'lower back',
  'upper back',
  'back',
  'chest',
  'front of shoulder',
  'side of shoulder',
  'back of shoulder',
  'front of upper arm',
  'back of upper arm',
  'forearm',
  'grip',
]

describe('the body', () => {
  it('has a shape for each muscle of the catalogue, and no other', () => {
    expect([...new Set([...FRONT, ...BACK].map(({ muscle }) => muscle))].sort()).toEqual([...MUSCLES].sort())
  })

  it('is filled by how much is worked, and not at all where nothing is', () => {
    expect(strength(0, 100)).toBe(0)
    expect(strength(100, 100)).toBe(1)
    expect(strength(1, 100)).toBeGreaterThan(0.2)
    expect(strength(50, 100)).toBeCloseTo(0.6)
  })
})
