import { describe, expect, it } from 'vitest'
import { beatsBetween, phasesOf } from './tempo'

describe('a tempo', () => {
  it('has the phases that take time', () => {
    expect(phasesOf('3-0-1-0')).toEqual([
      { kind: 'down', seconds: 3 },
      { kind: 'up', seconds: 1 },
    ])
    expect(phasesOf('2-1-1-0.5').map((phase) => phase.seconds)).toEqual([2, 1, 1, 0.5])
  })

  it('ticks where a phase begins, after one second and up to another', () => {
    expect(beatsBetween('3-0-1-0', 0, 8)).toEqual([
      { kind: 'up', atS: 3 },
      { kind: 'down', atS: 4 },
      { kind: 'up', atS: 7 },
      { kind: 'down', atS: 8 },
    ])
    expect(beatsBetween('3-0-1-0', 3, 3.9)).toEqual([])
    expect(beatsBetween('0-0-0-0', 0, 9)).toEqual([])
  })
})
