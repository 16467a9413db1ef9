import { useEventListener, useTimeoutPoll } from '@vueuse/core'
import { shallowRef } from 'vue'
import { api, ask, Refusal } from '@/api/client'
import type { LogEntry, LogSheet, Problem } from '@/api/types'
import { device } from '@/state/device'

// Logs that have been handed in and have not reached the server. They stay in
// this browser, under whoever typed them, until the server has them; each carries
// its own id, so that what is sent twice is written once. A log that was refused
// stays too: only who typed it decides what becomes of it.

const KEY = 'outbox'
const RETRY_MS = 3000

export interface Waiting {
  runId: string
  title: string
  body: LogEntry
  /** What the server said of it; it is not sent again until somebody has looked. */
  refused?: { status: number; problem: Problem }
}

export type Outcome = { kind: 'sent'; sheet: LogSheet } | { kind: 'refused'; refusal: Refusal } | { kind: 'waiting' }

const waiting = shallowRef<Waiting[]>(read())
const listeners = new Set<(item: Waiting, outcome: Outcome) => void>()
let sending: Promise<void> | null = null
device.onChange(() => (waiting.value = read()))

function read(): Waiting[] {
  return device.read<Waiting[]>(KEY) ?? []
}

function keep(items: Waiting[]) {
  waiting.value = items
  if (items.length) device.write(KEY, items)
  else device.drop(KEY)
}

async function send(item: Waiting): Promise<Outcome> {
  try {
    const sheet = await ask(api.PUT('/api/runs/{id}/log', { params: { path: { id: item.runId } }, body: item.body }))
    return { kind: 'sent', sheet }
  } catch (error) {
    // Signed out, slowed down or broken down: it waits. Anything else is for somebody to look at.
    if (error instanceof Refusal && error.status < 500 && ![401, 408, 429].includes(error.status))
      return { kind: 'refused', refusal: error }
    return { kind: 'waiting' }
  }
}

/** Sends what waits, in order; whoever asks meanwhile waits for the same. */
function flush(): Promise<void> {
  sending ??= sendAll().finally(() => (sending = null))
  return sending
}

async function sendAll() {
  const whose = device.who.value
  for (const item of read().filter((one) => !one.refused)) {
    const outcome = await send(item)
    if (device.who.value !== whose) return
    const same = (other: Waiting) => other.body.submission_id === item.body.submission_id
    if (outcome.kind === 'sent') keep(read().filter((other) => !same(other)))
    if (outcome.kind === 'refused') {
      const { status, problem } = outcome.refusal
      keep(read().map((other) => (same(other) ? { ...other, refused: { status, problem } } : other)))
    }
    listeners.forEach((listener) => listener(item, outcome))
  }
}

export const outbox = {
  waiting,
  /** Keeps a log first, then tries to send it. A newer log of the same run takes the place of one that waits. */
  async put(item: Waiting) {
    keep([...read().filter((other) => other.runId !== item.runId), item])
    await flush()
    // What was put in while another round was on its way.
    await flush()
  },
  /** Gives a log up: it was refused, and somebody has decided. */
  drop(runId: string) {
    keep(read().filter((other) => other.runId !== runId))
  },
  on(listener: (item: Waiting, outcome: Outcome) => void) {
    listeners.add(listener)
    return () => listeners.delete(listener)
  },
  flush,
}

/** Tries again from time to time, and as soon as the network is back. To be used once, by the whole app. */
export function useOutboxSending() {
  useTimeoutPoll(
    async () => {
      if (waiting.value.some((item) => !item.refused)) await flush()
    },
    RETRY_MS,
    { immediateCallback: true },
  )
  useEventListener(window, 'online', () => void flush())
}
