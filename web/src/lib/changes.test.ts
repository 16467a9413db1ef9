import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { h } from 'vue'
import { TAB, Unreachable } from '@/lib/api/client'
import { EVERYTHING, listenToChanges, useChanges, useChangesOf, type Change } from './changes'
import { shownOf } from './staleQueries'

class Source {
  static open: Source[] = []
  onmessage: ((event: { data: string }) => void) | null = null
  constructor(readonly url: string) {
    Source.open.push(this)
  }
  close() {
    Source.open = Source.open.filter((other) => other !== this)
  }
}
const say = (told: object) => Source.open[0]!.onmessage!({ data: JSON.stringify(told) })
const look = (state: string) => {
  Object.defineProperty(document, 'visibilityState', { value: state, configurable: true })
  document.dispatchEvent(new Event('visibilitychange'))
}

/** A component that does this and shows nothing. */
const within = (work: () => void) => mount({ setup: () => (work(), () => h('p')) })

let heard: Change[]
let unmount: () => void
beforeEach(() => {
  vi.stubGlobal('EventSource', Source)
  heard = []
  const mounted = within(() => useChanges((change) => heard.push(change)))
  unmount = () => mounted.unmount()
  listenToChanges(true)
})
afterEach(() => {
  unmount()
  listenToChanges(false)
  look('visible')
  vi.unstubAllGlobals()
})

describe('changes that others make', () => {
  it('are heard as long as somebody is signed in, on one stream', () => {
    listenToChanges(true)
    expect(Source.open.map((source) => source.url)).toEqual(['/api/events'])
    say({ id: 1, kind: 'people', record: 'p1', origin: 'another' })
    expect(heard).toEqual([{ kind: 'people', record: 'p1' }])
    listenToChanges(false)
    expect(Source.open).toEqual([])
  })

  it('are not those that this tab made itself', () => {
    say({ id: 1, kind: 'people', origin: TAB })
    expect(heard).toEqual([])
  })

  it('may be anything where the server does not know what was missed', () => {
    say({ reset: true })
    expect(heard).toEqual([EVERYTHING])
  })

  it('are let be while nobody looks at the tab, and asked for when somebody does again', () => {
    look('hidden')
    expect([Source.open, heard]).toEqual([[], []])
    look('visible')
    expect([Source.open.length, heard]).toEqual([1, [EVERYTHING]])
  })

  it('are asked for once the network is back', () => {
    window.dispatchEvent(new Event('online'))
    expect(heard).toEqual([EVERYTHING])
  })

  it('are heard no longer once the component is gone', () => {
    unmount()
    say({ id: 1, kind: 'people' })
    expect(heard).toEqual([])
  })

  it('can be followed for one thing alone', () => {
    const work = vi.fn(() => Promise.reject(new Unreachable()))
    const page = within(() => useChangesOf('runs', 'r1', work))
    say({ id: 1, kind: 'runs', record: 'r2' })
    say({ id: 2, kind: 'classes', record: 'r1' })
    expect(work).not.toHaveBeenCalled()
    say({ id: 3, kind: 'runs', record: 'r1' })
    say({ reset: true })
    expect(work).toHaveBeenCalledTimes(2)
    page.unmount()
  })
})

describe('what shows a change', () => {
  const keys = (change: Change) => shownOf(change).map(({ key }) => key.filter(Boolean).join('/'))

  it('is asked for again, and nothing that somebody types on', () => {
    expect(keys({ kind: 'classes', record: 'c1' })).toEqual(['classes', 'fit/c1', 'emergency/c1', 'today'])
    const all = keys(EVERYTHING)
    for (const typedOn of ['workout', 'log', 'benchmarks']) expect(all).not.toContain(typedOn)
    expect(shownOf({ kind: 'movements' })[0]).toEqual({ key: ['movements'], exact: true })
  })

  it('is Today alone for a kind that no page lists', () => expect(keys({ kind: 'unheard' })).toEqual(['today']))
})
