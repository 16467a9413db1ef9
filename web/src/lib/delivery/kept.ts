import { createStore, del, delMany, entries, set } from 'idb-keyval'
import { shallowRef } from 'vue'

// What lies in this browser until the server has it. Everything is kept under the
// person who typed it: whoever signs in next neither sees nor sends it, and
// signing out leaves nothing of it behind. It is read from memory, and written to
// the browser's database and to the other tabs of the same person. A database takes
// its time: what it has not confirmed stands in the storage that writes at once, so
// that a page that ends in the middle of a word loses none of it.

const WHO = 'sparrow.who'
const UNCONFIRMED = 'sparrow.unconfirmed.'
/** In the place of a text: it is to be deleted. */
const GONE = ''

/** Whose device this is now; remembered, so that a reload without a network finds what is kept. */
const who = shallowRef(localStorage.getItem(WHO) ?? '')
const store = typeof indexedDB === 'undefined' ? null : createStore('willing-sparrow', 'kept')
const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('sparrow.kept')
const listeners = new Set<() => void>()
let held = new Map<string, string>()

const prefix = () => `${who.value || '-'}.`
const changed = () => listeners.forEach((listener) => listener())

interface FromTab {
  who: string
  key: string
  text: string | null
}

tabs?.addEventListener('message', ({ data }: MessageEvent<FromTab>) => {
  if (data.who !== who.value) return
  remember(data.key, data.text)
  changed()
})

async function load() {
  const mine = prefix()
  const found = store ? await entries<string, string>(store).catch(() => []) : []
  held = new Map(found.filter(([key]) => key.startsWith(mine)).map(([key, text]) => [key.slice(mine.length), text]))
  for (const key of unconfirmed(mine)) {
    const text = localStorage.getItem(UNCONFIRMED + mine + key) || null
    remember(key, text)
    write(mine + key, text)
  }
  changed()
}

const unconfirmed = (mine: string) =>
  Object.keys(localStorage)
    .filter((place) => place.startsWith(UNCONFIRMED + mine))
    .map((place) => place.slice((UNCONFIRMED + mine).length))

/** Into the database, and at once into what waits for its word. Where the browser keeps neither, it is kept as long as the page is open. */
function write(place: string, text: string | null) {
  if (!store) return
  const waiting = UNCONFIRMED + place
  try {
    localStorage.setItem(waiting, text ?? GONE)
  } catch {
    localStorage.removeItem(waiting)
  }
  const written = text === null ? del(place, store) : set(place, text, store)
  written
    .then(() => localStorage.getItem(waiting) === (text ?? GONE) && localStorage.removeItem(waiting))
    .catch(() => undefined)
}

function remember(key: string, text: string | null) {
  if (text === null) held.delete(key)
  else held.set(key, text)
}

function keep(key: string, text: string | null) {
  remember(key, text)
  write(prefix() + key, text)
  tabs?.postMessage({ who: who.value, key, text } satisfies FromTab)
}

let ready = load()

export const kept = {
  who,
  /** Settles when what was kept before is here to be read. */
  ready: () => ready,

  /** Another person is at this device. */
  async belongsTo(id: string) {
    if (who.value !== id) {
      who.value = id
      localStorage.setItem(WHO, id)
      ready = load()
    }
    await ready
  },
  /** Calls back when another person's things are to be looked at, or another tab has changed some. */
  onChange(listener: () => void) {
    listeners.add(listener)
  },

  read<T>(key: string): T | null {
    return JSON.parse(held.get(key) ?? 'null') as T | null
  },
  write(key: string, value: unknown) {
    keep(key, JSON.stringify(value))
  },
  drop(key: string) {
    if (held.has(key)) keep(key, null)
  },
  /** The keys of this person that begin so, without the beginning. */
  keys(start: string): string[] {
    return [...held.keys()].filter((key) => key.startsWith(start)).map((key) => key.slice(start.length))
  },

  /** Nothing of this person stays here. */
  async forget() {
    const mine = [...held.keys()].map((key) => prefix() + key)
    for (const key of unconfirmed(prefix())) localStorage.removeItem(UNCONFIRMED + prefix() + key)
    held = new Map()
    sessionStorage.clear()
    localStorage.removeItem(WHO)
    who.value = ''
    ready = Promise.resolve()
    changed()
    if (store) await delMany(mine, store).catch(() => undefined)
  },
}
