import { computed } from 'vue'
import { useQuery } from '@tanstack/vue-query'
import { api, ask } from './client'

/** The catalogue: fetched once a visit, and told again only when it changed. Hundreds of rungs, of which nobody changes one in place. */
export function useMovements() {
  return useQuery({
    queryKey: ['movements'],
    queryFn: async () => (await ask(api.GET('/api/movements'))).movements,
    staleTime: 10 * 60_000,
    shallow: true,
  })
}

/** Every rung by its id, of all ladders that the studio has. */
export function useRungs() {
  const movements = useMovements()
  return computed(
    () => new Map((movements.data.value ?? []).flatMap((movement) => movement.ladder.map((rung) => [rung.id, rung]))),
  )
}

export function useRuns() {
  return useQuery({ queryKey: ['runs'], queryFn: async () => (await ask(api.GET('/api/runs'))).runs })
}

export function useWorkouts() {
  return useQuery({ queryKey: ['workouts'], queryFn: async () => (await ask(api.GET('/api/workouts'))).workouts })
}

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
    queryFn: () => ask(api.GET('/api/people', { params: { query: { archived } } })),
  })
}

export function useQuestions() {
  return useQuery({
    queryKey: ['questions'],
    queryFn: () => ask(api.GET('/api/people/questions')),
    staleTime: Infinity,
  })
}

export function useClasses() {
  return useQuery({ queryKey: ['classes'], queryFn: async () => (await ask(api.GET('/api/classes'))).classes })
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
