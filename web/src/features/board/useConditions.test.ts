import { describe, expect, it } from 'vitest'
import { conditionsOf, listOf } from './useConditions'

describe('a class’s conditions', () => {
  it('are a list in the field and keys in the document', () => {
    expect(listOf({ no_kit: true, position: 'seated' })).toEqual(['no_kit', 'seated'])
    expect(conditionsOf(['no_kit', 'seated'], undefined)).toEqual({ no_kit: true, position: 'seated' })
    expect(listOf(undefined)).toEqual([])
  })

  it('are standing or seated, whichever was chosen last, and leave the kit that is there', () => {
    expect(conditionsOf(['standing', 'no_jumps', 'seated'], { kit: { bar: 2 } })).toEqual({
      kit: { bar: 2 },
      no_jumps: true,
      position: 'seated',
    })
    expect(conditionsOf([], { no_jumps: true })).toBeUndefined()
  })
})
