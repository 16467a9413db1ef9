import { localised } from '@/lib/running/fold'
import { timeNow } from '@/lib/timeSource'
import { api, ask } from './client'
import type { Run } from './types'

/** A run, its events in the time that it is here: the server keeps its own time, and a tablet may be of another year. */
export async function fetchRun(id: string): Promise<Run> {
  const run = await ask(api.GET('/api/runs/{id}', { params: { path: { id } } }))
  return { ...run, events: localised(run.events, run.now_ms, timeNow()) }
}
