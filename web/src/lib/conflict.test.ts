import { describe, expect, it } from 'vitest'
import { conflictRows, merged, plainWords } from './conflict'

const labels = { name: 'Name', tags: 'Tags', ladder: 'Version', breathing: 'Breathing' }
const variation = (id: string, more = {}) => ({ id, name: id, breathing: 'out', ...more })

describe('conflictRows', () => {
  it('lists the fields that differ, and takes theirs where nothing was touched', () => {
    const rows = conflictRows(
      { name: 'A', tags: ['x'] },
      { name: 'B', tags: ['x'] },
      { name: 'C', tags: ['y'] },
      labels,
    )
    expect(rows.map((row) => [row.label, row.mine, row.theirs, row.pick])).toEqual([
      ['Name', 'B', 'C', 'mine'],
      ['Tags', 'x', 'y', 'theirs'],
    ])
  })

  it('leaves no field out that has no label', () => {
    const rows = conflictRows({}, { name: 'A', birth_year: 1980 }, { name: 'A', birth_year: 1981 }, labels)
    expect(rows.map((row) => row.label)).toEqual(['birth year'])
  })

  it('calls two values the same whatever the order of their keys', () => {
    expect(conflictRows({}, { kit: { mat: 1, bar: 2 } }, { kit: { bar: 2, mat: 1 } }, labels)).toEqual([])
    expect(conflictRows({}, { note: undefined }, { note: null }, labels)).toEqual([])
  })

  it('compares a list of parts with ids part by part and field by field', () => {
    const opened = { ladder: [variation('one'), variation('two')] }
    const mine = { ladder: [variation('one', { breathing: 'in' }), variation('two')] }
    const theirs = { ladder: [variation('one'), variation('two', { name: 'Two' }), variation('three')] }
    expect(conflictRows(opened, mine, theirs, labels).map((row) => [row.key, row.label, row.pick])).toEqual([
      ['ladder/one/breathing', 'one: breathing', 'mine'],
      ['ladder/two/name', 'two: name', 'theirs'],
      ['ladder/three', 'Version: three', 'theirs'],
    ])
  })
})

describe('merged', () => {
  it('takes each field from the version that was picked for it', () => {
    const mine = { name: 'B', ladder: [variation('one', { breathing: 'in' }), variation('two'), variation('gone')] }
    const theirs = { name: 'C', ladder: [variation('one'), variation('new'), variation('two', { name: 'Two' })] }
    const picks = {
      name: 'theirs',
      'ladder/one/breathing': 'mine',
      'ladder/two/name': 'theirs',
      'ladder/new': 'theirs',
      'ladder/gone': 'theirs',
    } as const
    expect(merged(mine, theirs, picks)).toEqual({
      name: 'C',
      ladder: [variation('one', { breathing: 'in' }), variation('new'), variation('two', { name: 'Two' })],
    })
  })

  it('keeps a part of mine that they took away, where that was picked', () => {
    const mine = { ladder: [variation('one'), variation('two')] }
    const theirs = { ladder: [variation('one')] }
    expect(merged(mine, theirs, { 'ladder/two': 'mine' })).toEqual(mine)
  })
})

describe('plainWords', () => {
  it('writes any value as short words', () => {
    expect(plainWords({ lower_back: ['knee', 'hip'], empty: '', yes: true })).toBe('lower back: knee; hip, yes: yes')
    expect(plainWords([])).toBe('nothing')
    expect(plainWords(0)).toBe('0')
  })
})
