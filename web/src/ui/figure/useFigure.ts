import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/lib/api/client'

/** In the hall figures are asked for by the screen's code: nobody is signed in there. */
let hall: string | null = null
export const figuresFrom = (code: string | null) => (hall = code)

/** The figure of a version; null where nothing is drawn for it. It never changes while a page is open, but for one of a studio's own. */
export const figureQuery = (version: string) => ({
  queryKey: ['figures', version],
  queryFn: () =>
    hall
      ? ask(api.GET('/api/hall/{code}/figures/{version}', { params: { path: { code: hall, version } } }))
      : ask(api.GET('/api/figures/{version}', { params: { path: { version } } })),
  staleTime: Infinity,
  retry: false,
})

export function useFigure(version: MaybeRefOrGetter<string | undefined>, wanted: MaybeRefOrGetter<boolean> = true) {
  return useQuery(
    computed(() => ({ ...figureQuery(toValue(version) ?? ''), enabled: Boolean(toValue(version)) && toValue(wanted) })),
  )
}
