import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { FitCell, FitPerson, FitWays } from '@/lib/api/types'

/** Every way in which somebody could do a station, asked for when the cell is opened, and anew when it has changed. */
export function useWays(
  id: MaybeRefOrGetter<string>,
  person: MaybeRefOrGetter<FitPerson>,
  cell: MaybeRefOrGetter<FitCell>,
) {
  return useQuery(
    computed(() => {
      const { block, station, choice_version, kind } = toValue(cell)
      const path = { id: toValue(id), person: toValue(person).id, block, station }
      const queryKey = ['fit', path.id, 'ways', path.person, block, station, choice_version]
      return {
        queryKey,
        queryFn: () => ask(api.GET('/api/classes/{id}/fit/{person}/{block}/{station}', { params: { path } })),
        // The same cell keeps what it showed until the new answer is there.
        placeholderData: (before: FitWays | undefined, asked?: { queryKey: readonly unknown[] }) =>
          asked && queryKey.every((part, at) => at === queryKey.length - 1 || part === asked.queryKey[at])
            ? before
            : undefined,
        enabled: kind !== 'waits',
      }
    }),
  )
}
