import type { QueryClient, QueryKey } from '@tanstack/vue-query'
import { EVERYTHING, useChanges, type Change } from './changes'

// Which lists and pages show what was changed. What somebody types on is not among
// them: a board, a log and a sheet of tests meet the other version when they are saved.

interface Shown {
  key: QueryKey
  exact?: boolean
}
const SHOWN: Record<string, (record: string | undefined) => Shown[]> = {
  workouts: () => [{ key: ['workouts'] }],
  classes: (id) => [{ key: ['classes'] }, { key: ['fit', id] }, { key: ['emergency', id] }],
  runs: (id) => [{ key: ['runs'] }, { key: ['run', id, 'mine'] }],
  people: (id) => [{ key: ['people'] }, { key: ['person', id] }, { key: ['classes'] }, { key: ['fit'] }],
  places: () => [{ key: ['places'] }, { key: ['classes'] }],
  house: () => [{ key: ['house'] }],
  movements: () => [{ key: ['movements'], exact: true }],
  studio: () => [{ key: ['studio'] }],
  team: () => [{ key: ['team'] }],
}
const ALWAYS: Shown[] = [{ key: ['today'] }]

export function shownOf(change: Change): Shown[] {
  if (change === EVERYTHING) return [...Object.values(SHOWN).flatMap((of) => of(undefined)), ...ALWAYS]
  return [...(SHOWN[change.kind]?.(change.record) ?? []), ...ALWAYS]
}

/** To be used once, by the whole app. */
export function useStaleQueries(queries: QueryClient) {
  useChanges((change) => {
    for (const { key, exact } of shownOf(change)) {
      // Without an id the whole kind is meant.
      const queryKey = key.filter((part) => part !== undefined)
      void queries.invalidateQueries({ queryKey, exact })
    }
  })
}
