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

  function undo(): string | undefined {
    const step = past.value.at(-1)
    if (!step) return
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, { state: present.value, label: step.label }]
    present.value = step.state
    lastKey = ''
    return step.label
  }

  function redo(): string | undefined {
    const step = future.value.at(-1)
    if (!step) return
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, { state: present.value, label: step.label }]
    present.value = step.state
    lastKey = ''
    return step.label
  }

  function reset(state: T) {
    present.value = state
    past.value = []
    future.value = []
    lastKey = ''
  }

  return {
    present,
    change,
    undo,
    redo,
    reset,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
