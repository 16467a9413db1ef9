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
/** A part of a list that is told apart by its id, such as a version of a ladder. */
type Part = Values & { id: string }

const isParts = (value: unknown): value is Part[] =>
  Array.isArray(value) && value.length > 0 && value.every((part) => typeof (part as Part | null)?.id === 'string')
const find = (parts: unknown, id: string) => (isParts(parts) ? parts.find((part) => part.id === id) : undefined)

/** What two values that say the same have in common, whatever the order of their keys. */
function canonical(value: unknown): string {
  return JSON.stringify(value ?? null, (_, held: unknown) =>
    held && typeof held === 'object' && !Array.isArray(held)
      ? Object.fromEntries(Object.entries(held).sort(([one], [other]) => (one < other ? -1 : 1)))
      : held,
  )
}
const same = (one: unknown, other: unknown) => canonical(one) === canonical(other)

/** A label behind a colon. */
const within = (label: string) => label.charAt(0).toLowerCase() + label.slice(1)

/** Every key of either, those with a label first. */
const keysOf = (mine: Values, theirs: Values, labels: Record<string, string>) => [
  ...new Set([...Object.keys(labels), ...Object.keys(mine), ...Object.keys(theirs)]),
]

/**
 * The fields of a form that differ between what was typed and what somebody else
 * saved. +opened+ is what both began from: a field that I have not touched is theirs.
 * A list whose parts have ids is compared part by part, and those field by field. No
 * field is left out: one without a label is called by its key.
 */
export function conflictRows(
  opened: Values,
  mine: Values,
  theirs: Values,
  labels: Record<string, string>,
  words: (value: unknown, key: string) => string = plainWords,
): ConflictRow[] {
  const label = (key: string) => labels[key] ?? plainWords(key)
  const row = (path: string, text: string, key: string, values: [unknown, unknown, unknown]): ConflictRow => ({
    key: path,
    label: text,
    mine: words(values[1], key),
    theirs: words(values[2], key),
    pick: same(values[1], values[0]) ? 'theirs' : 'mine',
  })
  const rowsOf = (key: string): ConflictRow[] => {
    if (same(mine[key], theirs[key])) return []
    const [own, other] = [mine[key], theirs[key]]
    if (!isParts(own) || !isParts(other)) return [row(key, label(key), key, [opened[key], own, other])]
    return [...new Set([...own, ...other].map((part) => part.id))].flatMap((id) => {
      const [before, one, two] = [find(opened[key], id), find(own, id), find(other, id)]
      const name = String((one ?? two)!.name ?? id)
      if (!one || !two) return [row(`${key}/${id}`, `${label(key)}: ${name}`, key, [before, one, two])]
      return keysOf(one, two, {})
        .filter((field) => !same(one[field], two[field]))
        .map((field) =>
          row(`${key}/${id}/${field}`, `${name}: ${within(label(field))}`, field, [
            before?.[field],
            one[field],
            two[field],
          ]),
        )
    })
  }
  return keysOf(mine, theirs, labels).flatMap(rowsOf)
}

/** Each field from the version that was picked for it. What is the same in both stays. */
export function merged<T extends object>(mine: T, theirs: T, picks: Picks): T {
  const values = { ...mine } as Values
  for (const [path, pick] of Object.entries(picks)) {
    const [key, id, field] = path.split('/') as [string, string?, string?]
    if (pick === 'mine') continue
    const other = (theirs as Values)[key]
    if (!id) values[key] = other
    else if (!field) values[key] = withPart(values[key] as Part[], other as Part[], id)
    else
      values[key] = (values[key] as Part[]).map((part) =>
        part.id === id ? { ...part, [field]: find(other, id)?.[field] } : part,
      )
  }
  return values as T
}

/** A part as it stands in the other list: behind the one before it, or gone. */
function withPart(own: Part[], other: Part[], id: string): Part[] {
  const place = other.findIndex((part) => part.id === id)
  const rest = own.filter((part) => part.id !== id)
  if (place < 0) return rest
  const after = rest.findIndex((part) => part.id === other[place - 1]?.id)
  return rest.toSpliced(after + 1, 0, other[place]!)
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
