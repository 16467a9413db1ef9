import type { Movement } from '@/lib/api/types'
import { readable } from '@/lib/readable'

/** Movements in which every word typed occurs: those whose name begins so first, then those with all words in their name. */
export function findMovements(movements: Movement[], typed: string): Movement[] {
  const phrase = typed.toLowerCase().trim().replace(/\s+/g, ' ')
  const words = phrase.split(' ').filter(Boolean)
  if (words.length === 0) return movements
  const score = (movement: Movement) => {
    const name = movement.name.toLowerCase()
    if (name.startsWith(phrase)) return 0
    const beginnings = name.split(/[\s-]+/)
    if (words.every((word) => beginnings.some((beginning) => beginning.startsWith(word)))) return 1
    return words.every((word) => name.includes(word)) ? 2 : 3
  }
  return movements
    .filter((movement) => words.every((word) => searchText(movement).includes(word)))
    .sort((one, other) => score(one) - score(other) || one.name.localeCompare(other.name))
}

function searchText(movement: Movement): string {
  const rungs = movement.ladder.map((rung) => rung.name)
  return [movement.name, readable(movement.pattern), ...movement.also, ...rungs].join(' ').toLowerCase()
}
