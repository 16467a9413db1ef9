import { shallowRef } from 'vue'

/** The last thing done that can still be undone. */
export const offers = shallowRef<{ summary: string; undo: () => Promise<void> } | null>(null)
