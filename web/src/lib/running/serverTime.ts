import { ref } from 'vue'

// How far the server's clock is ahead of this device's: a tablet may be minutes or a year off. It is taken from answers that
// say what time it is there, of which the quickest is believed: half of its way is as much as it can be wrong.

/** So much may be the way of a message, and no difference of clocks. */
const NEAR_MS = 250

const best = ref<{ off: number; wayMs: number } | null>(null)

/** An answer that says what time it is on the server. */
export function heardTime(serverMs: number, askedMs: number, answeredMs: number) {
  const wayMs = Math.max(0, answeredMs - askedMs)
  if (best.value && best.value.wayMs < wayMs) return
  best.value = { off: Math.round(serverMs - (askedMs + answeredMs) / 2), wayMs }
}

/** Milliseconds to be added to this device's time for the server's. */
export function serverAhead(): number {
  const off = best.value?.off ?? 0
  return Math.abs(off) <= NEAR_MS ? 0 : off
}

/** For specs. */
export const forgetTime = () => (best.value = null)
