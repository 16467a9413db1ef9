import type { Movement } from '@/lib/api/types'
import { readable } from '@/lib/readable'

type Searched = Pick<Movement, 'name' | 'pattern' | 'also'> & {
  ladder: Pick<Movement['ladder'][number], 'id' | 'name' | 'also'>[]
}

export interface Found<M extends Searched = Movement> {
  movement: M
  /** The version by whose name it was found, where it was not by the movement's own. */
  variation?: M['ladder'][number]
  /** The other name by which it was found. */
  by?: string
}

/** How well a name matches what was typed; the lower the better, NONE not at all. */
const NONE = 9
const EXACT = 0

interface Name {
  words: string[]
  joined: string
}

/** “Sit-ups” as its words without plurals, and in one piece. */
function nameOf(text: string): Name {
  const words = text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .map((word) => (word.length > 2 ? word.replace(/(?<!s)s$/, '') : word))
  return { words, joined: words.join('') }
}

function match(typed: Name, name: Name): number {
  if (name.joined === typed.joined) return EXACT
  if (name.joined.startsWith(typed.joined)) return 1
  if (typed.words.every((word) => name.words.some((held) => held.startsWith(word)))) return 2
  return typed.joined.length > 2 && name.joined.includes(typed.joined) ? 4 : NONE
}

/** One or two letters would be inside nearly every word: they must begin it. */
const contains = (held: string, typed: string) => (typed.length > 2 ? held.includes(typed) : held.startsWith(typed))

interface Entry {
  names: { name: Name; variation?: number; by?: string; less: number }[]
  words: string[]
}

// A catalogue stays the same while somebody types: its names are taken apart once.
const entries = new WeakMap<object, Entry>()

function entryOf(movement: Searched): Entry {
  const held = entries.get(movement)
  if (held) return held
  const names: Entry['names'] = [
    { name: nameOf(movement.name), less: 0 },
    ...movement.also.map((by) => ({ name: nameOf(by), by, less: 0.2 })),
    ...movement.ladder.flatMap((variation, at) => [
      { name: nameOf(variation.name), variation: at, less: 0.4 },
      ...variation.also.map((by) => ({ name: nameOf(by), variation: at, by, less: 0.4 })),
    ]),
  ]
  const words = [...nameOf(readable(movement.pattern)).words, ...names.flatMap(({ name }) => name.words)]
  const entry = { names, words: [...new Set(words)] }
  entries.set(movement, entry)
  return entry
}

/** Takes the names apart while nobody waits, so that the first letter typed is answered as fast as the others. */
export function prepareSearch(movements: Searched[]) {
  const later: (work: () => void) => unknown = window.requestIdleCallback ?? window.setTimeout
  later(() => movements.forEach(entryOf))
}

/**
 * Movements that answer to what was typed: an exact name first, then names that begin so, then those in which each word
 * begins one of theirs; other names and versions count as names. Plurals and hyphens make no difference.
 */
export function searchMovements<M extends Searched>(movements: M[], typed: string): Found<M>[] {
  const name = nameOf(typed)
  if (name.words.length === 0)
    return [...movements].sort((one, other) => one.name.localeCompare(other.name)).map((movement) => ({ movement }))
  const found: { found: Found<M>; score: number }[] = []
  for (const movement of movements) {
    const entry = entryOf(movement)
    let best = NONE
    let at: Entry['names'][number] | undefined
    for (const held of entry.names) {
      const score = match(name, held.name) + held.less
      if (score < best) [best, at] = [score, held]
    }
    if (at) found.push({ found: { movement, ...reached(movement, at) }, score: best })
    else if (name.words.every((word) => entry.words.some((held) => contains(held, word))))
      found.push({ found: { movement }, score: NONE })
  }
  return found
    .sort(
      (one, other) =>
        one.score - other.score ||
        one.found.movement.name.length - other.found.movement.name.length ||
        one.found.movement.name.localeCompare(other.found.movement.name),
    )
    .map(({ found: held }) => held)
}

function reached<M extends Searched>(
  movement: M,
  { variation, by }: Entry['names'][number],
): Omit<Found<M>, 'movement'> {
  return {
    ...(variation === undefined ? {} : { variation: movement.ladder[variation] as M['ladder'][number] }),
    ...(by === undefined ? {} : { by }),
  }
}

/** “Jumped in-and-out squat (pop squat)”: by what it was found, where that is not the movement's own name. */
export function foundBy({ variation, by }: Pick<Found, 'variation' | 'by'>): string {
  if (!variation) return by ?? ''
  return by ? `${variation.name} (${by})` : variation.name
}
