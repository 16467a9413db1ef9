import { heardTime, serverAhead } from '@/lib/running/serverTime'
import { timeNow } from '@/lib/timeSource'
import { api, ask } from './client'
import type { Run, RunEvent } from './types'

/** Events in the time that it is here: the server keeps its own, and a tablet may be of another year. */
function here(events: RunEvent[]): RunEvent[] {
  const ahead = serverAhead()
  return events.map((event) => ({ ...event, at_ms: event.at_ms - ahead }))
}

/** A run, its events in the time that it is here. */
export async function fetchRun(id: string): Promise<Run> {
  const asked = timeNow()
  const run = await ask(api.GET('/api/runs/{id}', { params: { path: { id } } }))
  heardTime(run.now_ms, asked, timeNow())
  return { ...run, events: here(run.events) }
}

export async function fetchRunEvents(id: string): Promise<RunEvent[]> {
  return here((await ask(api.GET('/api/runs/{id}/events', { params: { path: { id } } }))).events)
}

/** Hands an event over, without the queue: who sends it waits for the answer. */
export async function sendRunEvent(id: string, event: RunEvent): Promise<RunEvent[]> {
  const body = { ...event, server_ahead_ms: serverAhead() }
  return here((await ask(api.POST('/api/runs/{id}/events', { params: { path: { id } }, body }))).events)
}
