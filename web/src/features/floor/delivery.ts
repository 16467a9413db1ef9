import { plural, t } from '@/lib/text'
import { api, ask } from '@/lib/api/client'
import type { RunEvent, Tick, TickEntry } from '@/lib/api/types'

import { declareDelivery } from '@/lib/delivery/delivery'

/** A tap of a run, or one that is taken back. */
export type Tap = { runId: string; entry: TickEntry } | { runId: string; undone: string }

/** Taps that the server has not confirmed, in the order in which they were made. One that it refuses is not asked again. */
export const taps = declareDelivery<Tap, { ticks: Tick[] }>({
  kind: 'tap',
  send: (tap) =>
    'entry' in tap
      ? ask(api.POST('/api/runs/{id}/ticks', { params: { path: { id: tap.runId } }, body: tap.entry }))
      : ask(api.DELETE('/api/runs/{id}/ticks/{key}', { params: { path: { id: tap.runId, key: tap.undone } } })),
  line: (key) => key.split('/')[0]!,
  givesUp: true,
  inWords: (items) => t('floor.plural_from_a_class', { plural: plural(items.length, 'count') }),
  place: (item) => ({ name: 'floor', params: { id: item.body.runId } }),
})

/** What happened while a class ran, in the order in which it did: each once, none in the place of another. */
export const runEvents = declareDelivery<{ runId: string; event: RunEvent; aheadMs: number }, unknown>({
  kind: 'run event',
  send: ({ runId, event, aheadMs }) =>
    ask(
      api.POST('/api/runs/{id}/events', {
        params: { path: { id: runId } },
        body: { ...event, server_ahead_ms: aheadMs },
      }),
    ),
  line: (key) => key.split('/')[0]!,
  givesUp: true,
  inWords: (items) =>
    t('floor.the_clock_of_plural', {
      plural: plural(new Set(items.map((item) => item.body.runId)).size, 'class'),
    }),
  place: (item) => ({ name: 'floor', params: { id: item.body.runId } }),
})
