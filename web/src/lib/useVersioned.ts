import { computed, shallowRef } from 'vue'
import { Refusal } from '@/lib/api/client'
import { conflictRows, merged, type Picks } from './conflict'

/**
 * Saving over the version that was opened. Where somebody saved first, both
 * versions are held up, and what is picked from them is saved over the newer one.
 */
export function useVersioned<Body extends object, Theirs>(options: {
  /** Field to label, in the order in which they are shown. */
  labels: Record<string, string>
  /** What was opened, before anything was typed. */
  opened: () => Body
  /** Shows what was picked in the form, to be saved over a version. */
  show: (body: Body, version: number) => void
  /** A save of a body over a version. */
  put: (body: Body, version: number) => Promise<void>
  /** What stands on the server, in the shape of the form, and its version. */
  read: (theirs: Theirs) => { body: Body; version: number }
  words?: (value: unknown, key: string) => string
}) {
  const met = shallowRef<{ opened: Body; mine: Body; theirs: Body; version: number } | null>(null)
  const rows = computed(() =>
    met.value
      ? conflictRows(
          met.value.opened as Record<string, unknown>,
          met.value.mine as Record<string, unknown>,
          met.value.theirs as Record<string, unknown>,
          options.labels,
          options.words,
        )
      : [],
  )

  /** @throws whatever it is refused for, but for a newer version */
  async function save(body: Body, version: number) {
    try {
      await options.put(body, version)
      met.value = null
    } catch (error) {
      if (!(error instanceof Refusal) || error.status !== 409) throw error
      const theirs = options.read((error.problem as unknown as { theirs: Theirs }).theirs)
      met.value = {
        opened: met.value?.opened ?? options.opened(),
        mine: body,
        theirs: theirs.body,
        version: theirs.version,
      }
    }
  }

  /** Shows what was picked in the form, and saves it over the version that was met. */
  async function resolve(picks: Picks) {
    const held = met.value
    if (!held) return
    const body = merged(held.mine, held.theirs, picks)
    options.show(body, held.version)
    met.value = null
    await save(body, held.version)
  }

  return { met, rows, save, resolve, close: () => (met.value = null) }
}
