import { plural, t } from '@/lib/text'
import { api, ask } from '@/lib/api/client'
import type { RunEvent } from '@/lib/api/types'

import { declareDelivery } from '@/lib/delivery/delivery'

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
