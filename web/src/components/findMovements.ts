import type { Movement } from '@/api/types'
import { readable } from './readable'

/** Movements in which every word typed occurs, those whose name begins with it first. */
export function findMovements(movements: Movement[], typed: string): Movement[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return movements
  const first = words[0]!
  const score = (movement: Movement) =>
    movement.name.toLowerCase().startsWith(first) ? 0 : movement.name.toLowerCase().includes(first) ? 1 : 2
  return movements
    .filter((movement) => words.every((word) => searchText(movement).includes(word)))
    .sort((one, other) => score(one) - score(other) || one.name.localeCompare(other.name))
}

function searchText(movement: Movement): string {
  const rungs = movement.ladder.map((rung) => rung.name)
  return [movement.name, readable(movement.pattern), ...movement.also, ...rungs].join(' ').toLowerCase()
}
