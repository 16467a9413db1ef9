import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { h, nextTick, ref, shallowRef } from 'vue'
import type { WorkoutDocument } from '@/lib/api/types'
import { useFixes } from './useFixes'

const server = vi.hoisted(() => ({ post: vi.fn() }))
vi.mock('@/lib/api/client', () => ({
  api: { POST: server.post },
  ask: (answer: unknown) => answer,
  Refusal: class extends Error {},
  Unreachable: class extends Error {},
}))

const plan = (title: string) => ({ title }) as WorkoutDocument
const answer = (label: string) => ({ fixes: [{ finding: 'warm_up_missing', label, patch: [] }] })

function fixesOf(document: ReturnType<typeof shallowRef<WorkoutDocument>>, of: ReturnType<typeof ref>) {
  let made!: ReturnType<typeof useFixes>
  mount({
    setup() {
      made = useFixes(document as never, of as never)
      return () => h('p')
    },
  })
  return made
}

describe('what mends the findings', () => {
  afterEach(() => void vi.useRealTimers())
  beforeEach(() => {
    vi.useFakeTimers()
    server.post.mockReset()
  })

  it('is asked for once nobody has typed for a while, and belongs to the plan on which it was tried', async () => {
    const first = plan('one')
    const document = shallowRef(first)
    const of = shallowRef<WorkoutDocument | null>(null)
    server.post.mockResolvedValue(answer('Add a warm-up'))
    const { fixes, triedOn } = fixesOf(document, of)
    of.value = first
    await nextTick()
    expect(server.post).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(600)
    expect(server.post).toHaveBeenCalledTimes(1)
    expect([fixes.value.get('warm_up_missing')?.label, triedOn.value]).toEqual(['Add a warm-up', first])
    document.value = plan('two')
    expect(triedOn.value).not.toBe(document.value)
  })

  it('is not taken where somebody typed on while it was tried', async () => {
    const document = shallowRef(plan('one'))
    const of = shallowRef<WorkoutDocument | null>(null)
    let come!: (value: unknown) => void
    server.post.mockReturnValue(new Promise((resolve) => (come = resolve)))
    const { fixes } = fixesOf(document, of)
    of.value = document.value
    await vi.advanceTimersByTimeAsync(600)
    document.value = plan('two')
    come(answer('Add a warm-up'))
    await vi.advanceTimersByTimeAsync(10)
    expect(fixes.value.size).toBe(0)
  })
})
