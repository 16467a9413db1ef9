import { useEventListener, useTimeoutPoll } from '@vueuse/core'
import { shallowRef } from 'vue'
import { api, ask, Refusal } from '@/api/client'
import type { LogEntry, LogSheet } from '@/api/types'

// Logs that have been handed in and have not reached the server. They stay in
// this browser until it has them; each carries its own id, so that what is sent
// twice is written once.

const KEY = 'sparrow.outbox'
const RETRY_MS = 3000

export interface Waiting {
  runId: string
  title: string
  body: LogEntry
}

export type Outcome = { kind: 'sent'; sheet: LogSheet } | { kind: 'refused'; refusal: Refusal } | { kind: 'waiting' }

const waiting = shallowRef<Waiting[]>(read())
const listeners = new Set<(item: Waiting, outcome: Outcome) => void>()
let sending = false

function read(): Waiting[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Waiting[]
  } catch {
    return []
  }
}

function keep(items: Waiting[]) {
  waiting.value = items
  localStorage.setItem(KEY, JSON.stringify(items))
}

async function send(item: Waiting): Promise<Outcome> {
  try {
    const sheet = await ask(api.PUT('/api/runs/{id}/log', { params: { path: { id: item.runId } }, body: item.body }))
    return { kind: 'sent', sheet }
  } catch (error) {
    // Signed out or broken down: it waits. Anything else is an answer.
    if (error instanceof Refusal && error.status < 500 && ![401, 429].includes(error.status))
      return { kind: 'refused', refusal: error }
    return { kind: 'waiting' }
  }
}

/** Sends what waits, in order. */
async function flush() {
  if (sending) return
  sending = true
  try {
    for (const item of read()) {
      const outcome = await send(item)
      if (outcome.kind !== 'waiting')
        keep(read().filter((other) => other.body.submission_id !== item.body.submission_id))
      listeners.forEach((listener) => listener(item, outcome))
    }
  } finally {
    sending = false
  }
}

export const outbox = {
  waiting,
  /** Keeps a log first, then tries to send it. A newer log of the same run takes the place of one that waits. */
  async put(item: Waiting) {
    keep([...read().filter((other) => other.runId !== item.runId), item])
    await flush()
  },
  on(listener: (item: Waiting, outcome: Outcome) => void) {
    listeners.add(listener)
    return () => listeners.delete(listener)
  },
}

/** Tries again from time to time, and as soon as the network is back. To be used once, by the whole app. */
export function useOutboxSending() {
  useTimeoutPoll(
    async () => {
      if (waiting.value.length) await flush()
    },
    RETRY_MS,
    { immediateCallback: true },
  )
  useEventListener(window, 'online', () => void flush())
}
