import { describe, expect, it } from 'vitest'
import type { BlockPreview } from '@/lib/api/types'
import { groupsAt } from './groups'

// Two groups at two stations, 40 s each with 20 s between, from second 10 on.
const stop = (start_s: number, station: string) => ({ start_s, seconds: 40, round: 1, station })
const block = {
  groups: [
    { label: 'Group 1', stops: [stop(10, 'a'), stop(70, 'b')] },
    { label: 'Group 2', stops: [stop(10, 'b'), stop(70, 'a')] },
  ],
} as unknown as BlockPreview
const at = (second: number, isWorking: boolean) =>
  groupsAt(block, second, isWorking).map(({ station, following, rests }) => [station, following, rests])

describe('groups that rotate', () => {
  it('are at a station each while they work, and go on to the next', () => {
    expect(at(30, true)).toEqual([
      ['a', 'b', false],
      ['b', 'a', false],
    ])
  })

  it('are shown where they go to, before the first work and in a rest', () => {
    expect(at(2, false).map(([station]) => station)).toEqual(['a', 'b'])
    expect(at(55, false)).toEqual([
      ['b', undefined, false],
      ['a', undefined, false],
    ])
  })

  it('stay where they were once all is done', () => {
    expect(at(200, false).map(([station]) => station)).toEqual(['b', 'a'])
  })

  it('are none where everybody is at one station', () => {
    expect(groupsAt({} as BlockPreview, 5, true)).toEqual([])
  })
})
