/** What somebody has and wants; what is empty asks nothing. */
export interface Search {
  words: string
  /** At most so many minutes. */
  minutes: number | null
  /** The kit that is there: nothing else may be needed. An empty list is no kit at all. */
  kit: string[] | null
  format: string | null
  tag: string | null
}

export interface Sought {
  title: string
  about?: string
  tags: string[]
  formats: string[]
  kit: string[]
  total_s: number
  slot_minutes?: number | null
}

export const NO_SEARCH: Search = { words: '', minutes: null, kit: null, format: null, tag: null }

export const isSearched = (search: Search) =>
  Boolean(search.words.trim() || search.minutes || search.kit || search.format || search.tag)

/** Every word must be found somewhere; the time is the circuit's own, or its slot where that is longer. */
export function answers(circuit: Sought, search: Search): boolean {
  const text = [circuit.title, circuit.about ?? '', ...circuit.tags].join(' ').toLowerCase()
  const words = search.words.toLowerCase().split(/\s+/).filter(Boolean)
  const minutes = Math.max(circuit.total_s / 60, circuit.slot_minutes ?? 0)
  return (
    words.every((word) => text.includes(word)) &&
    (!search.minutes || minutes <= search.minutes) &&
    (!search.kit || circuit.kit.every((piece) => search.kit!.includes(piece))) &&
    (!search.format || circuit.formats.includes(search.format)) &&
    (!search.tag || circuit.tags.includes(search.tag))
  )
}
