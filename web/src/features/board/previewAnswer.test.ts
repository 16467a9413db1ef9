import { describe, expect, it } from 'vitest'
import type { Preview } from '@/lib/api/types'
import { tagsOf, whole } from './previewAnswer'

const lane = (work_s: number, segments?: string[]) => ({ work_s, ...(segments ? { segments } : {}) })
const block = (id: string, work_s: number, tag = `${id}.1`) => {
  const lanes = {
    beginner: lane(work_s, [`${id} b`]),
    intermediate: lane(work_s, [`${id} i`]),
    advanced: lane(work_s, [`${id} a`]),
  }
  return { id, tag, lanes }
}
const figures = (id: string, work_s: number) => {
  const lanes = { beginner: lane(work_s), intermediate: lane(work_s), advanced: lane(work_s) }
  return { id, tag: `${id}.2`, lanes }
}
const answer = (parts: object) => ({ total_s: 60, blocks: [], ...parts }) as unknown as Preview
const before = answer({ blocks: [block('a', 10), block('b', 20)] })

describe('a preview of what has changed', () => {
  it('says which blocks are here, and in which state', () => {
    expect(tagsOf(before)).toEqual({ a: 'a.1', b: 'b.1' })
    expect(tagsOf(null)).toEqual({})
  })

  it('is taken as it is where everything was sent', () => {
    expect(whole(before, null, ['a', 'b'])).toEqual(before)
  })

  it('takes what is the same from before, in the document’s order', () => {
    const made = whole(answer({ total_s: 70, blocks: [block('b', 30)], as_seen: ['a'] }), before, ['b', 'a'])
    expect(made?.total_s).toBe(70)
    expect(made?.blocks).toEqual([block('b', 30), block('a', 10)])
  })

  it('keeps the segments where the figures alone are new', () => {
    const made = whole(answer({ figures: [figures('a', 15)], as_seen: ['b'] }), before, ['a', 'b'])
    expect(made?.blocks[0]).toEqual(block('a', 15, 'a.2'))
    expect(made?.blocks[1]).toBe(before.blocks[1])
  })

  it('says so where something was left out that is not here', () => {
    expect(whole(answer({ as_seen: ['a'] }), null, ['a'])).toBeNull()
    expect(whole(answer({ figures: [figures('a', 15)] }), answer({}), ['a'])).toBeNull()
  })
})
