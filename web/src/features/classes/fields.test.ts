import { describe, expect, it } from 'vitest'
import { instantOf } from '@/lib/clockText'
import { emptyFields } from './fields'

describe('a new class', () => {
  it('is this evening until it has begun, and then tomorrow', () => {
    const at = (hour: string) => emptyFields(instantOf('2026-11-30', hour)!)
    expect(at('18:29')).toMatchObject({ day: '2026-11-30', hour: '18:30' })
    expect(at('18:30')).toMatchObject({ day: '2026-12-01', hour: '18:30' })
  })
})
