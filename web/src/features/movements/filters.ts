import type { Movement, Variation } from '@/lib/api/types'

/** What a version must be to be shown; what is empty asks nothing. */
export interface Filters {
  muscle: string | null
  /** Joints and strains that it must not load or ask for. */
  spare: string[]
  /** The kit at hand: it must need nothing else. */
  kit: string[] | null
  position: string | null
  impact: string | null
  level: string | null
}

export const NO_FILTERS: Filters = { muscle: null, spare: [], kit: null, position: null, impact: null, level: null }

export function passes(variation: Variation, filters: Filters): boolean {
  return (
    (!filters.muscle || variation.muscles.includes(filters.muscle)) &&
    filters.spare.every(
      (spared) => !variation.joints.includes(spared) && !(variation.strains as string[]).includes(spared),
    ) &&
    (!filters.kit || variation.equipment.every((piece) => filters.kit!.includes(piece))) &&
    (!filters.position || variation.position === filters.position) &&
    (!filters.impact || variation.impact === filters.impact) &&
    (!filters.level || (variation.levels as string[]).includes(filters.level))
  )
}

export const isFiltered = (filters: Filters) =>
  Object.values(filters).some((value) => (Array.isArray(value) ? value.length > 0 : value !== null))

export const musclesOf = (movements: Movement[]) =>
  [...new Set(movements.flatMap((movement) => movement.ladder.flatMap((variation) => variation.muscles)))].sort()
