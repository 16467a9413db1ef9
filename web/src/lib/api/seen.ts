import { createStore, del, delMany, get, keys, set } from 'idb-keyval'
import type { Middleware } from 'openapi-fetch'
import { shallowRef } from 'vue'
import { kept } from '@/lib/delivery/kept'

// What the server last said of circuits, classes and runs, kept for who is signed in
// on this device: where the server cannot be reached, that is shown instead, with its
// time. Nothing of people's own pages, and nothing older than a week. A fit says what
// somebody must spare all the same: it is gone when they sign out, or the session ends.

const KEPT =
  /^\/api\/(movements|formats|templates|house|today|places|(workouts|classes|runs)(\/[\w-]+(\/(fit|log))?)?)(\?|$)/
const FROM_HERE = 'x-seen-before'
const LASTS_MS = 7 * 24 * 60 * 60 * 1000

interface Answer {
  at: number
  text: string
}

const store = typeof indexedDB === 'undefined' ? null : createStore('willing-sparrow-seen', 'answers')
/** Counts up when answers change their shape: what was kept in another one is not read. */
const SHAPE = 2
const keyOf = (path: string) => `${kept.who.value}.${SHAPE}${path}`

/** When what is shown was answered, where the server does not answer now. */
export const seenAt = shallowRef<Date | null>(null)

async function read(path: string): Promise<Answer | null> {
  const answer = store && kept.who.value ? await get<Answer>(keyOf(path), store).catch(() => undefined) : undefined
  if (!answer) return null
  if (Date.now() - answer.at < LASTS_MS) return answer
  await del(keyOf(path), store!)
  return null
}

function write(path: string, text: string) {
  if (store && kept.who.value) void set(keyOf(path), { at: Date.now(), text }, store).catch(() => undefined)
}

const pathOf = (request: Request) => {
  const url = new URL(request.url)
  return url.pathname + url.search
}
const isKept = (request: Request) => request.method === 'GET' && KEPT.test(pathOf(request))

export const seenMiddleware: Middleware = {
  onResponse({ request, response }) {
    // What was answered from here passes through too.
    if (response.headers.has(FROM_HERE)) return
    seenAt.value = null
    if (response.ok && isKept(request))
      void response
        .clone()
        .text()
        .then((text) => write(pathOf(request), text))
  },
  async onError({ request, error }) {
    if ((error instanceof DOMException && error.name === 'AbortError') || !isKept(request)) return
    const answer = await read(pathOf(request))
    if (!answer) return
    seenAt.value = new Date(answer.at)
    return new Response(answer.text, { headers: { 'content-type': 'application/json', [FROM_HERE]: '' } })
  },
}

export const seen = {
  async read<T>(path: string): Promise<T | null> {
    const answer = await read(path)
    return answer && (JSON.parse(answer.text) as T)
  },
  write: (path: string, value: unknown) => write(path, JSON.stringify(value)),
  /** Nothing that this person was answered stays here. */
  async forget() {
    seenAt.value = null
    const mine = `${kept.who.value}.`
    if (!store) return
    const all = await keys<string>(store).catch(() => [])
    await delMany(
      all.filter((key) => key.startsWith(mine)),
      store,
    ).catch(() => undefined)
  },
}
