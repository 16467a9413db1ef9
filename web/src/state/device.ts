import { shallowRef } from 'vue'

// What lies in this browser until the server has it. Everything is kept under the
// person who typed it: whoever signs in next neither sees nor sends it, and
// signing out leaves nothing of it behind.

const WHO = 'sparrow.who'
const PREFIX = 'sparrow.kept.'

/** Whose device this is now; remembered, so that a reload without a network finds what is kept. */
const who = shallowRef(localStorage.getItem(WHO) ?? '')
const listeners = new Set<() => void>()

const prefix = () => `${PREFIX}${who.value || '-'}.`

export const device = {
  who,

  /** Another person is at this device. */
  belongsTo(id: string) {
    if (who.value === id) return
    who.value = id
    localStorage.setItem(WHO, id)
    listeners.forEach((listener) => listener())
  },
  /** Calls back when another person's things are to be looked at. */
  onChange(listener: () => void) {
    listeners.add(listener)
  },

  read<T>(key: string): T | null {
    try {
      return JSON.parse(localStorage.getItem(prefix() + key) ?? 'null') as T | null
    } catch {
      return null
    }
  },
  write(key: string, value: unknown) {
    localStorage.setItem(prefix() + key, JSON.stringify(value))
  },
  drop(key: string) {
    localStorage.removeItem(prefix() + key)
  },
  /** The keys of this person that begin so, without the beginning. */
  keys(start: string): string[] {
    const whole = prefix() + start
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(whole))
      .map((key) => key.slice(whole.length))
  },

  /** Nothing of this person stays here. */
  forget() {
    const mine = prefix()
    for (const key of Object.keys(localStorage)) if (key.startsWith(mine)) localStorage.removeItem(key)
    sessionStorage.clear()
    localStorage.removeItem(WHO)
    who.value = ''
    listeners.forEach((listener) => listener())
  },
}
