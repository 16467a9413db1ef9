import { useEventListener, useTimeoutPoll } from '@vueuse/core'
import { computed, readonly, ref, shallowRef, type ComputedRef } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import { Refusal } from '@/lib/api/client'
import type { Problem } from '@/lib/api/types'
import { kept } from './kept'

// Everything that is kept here first and sent to the server when it can be goes
// through this one queue: in the order in which it was put in, once, and kept
// through every answer that is not a final one. What was refused stays too, until
// somebody has looked at it.

const RETRY_MS = 2500

export interface Item<Body> {
  /** Of this very body: one that took its place has another. */
  id: string
  kind: string
  key: string
  title: string
  body: Body
  order: number
  /** What the server said of it; it is not sent again until somebody has decided. */
  refused?: { status: number; problem: Problem }
}

export type Outcome<Data> =
  { kind: 'sent'; data: Data } | { kind: 'refused'; refusal: Refusal } | { kind: 'waiting'; error: unknown }

interface Declaration<Body, Data> {
  kind: string
  /** Hands one over to the server. */
  send: (body: Body, key: string) => Promise<Data>
  /** What was put in while an older one was on its way, over what the server made of that one. */
  rebase?: (newer: Body, answer: Data, sent: Body) => Body
  /** Items of one line go in their order: one that waits holds back those after it. */
  line?: (key: string) => string
  /** Whether what is refused is given up, as a tap that the server has no use for. */
  givesUp?: boolean
  /** Several of them, for somebody who is asked about what has not been sent. */
  inWords: (items: Item<Body>[]) => string
  /** Where one of them can be looked at. */
  place: (item: Item<Body>) => RouteLocationRaw
}

type Listener<Body, Data> = (item: Item<Body>, outcome: Outcome<Data>) => void

interface Kind {
  declared: Declaration<unknown, unknown>
  listeners: Set<Listener<unknown, unknown>>
}

const kinds = new Map<string, Kind>()
const items = shallowRef<Item<unknown>[]>([])
/** Whether the server was last asked in vain. */
const away = ref(false)
let sending: Promise<void> | null = null
let again = false

const placeOf = (item: { kind: string; key: string }) => `send.${item.kind}/${item.key}`
const find = (kind: string, key: string) => items.value.find((item) => item.kind === kind && item.key === key)

/** Whether an answer is the server's last word. */
export function isFinal(error: unknown): error is Refusal {
  return error instanceof Refusal && error.status < 500 && ![401, 408, 425, 429].includes(error.status)
}

function readAll() {
  items.value = kept
    .keys('send.')
    .flatMap((place) => kept.read<Item<unknown>>(`send.${place}`) ?? [])
    .sort((one, other) => one.order - other.order)
}

readAll()
kept.onChange(readAll)

function hold(item: Item<unknown>) {
  const others = items.value.filter((other) => other.kind !== item.kind || other.key !== item.key)
  items.value = [...others, item].sort((one, other) => one.order - other.order)
  kept.write(placeOf(item), item)
}

function release(kind: string, key: string) {
  items.value = items.value.filter((item) => item.kind !== kind || item.key !== key)
  kept.drop(placeOf({ kind, key }))
}

/** Sends what waits; whoever asks meanwhile waits for the same. */
function flush(): Promise<void> {
  again = true
  return (sending ??= sendWhileAsked())
}

async function sendWhileAsked() {
  try {
    await kept.ready()
    while (again) {
      again = false
      await alone(sendAll)
    }
  } finally {
    sending = null
  }
}

/** One tab at a time, where the browser can say so; what is sent by two is written once all the same. */
async function alone(work: () => Promise<void>) {
  if (navigator.locks) await navigator.locks.request('sparrow.delivery', work)
  else await work()
}

