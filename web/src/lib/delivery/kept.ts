import { createStore, del, delMany, entries, set } from 'idb-keyval'
import { shallowRef } from 'vue'

// What lies in this browser until the server has it. Everything is kept under the
// person who typed it: whoever signs in next neither sees nor sends it, and
// signing out leaves nothing of it behind. It is read from memory, and written to
// the browser's database and to the other tabs of the same person.

const WHO = 'sparrow.who'

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
  changed()
}

function remember(key: string, text: string | null) {
  if (text === null) held.delete(key)
  else held.set(key, text)
}

function keep(key: string, text: string | null) {
  remember(key, text)
  const place = prefix() + key
  // Where the browser keeps nothing, it is kept as long as the page is open.
  if (store) void (text === null ? del(place, store) : set(place, text, store)).catch(() => undefined)
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
    held = new Map()
    sessionStorage.clear()
    localStorage.removeItem(WHO)
    who.value = ''
    ready = Promise.resolve()
    changed()
    if (store) await delMany(mine, store).catch(() => undefined)
  },
}
