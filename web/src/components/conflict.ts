/** One field in which two versions differ, each in words. */
export interface ConflictRow {
  key: string
  label: string
  mine: string
  theirs: string
}

type Values = Record<string, unknown>

/** The fields of a form that differ between what was typed and what somebody else saved. */
export function conflictRows(
  mine: Values,
  theirs: Values,
  labels: Record<string, string>,
  words: (value: unknown, key: string) => string = plainWords,
): ConflictRow[] {
  return Object.entries(labels)
    .filter(([key]) => JSON.stringify(mine[key] ?? null) !== JSON.stringify(theirs[key] ?? null))
    .map(([key, label]) => ({ key, label, mine: words(mine[key], key), theirs: words(theirs[key], key) }))
}

/** Each field from the version that was picked for it. */
export function merged<T extends object>(mine: T, theirs: T, picks: Record<string, 'mine' | 'theirs'>): T {
  const result = { ...mine } as Values
  for (const [key, pick] of Object.entries(picks)) result[key] = (pick === 'theirs' ? theirs : mine)[key as keyof T]
  return result as T
}

/** Any value, as short words. */
export function plainWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'nothing'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (Array.isArray(value)) return value.length ? value.map(plainWords).join('; ') : 'nothing'
  if (typeof value === 'object') {
    const parts = Object.entries(value as Values).filter(([, held]) => held !== undefined && held !== '')
    return parts.length
      ? parts.map(([key, held]) => `${key.replaceAll('_', ' ')}: ${plainWords(held)}`).join(', ')
      : 'nothing'
  }
  return String(value).replaceAll('_', ' ')
}
