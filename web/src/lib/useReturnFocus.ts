import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'

/** How long a button that is disabled while it saves is waited for, in ms. */
const PATIENCE = 3000

/** Where the focus was before a dialog opened by itself, and a way back there once it has closed. */
export function useReturnFocus(open: Readonly<Ref<boolean>>) {
  let last: HTMLElement | null = null
  useEventListener(document, 'focusin', (event) => {
    if (!open.value && event.target instanceof HTMLElement) last = event.target
  })
  return () => {
    const end = performance.now() + PATIENCE
    const attempt = () => {
      if (!last?.isConnected || document.activeElement !== document.body) return
      if (!last.matches(':disabled')) last.focus()
      else if (performance.now() < end) requestAnimationFrame(attempt)
    }
    attempt()
  }
}
