import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'

/**
 * Which station is open for editing: the one that has the focus. While a button of the mouse is down nothing opens or
 * closes: what lies under the pointer would move away before it is let go.
 */
export function useOpenRow() {
  const openRow = ref<string | null>(null)
  let isDown = false
  let next: string | null = null
  const settle = () => (openRow.value = next)

  useEventListener(document, 'pointerdown', () => (isDown = true), { capture: true })
  useEventListener(
    document,
    ['pointerup', 'pointercancel'],
    () => {
      isDown = false
      setTimeout(settle)
    },
    { capture: true },
  )

  function focused(event: FocusEvent) {
    next = (event.target as Element).closest<HTMLElement>('[data-row]')?.dataset.row ?? null
    if (!isDown) settle()
  }

  return { openRow, focused }
}
