import { onScopeDispose, ref } from 'vue'
import { Refusal, TAB, Unreachable } from '@/lib/api/client'

// What changes in the studio, as the server tells it: ids only. Who shows a thing
// asks for it again.

export interface Change {
  kind: string
  /** Of what was changed, where the server knows it. */
  record?: string
}

/** Everything may have changed: it is not known what was missed. */
export const EVERYTHING: Change = { kind: '*' }

type Told = { kind?: string; record?: string; origin?: string; reset?: boolean }
const listeners = new Set<(change: Change) => void>()
let source: EventSource | null = null
/** Whether the server can be heard; a page that goes on by what it knows says so where it cannot. */
export const heardOf = ref(true)

function hear(event: MessageEvent<string>) {
  const told = JSON.parse(event.data) as Told
  if (told.origin === TAB) return
  const change = told.reset ? EVERYTHING : { kind: told.kind ?? '*', record: told.record }
  listeners.forEach((listener) => listener(change))
}

let wanted = false
const everything = () => listeners.forEach((listener) => listener(EVERYTHING))

/**
 * Open while somebody is signed in and looks at this tab: a browser keeps only a few
 * connections to one server. Back here, whatever was missed is asked for.
 */
function keepListening() {
  const open = wanted && document.visibilityState === 'visible'
  if (open && !source) {
    source = new EventSource('/api/events')
    source.onmessage = hear
    source.onopen = () => {
      if (!heardOf.value) everything()
      heardOf.value = true
    }
    source.onerror = () => (heardOf.value = false)
  } else if (!open) {
    source?.close()
    source = null
  }
}

document.addEventListener('visibilitychange', () => {
  const away = source === null
  keepListening()
  if (away && source) everything()
})

window.addEventListener('online', everything)

export function listenToChanges(on: boolean) {
  wanted = on
  keepListening()
}

/** Calls back with the changes that others make, as long as the component is there. */
export function useChanges(listener: (change: Change) => void) {
  listeners.add(listener)
  onScopeDispose(() => listeners.delete(listener))
}

/** The same for one thing. What cannot be asked for now is asked for once the server is back. */
export function useChangesOf(kind: string, record: string, work: () => Promise<unknown>) {
  useChanges((change) => {
    if (change === EVERYTHING || (change.kind === kind && change.record === record))
      work().catch((error: unknown) => {
        if (!(error instanceof Unreachable || error instanceof Refusal)) throw error
      })
  })
}
