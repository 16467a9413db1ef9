import { heardTime, serverAhead } from '@/lib/running/serverTime'
import { timeNow } from '@/lib/timeSource'
import { api, ask } from './client'
import type { Run } from './types'

/** A run, its events in the time that it is here: the server keeps its own time, and a tablet may be of another year. */
export async function fetchRun(id: string): Promise<Run> {
  const asked = timeNow()
  const run = await ask(api.GET('/api/runs/{id}', { params: { path: { id } } }))
  heardTime(run.now_ms, asked, timeNow())
  const ahead = serverAhead()
  return { ...run, events: run.events.map((event) => ({ ...event, at_ms: event.at_ms - ahead })) }
}