async function sendAll() {
  const whose = kept.who.value
  const tried = new Set<string>()
  const heldBack = new Set<string>()
  const lineOf = (item: Item<unknown>) => {
    const line = kinds.get(item.kind)?.declared.line
    return line && `${item.kind}/${line(item.key)}`
  }
  const next = () =>
    items.value.find((item) => {
      const line = lineOf(item)
      return kinds.has(item.kind) && !item.refused && !tried.has(item.id) && !(line && heldBack.has(line))
    })
  for (let item = next(); item; item = next()) {
    tried.add(item.id)
    const outcome = await deliver(item)
    // Somebody else is here by now: what is left is not theirs to send.
    if (kept.who.value !== whose) return
    away.value = outcome.kind === 'waiting'
    if (outcome.kind === 'waiting') {
      const line = lineOf(item)
      if (line) heldBack.add(line)
    }
    settle(item, outcome)
    kinds.get(item.kind)?.listeners.forEach((listener) => listener(item, outcome))
  }
}

async function deliver(item: Item<unknown>): Promise<Outcome<unknown>> {
  try {
    return { kind: 'sent', data: await kinds.get(item.kind)!.declared.send(item.body, item.key) }
  } catch (error) {
    return isFinal(error) ? { kind: 'refused', refusal: error } : { kind: 'waiting', error }
  }
}

function settle(item: Item<unknown>, outcome: Outcome<unknown>) {
  const { rebase, givesUp } = kinds.get(item.kind)!.declared
  const now = find(item.kind, item.key)
  if (!now) return
  if (now.id !== item.id) {
    if (outcome.kind === 'sent' && rebase) hold({ ...now, body: rebase(now.body, outcome.data, item.body) })
  } else if (outcome.kind === 'sent' || (outcome.kind === 'refused' && givesUp)) release(item.kind, item.key)
  else if (outcome.kind === 'refused')
    hold({ ...now, refused: { status: outcome.refusal.status, problem: outcome.refusal.problem } })
}

/** A kind of thing to be sent. What is put in under a key takes the place of what waits there. */
export interface Delivery<Body, Data> {
  items: ComputedRef<Item<Body>[]>
  get: (key: string) => Item<Body> | undefined
  /** Keeps it, then tries to send it; settles when that was tried. */
  put: (key: string, title: string, body: Body) => Promise<void>
  /** Gives it up: somebody has decided. */
  drop: (key: string) => void
  on: (listener: Listener<Body, Data>) => () => void
}

export function declareDelivery<Body, Data>(declared: Declaration<Body, Data>): Delivery<Body, Data> {
  const { kind } = declared
  const listeners = new Set<Listener<unknown, unknown>>()
  kinds.set(kind, { declared: declared as Declaration<unknown, unknown>, listeners })
  return {
    items: computed(() => items.value.filter((item) => item.kind === kind) as Item<Body>[]),
    get: (key) => find(kind, key) as Item<Body> | undefined,
    put(key, title, body) {
      const order = find(kind, key)?.order ?? (items.value.at(-1)?.order ?? 0) + 1
      hold({ id: crypto.randomUUID(), kind, key, title, body, order })
      return flush()
    },
    drop: (key) => release(kind, key),
    on(listener) {
      listeners.add(listener as Listener<unknown, unknown>)
      return () => listeners.delete(listener as Listener<unknown, unknown>)
    },
  }
}

export const delivery = {
  away: readonly(away),
  flush,
  waiting: computed(() => items.value.filter((item) => !item.refused)),
  refused: computed(() => items.value.filter((item) => item.refused)),
  /** What the server has not got yet, a line a kind. */
  inWords: () =>
    [...kinds.values()]
      .map(({ declared }) => ({ declared, mine: items.value.filter((item) => item.kind === declared.kind) }))
      .filter(({ mine }) => mine.length)
      .map(({ declared, mine }) => declared.inWords(mine)),
  /** Where the first of them can be looked at. */
  place: (item: Item<unknown>) => kinds.get(item.kind)?.declared.place(item),
}

/** Tries again from time to time, and as soon as the network is back. To be used once, by the whole app. */
export function useDelivering() {
  useTimeoutPoll(
    async () => {
      if (delivery.waiting.value.length) await flush()
    },
    RETRY_MS,
    { immediateCallback: true },
  )
  useEventListener(window, 'online', () => void flush())
}
