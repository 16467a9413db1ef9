/** One field in which two versions differ, each in words. */
export interface ConflictRow {
  key: string
  label: string
  mine: string
  theirs: string
  /** What to take where nobody chooses: theirs where I have not touched the field. */
  pick: Pick
}

export type Pick = 'mine' | 'theirs'
export type Picks = Record<string, Pick>

type Values = Record<string, unknown>

const same = (one: unknown, other: unknown) => JSON.stringify(one ?? null) === JSON.stringify(other ?? null)

/**
 * The fields of a form that differ between what was typed and what somebody else
 * saved. +opened+ is what both began from: a field that I have not touched is theirs.
 */
export function conflictRows(
  opened: Values,
  mine: Values,
  theirs: Values,
  labels: Record<string, string>,
  words: (value: unknown, key: string) => string = plainWords,
): ConflictRow[] {
  return Object.entries(labels)
    .filter(([key]) => !same(mine[key], theirs[key]))
    .map(([key, label]) => ({
      key,
      label,
      mine: words(mine[key], key),
      theirs: words(theirs[key], key),
      pick: same(mine[key], opened[key]) ? 'theirs' : 'mine',
    }))
}

/** Each field from the version that was picked for it. */
export function merged<T extends object>(mine: T, theirs: T, picks: Picks): T {
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
