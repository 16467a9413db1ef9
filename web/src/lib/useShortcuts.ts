import { useEventListener } from '@vueuse/core'
import { usePreferences } from './preferences'

/** A key of a screen: how it is written, what it does, when it applies. */
export interface Shortcut {
  keys: string
  label: string
  /** Whether this key press is meant. */
  matches: (event: KeyboardEvent) => boolean
  run: (event: KeyboardEvent) => void
  /** Works while somebody types in a field. */
  inFields?: boolean
}

export const plainKey = (...keys: string[]) => {
  return (event: KeyboardEvent) => !event.ctrlKey && !event.metaKey && !event.altKey && keys.includes(event.key)
}

export const controlKey = (key: string, shift = false) => {
  return (event: KeyboardEvent) =>
    (event.ctrlKey || event.metaKey) && !event.altKey && event.shiftKey === shift && event.key.toLowerCase() === key
}

/** Makes a list of shortcuts work. Plain single keys rest while somebody types, and can be switched off. */
export function useShortcuts(shortcuts: Shortcut[]) {
  const preferences = usePreferences()
  useEventListener(window, 'keydown', (event) => {
    if (event.defaultPrevented || event.isComposing) return
    const shortcut = shortcuts.find((known) => known.matches(event))
    if (!shortcut) return
    const modified = event.ctrlKey || event.metaKey || event.altKey
    if (!modified && (!preferences.singleKeys || inField(event))) return
    if (modified && !shortcut.inFields && inField(event)) return
    event.preventDefault()
    shortcut.run(event)
  })
}

function inField(event: KeyboardEvent) {
  const target = event.target
  if (!(target instanceof HTMLElement)) return false
  if (target.closest('[role=dialog]')) return true
  if (target instanceof HTMLButtonElement || target instanceof HTMLAnchorElement)
    return event.key === ' ' || event.key === 'Enter'
  return target.matches('input, textarea, select, [contenteditable], [role=combobox]')
}
