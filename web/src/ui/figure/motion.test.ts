import { describe, expect, it } from 'vitest'
import { blob, bodyParts, linePoints, pointsOf } from './drawing'
import { heldThings } from './held'
import { instant, keyPoses, motionOf, numbersAt, stepFrom } from './motion'
import { FIGURE_POINTS } from '@/lib/api/vocabulary'

// Two numbers for each point; here only the first moves: 0, 4, 8 down, then back.
const start = FIGURE_POINTS.flatMap(() => [0, 0])
const moved = (by: number) => start.map((_, index) => (index ? 0 : by))
const figure = {
  start,
  steps: [
    { phase: 'lower', seconds: 2, pause: 1, frames: [moved(4), moved(4)] },
    { phase: 'lift', seconds: 1, pause: 0, frames: [moved(-8)] },
  ],
}
const motion = motionOf(figure)
const firstAt = (seconds: number) =>
  numbersAt(motion, instant(motion, seconds).frame, new Float32Array(start.length))[0]

describe('a motion', () => {
  it('adds each frame to the one before, and ends where it began', () => {
    expect(motion.frames.map((frame) => frame[0])).toEqual([0, 4, 8, 0])
    expect(motion.lengthS).toBe(4)
  })

  it('is eased between its poses, and waits where the tempo has a pause', () => {
    expect(firstAt(0)).toBe(0)
    expect(firstAt(1)).toBeCloseTo(4)
    expect(firstAt(0.2)).toBeLessThan(0.4)
    expect([firstAt(2), firstAt(2.9)]).toEqual([8, 8])
    expect(firstAt(3.5)).toBeCloseTo(4)
  })

  it('begins again, and names its phases', () => {
    expect(firstAt(5)).toBeCloseTo(4)
    expect(
      [0.5, 2.5, 3.5].map((seconds) => instant(motion, seconds)).map(({ phase, still }) => [phase, still]),
    ).toEqual([
      ['lower', false],
      ['lower', true],
      ['lift', false],
    ])
  })

  it('goes from pose to pose, either way, round and round', () => {
    expect([0, 1, 2.5, 3.9].map((seconds) => stepFrom(motion, seconds, 1))).toEqual([2, 2, 0, 0])
    expect([0, 1, 2.5].map((seconds) => stepFrom(motion, seconds, -1))).toEqual([2, 0, 2])
  })

  it('of a hold stands still', () => {
    const still = motionOf({ start, steps: [] })
    expect(instant(still, 12)).toEqual({ frame: 0, phase: 'hold', still: true })
    expect(keyPoses(still, 3)).toHaveLength(1)
  })

  it('has each key pose once, and no more than are asked for', () => {
    expect(keyPoses(motion, 3).map((pose) => pose[0])).toEqual([0, 8])
    expect(keyPoses(motion, 1)).toHaveLength(1)
  })
})

describe('what is drawn', () => {
  const picture = {
    order: ['arm_l', 'leg_l', 'trunk', 'head', 'leg_r', 'arm_r'],
    far: ['leg_l'],
    tints: ['thigh', 'chest'],
    trunk: 17,
  }
  const points = pointsOf(
    FIGURE_POINTS.flatMap((_, index) => [index * 4, 8]),
    4,
  )

  it('has points by name, in centimetres', () => {
    expect([points.head, points.nose]).toEqual([
      [0, 2],
      [1, 2],
    ])
  })

  it('goes from the furthest to the nearest, the far side lighter, what works tinted', () => {
    const parts = bodyParts(picture)
    expect(parts).toHaveLength(12 + 2 + 3)
    expect(parts[0]!.key).toBe('hand_l')
    const tone = (key: string) => parts.find((part) => part.key === key)!.tone
    expect([tone('thigh_l'), tone('thigh_r'), tone('shin_l'), tone('shin_r'), tone('chest')]).toEqual([
      'work far',
      'work',
      'far',
      'ink',
      'work',
    ])
    expect(parts.every((part) => /^M[-\d. ]+[AL]/.test(part.path(points)))).toBe(true)
  })

  it('is a closed shape, even where a bone points at who looks', () => {
    expect(blob([0, 0], [0, 0], 3, 2)).toMatch(/Z$/)
    expect(blob([0, 0], [0, 0], 3, 2)).not.toContain('NaN')
  })

  it('holds bottles in the hands, and bands between points and places', () => {
    const held = heldThings(
      [
        { kind: 'bottle', lines: [], held: [['hand_l', 'hand_r']] },
        { kind: 'band', lines: [], held: [['head', [40, 80]]] },
      ],
      4,
    )
    expect(held.map((thing) => thing.path(points))).toEqual([expect.stringMatching(/^M.*Z$/), 'M0 2L10 20'])
  })

  it('has lines of props as an SVG has them', () => {
    expect(linePoints([4, 8, 12, 16], 4)).toBe('1,2 3,4')
  })
})
