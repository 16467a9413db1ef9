import { describe, expect, it } from 'vitest'
import { answers, isSearched, NO_SEARCH, type Sought } from './search'

const circuit: Sought = {
  title: 'Slipway Holds',
  about: 'Holds of many lengths.',
  tags: ['older adults', 'short'],
  formats: ['timed'],
  kit: ['chair', 'mat'],
  total_s: 1500,
  slot_minutes: 30,
}
const by = (search: Partial<typeof NO_SEARCH>) => answers(circuit, { ...NO_SEARCH, ...search })

describe('a search of circuits', () => {
  it('asks nothing where nothing is typed', () => {
    expect([by({}), isSearched(NO_SEARCH), isSearched({ ...NO_SEARCH, kit: [] })]).toEqual([true, false, true])
  })

  it('finds every word in title, description and tags, in any order', () => {
    expect([by({ words: 'adults HOLDS' }), by({ words: 'holds ladder' })]).toEqual([true, false])
  })

  it('keeps to the minutes that are there, the slot’s where that is longer', () => {
    expect([by({ minutes: 30 }), by({ minutes: 29 })]).toEqual([true, false])
    expect(answers({ ...circuit, slot_minutes: null }, { ...NO_SEARCH, minutes: 25 })).toBe(true)
  })

  it('keeps to the kit that is there', () => {
    expect([by({ kit: ['chair', 'mat', 'step'] }), by({ kit: ['mat'] }), by({ kit: [] })]).toEqual([true, false, false])
  })

  it('keeps to a format and to a tag', () => {
    expect([by({ format: 'timed' }), by({ format: 'paced' }), by({ tag: 'short' }), by({ tag: 'long' })]).toEqual([
      true,
      false,
      true,
      false,
    ])
  })
})
