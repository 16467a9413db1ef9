import { plural } from '@/lib/text'
import { api, ask } from '@/lib/api/client'
import type { LogEntry, LogSheet } from '@/lib/api/types'

import { declareDelivery } from '@/lib/delivery/delivery'

/**
 * Logs that have been handed in, by run. Each carries its own id, so that what is
 * sent twice is written once; a newer log of a run takes the place of one that waits.
 */
export const logs = declareDelivery<LogEntry, LogSheet>({
  kind: 'log',
  send: (body, runId) => ask(api.PUT('/api/runs/{id}/log', { params: { path: { id: runId } }, body })),
  inWords: (items) => `${plural(items.length, 'log')}: ${items.map((item) => item.title).join(', ')}`,
  place: (item) => ({ name: 'log', params: { id: item.key } }),
})
