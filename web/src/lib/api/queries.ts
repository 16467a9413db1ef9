import { computed } from 'vue'
import { useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { api, ask } from './client'

/** The catalogue: fetched once a visit, and told again only when it changed. Hundreds of variations, of which nobody changes one in place. */
export function useMovements() {
  return useQuery({
    queryKey: ['movements'],
    queryFn: async () => (await ask(api.GET('/api/movements'))).movements,
    staleTime: 10 * 60_000,
    shallow: true,
  })
}

/** The formats, as they declare themselves: what the board offers comes from here. */
export const formatsQuery = {
  queryKey: ['formats'],
  queryFn: async () => (await ask(api.GET('/api/formats'))).formats,
  staleTime: Infinity,
}
export const useFormats = () => useQuery(formatsQuery)

/** Every variation by its id, of all ladders that the studio has. */
export function useVariations() {
  const movements = useMovements()
  return computed(
    () =>
      new Map(
        (movements.data.value ?? []).flatMap((movement) =>
          movement.ladder.map((variation) => [variation.id, variation]),
        ),
      ),
  )
}

/** Every page of a list, where all of it is needed at once. */
async function allPages<Page extends { more: boolean }>(fetchPage: (page: number) => Promise<Page>): Promise<Page[]> {
  const pages = [await fetchPage(1)]
  while (pages.at(-1)!.more) pages.push(await fetchPage(pages.length + 1))
  return pages
}
const PER = 500

/** The runs, the newest first; more come when they are asked for. */
export function useRuns() {
  const query = useInfiniteQuery({
    queryKey: ['runs'],
    queryFn: ({ pageParam }) => ask(api.GET('/api/runs', { params: { query: { page: pageParam } } })),
    initialPageParam: 1,
    getNextPageParam: (page) => (page.more ? page.page + 1 : undefined),
  })
  return { ...query, data: computed(() => query.data.value?.pages.flatMap((page) => page.runs)) }
}

/** Every circuit of the studio. */
export const fetchWorkouts = async () =>
  (await allPages((page) => ask(api.GET('/api/workouts', { params: { query: { page, per: PER } } })))).flatMap(
    (page) => page.workouts,
  )
export const useWorkouts = () => useQuery({ queryKey: ['workouts'], queryFn: fetchWorkouts })

/** The studio's standards, and the schools of scaling. */
export function useHouse() {
  return useQuery({ queryKey: ['house'], queryFn: () => ask(api.GET('/api/house')), staleTime: 60_000 })
}

export function useTemplates() {
  return useQuery({
    queryKey: ['templates'],
    queryFn: async () => (await ask(api.GET('/api/templates'))).templates,
    staleTime: Infinity,
  })
}

/** What was logged of a run, to be read. */
export function useRunLog(id: string) {
  return useQuery({
    queryKey: ['runs', id, 'log'],
    queryFn: () => ask(api.GET('/api/runs/{id}/log', { params: { path: { id } } })),
    staleTime: 0,
  })
}

/** The log sheet of a run, to be typed on. Once it is open, nothing that comes later may change it under the typing. */
export function useLogSheet(id: string) {
  return useQuery({
    queryKey: ['log', id],
    queryFn: () => ask(api.GET('/api/runs/{id}/log', { params: { path: { id } } })),
    staleTime: Infinity,
    gcTime: 0,
    refetchOnWindowFocus: false,
  })
}

export function usePeople(archived = false) {
  return useQuery({
    queryKey: ['people', archived],
    queryFn: async () => {
      const pages = await allPages((page) =>
        ask(api.GET('/api/people', { params: { query: { archived, page, per: PER } } })),
      )
      return { people: pages.flatMap((page) => page.people), tags: pages[0]!.tags }
    },
  })
}

export function useQuestions() {
  return useQuery({
    queryKey: ['questions'],
    queryFn: () => ask(api.GET('/api/people/questions')),
    staleTime: Infinity,
  })
}

export const fetchClasses = (page: number) => ask(api.GET('/api/classes', { params: { query: { page } } }))

/** The classes, the latest first; more come when they are asked for. */
export function useClasses() {
  const query = useInfiniteQuery({
    queryKey: ['classes'],
    queryFn: ({ pageParam }) => fetchClasses(pageParam),
    initialPageParam: 1,
    getNextPageParam: (page) => (page.more ? page.page + 1 : undefined),
  })
  return {
    ...query,
    data: computed(() => query.data.value?.pages.flatMap((page) => page.classes)),
    /** The first day of the week that it is. */
    week: computed(() => query.data.value?.pages[0]?.week ?? ''),
  }
}

export function useGroupClass(id: string) {
  return useQuery({
    queryKey: ['classes', id],
    queryFn: () => ask(api.GET('/api/classes/{id}', { params: { path: { id } } })),
  })
}

export function usePlaces() {
  return useQuery({ queryKey: ['places'], queryFn: () => ask(api.GET('/api/places')) })
}
