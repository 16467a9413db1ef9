import { computed, shallowRef } from 'vue'

/** How long edits of one field count as one step back. */
const COALESCE_MS = 1500
const KEPT = 200

/**
 * A value with undo and redo. Each state is whole and never changed afterwards;
 * edits of the same key within a moment are one step.
 */
export function useHistory<T>(initial: T) {
  const present = shallowRef(initial)
  const past = shallowRef<{ state: T; label: string }[]>([])
  const future = shallowRef<{ state: T; label: string }[]>([])
  let lastKey = ''
  let lastAt = 0

  function change(next: T, label: string, key = '') {
    const now = Date.now()
    const sameStep = key !== '' && key === lastKey && now - lastAt < COALESCE_MS
    if (!sameStep) past.value = [...past.value.slice(-KEPT), { state: present.value, label }]
    lastKey = key
    lastAt = now
    future.value = []
    present.value = next
  }

  /** Goes to the newest state of one pile and leaves the present on the other. */
  function step(from: typeof past, to: typeof past): string | undefined {
    const there = from.value.at(-1)
    if (!there) return
    from.value = from.value.slice(0, -1)
    to.value = [...to.value, { state: present.value, label: there.label }]
    present.value = there.state
    lastKey = ''
    return there.label
  }

  return {
    present,
    change,
    undo: () => step(past, future),
    redo: () => step(future, past),
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
