import type { Ref } from 'vue'

/** Down a column of a table by Enter or an arrow, as on paper. */
export function useColumnKeys(table: Readonly<Ref<HTMLTableElement | null>>) {
  function alongColumn(event: KeyboardEvent) {
    const step =
      event.key === 'ArrowUp'
        ? -1
        : event.key === 'ArrowDown' || (event.key === 'Enter' && !event.ctrlKey && !event.metaKey)
          ? 1
          : 0
    const target = event.target
    if (!step || !(target instanceof HTMLInputElement) || target.closest('[role=combobox], .exception')) return
    const column = target.closest('[data-column]')?.getAttribute('data-column')
    if (!column || !table.value) return
    const fields = [
      ...table.value.querySelectorAll<HTMLInputElement>(`[data-column=${column}] input, input[data-column=${column}]`),
    ]
    const next = fields[fields.indexOf(target) + step]
    event.preventDefault()
    next?.focus()
  }

  function toFirst(event: KeyboardEvent) {
    if (event.key !== 'Enter' || event.ctrlKey) return
    event.preventDefault()
    table.value?.querySelector<HTMLInputElement>('[data-column=effort] input')?.focus()
  }

  return { alongColumn, toFirst }
}
