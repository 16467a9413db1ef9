/** Down a column of a table by Enter, as on paper: its cells are marked by data-column. */
export function alongColumn(event: KeyboardEvent) {
  const step = event.key === 'Enter' || event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
  const target = event.target
  if (!step || !(target instanceof HTMLInputElement)) return
  const column = target.closest('[data-column]')?.getAttribute('data-column')
  if (!column) return
  const fields = [...window.document.querySelectorAll<HTMLInputElement>(`[data-column="${column}"] input[inputmode]`)]
  const next = fields[fields.indexOf(target) + step]
  if (!next) return
  event.preventDefault()
  next.focus()
}
