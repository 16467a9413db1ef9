import 'fake-indexeddb/auto'
import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { h, ref } from 'vue'
import type { Run, RunEvent } from '@/lib/api/types'
import { useRunEvents, type RunFeed } from './useRunEvents'

const server = vi.hoisted(() => ({ fetchRunEvents: vi.fn(), sendRunEvent: vi.fn(), changed: () => {} }))
vi.mock('@/lib/api/runs', () => server)
vi.mock('@/lib/changes', () => ({ useChangesOf: (_: string, __: string, ask: () => void) => (server.changed = ask) }))
vi.mock('./delivery', () => ({
  runEvents: { items: { value: [] }, put: () => Promise.resolve(), on: () => () => {} },
}))

const started: RunEvent = { id: 'a', kind: 'started', at_ms: 1000 }
const fromElsewhere: RunEvent = { id: 'b', kind: 'extended', at_ms: 2000, at_s: 1, add_s: 10 }
const kinds = (feed: RunFeed) => feed.events.value.map((event) => event.kind).sort()

function feedOf(run: Partial<Run>) {
  let feed!: RunFeed
  mount({
    setup() {
      feed = useRunEvents(
        ref({ title: 'Lock-gate Tuesday', changed_from_s: {}, events: [started], ...run } as Run),
        () => {},
      )
      return () => h('p')
    },
  })
  return feed
}

/** An answer that comes when it is told to. */
function slow(answer: RunEvent[]) {
  let come!: () => void
  const asked = new Promise<RunEvent[]>((resolve) => (come = () => resolve(answer)))
  return { asked, come }
}

describe('the events of a run', () => {
  beforeEach(() => vi.clearAllMocks())

  it('keep what happens here while the server is asked what happened elsewhere', async () => {
    const feed = feedOf({ id: 'one' })
    const { asked, come } = slow([started, fromElsewhere])
    server.fetchRunEvents.mockReturnValue(asked)
    server.changed()
    feed.happen('paused')
    come()
    await vi.waitFor(() => expect(kinds(feed)).toEqual(['extended', 'paused', 'started']))
  })

  it('keep what happens here while a change of the plan is computed', async () => {
    const feed = feedOf({ id: 'two' })
    const { asked, come } = slow([started, { id: 'c', kind: 'changed', at_ms: 3000 }])
    server.sendRunEvent.mockReturnValue(asked)
    const changing = feed.change([], 10)
    feed.happen('paused')
    come()
    await changing
    expect(kinds(feed)).toEqual(['changed', 'paused', 'started'])
  })
})
