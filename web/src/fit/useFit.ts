import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { promiseTimeout, useDebounceFn } from '@vueuse/core'
import { ref, shallowReactive, shallowRef, watch } from 'vue'
import { api, ask, Unreachable } from '@/api/client'
import { useMovements, useRungs } from '@/api/queries'
import type { FitCell, FitPerson, FitSheet, FitStation, Variation } from '@/api/types'
import { useAttempt } from '@/composables/useAttempt'

const RETRY_MS = 2000

export interface Choice {
  variation?: string
  number?: number
  why?: string
}

/**
 * The fit sheet of a class and the instructor's own choices on it. A choice shows
 * at once; what the server makes of the whole class follows.
 */
export function useFit(id: string) {
  const queries = useQueryClient()
  const movements = useMovements()
  const { attempt, errors } = useAttempt()
  const query = useQuery({
    queryKey: ['fit', id],
    queryFn: () => ask(api.GET('/api/classes/{id}/fit', { params: { path: { id } } })),
  })
  const sheet = shallowRef<FitSheet | null>(null)
  /** Cells that are on their way to the server, with what they will hold; each cell follows its own entry. */
  const pending = shallowReactive(new Map<string, Choice>())
  watch(query.data, (data) => data && !pending.size && (sheet.value = data), { immediate: true })
  /** The server does not answer: choices are kept here and sent when it does. */
  const away = ref(false)
  /** Sent one after the other, so that the last answer is of the last choice. */
  let queue: Promise<unknown> = Promise.resolve()

  const rungs = useRungs()
  const keyOf = (person: FitPerson, cell: FitCell) => `${person.id}/${cell.block}/${cell.station}`

  /** Somebody's cells in the order of the stations that are shown. */
  function cellsOf(person: FitPerson, stations: FitStation[]): FitCell[] {
    const held = new Map(person.cells.map((cell) => [`${cell.block}/${cell.station}`, cell]))
    return stations.flatMap((station) => held.get(`${station.block}/${station.station}`) ?? [])
  }

  function ladderOf(cell: FitCell): Variation[] {
    const station = sheet.value?.stations.find((held) => held.block === cell.block && held.station === cell.station)
    return (movements.data.value ?? []).find((movement) => movement.id === station?.movement)?.ladder ?? []
  }

  /** One person's row at once; what that moves for others, by shared kit, a little later. */
  const refetch = useDebounceFn(() => query.refetch(), 500)
  function takeRow(row: FitPerson) {
    if (!sheet.value) return
    sheet.value = { ...sheet.value, people: sheet.value.people.map((held) => (held.id === row.id ? row : held)) }
    void refetch()
  }

  function take(now: FitSheet) {
    sheet.value = now
    queries.setQueryData(['fit', id], now)
  }

  function send(person: FitPerson, cell: FitCell, choice: Choice | null) {
    const key = keyOf(person, cell)
    const mine = choice ?? {}
    pending.set(key, mine)
    const params = { path: { id, person: person.id, block: cell.block, station: cell.station } }
    const telling = async () =>
      choice
        ? await ask(api.PUT('/api/classes/{id}/fit/{person}/{block}/{station}', { params, body: choice }))
        : await ask(api.DELETE('/api/classes/{id}/fit/{person}/{block}/{station}', { params }))
    queue = queue.then(() =>
      attempt(async () => {
        // A later choice for the same cell may be on its way by now.
        while (pending.get(key) === mine) {
          try {
            const row = await telling()
            away.value = false
            if (pending.get(key) === mine) takeRow(row.person)
            return
          } catch (error) {
            if (!(error instanceof Unreachable)) throw error
            away.value = true
            await promiseTimeout(RETRY_MS)
          }
        }
      }).finally(() => {
        if (pending.get(key) === mine) pending.delete(key)
      }),
    )
    return queue
  }

  /** What the cell holds, or will hold as soon as the server has answered. */
  function shown(person: FitPerson, cell: FitCell) {
    const waiting = pending.get(keyOf(person, cell))
    if (!waiting) return { variation: cell.variation, number: cell.number, name: cell.name, waiting: false }
    const variation = waiting.variation ?? cell.variation
    return {
      variation,
      number: waiting.number ?? (waiting.variation ? null : cell.number),
      name: (variation && rungs.value.get(variation)?.name) || cell.name,
      waiting: true,
    }
  }

  /** The next rung of the ladder that nothing rules out. */
  function rung(person: FitPerson, cell: FitCell, step: 1 | -1) {
    const ladder = ladderOf(cell)
    const now = shown(person, cell).variation
    const at = ladder.findIndex((held) => held.id === now)
    const ahead = step > 0 ? ladder.slice(at + 1) : ladder.slice(0, Math.max(at, 0)).reverse()
    const next = (at < 0 ? ladder : ahead).find((held) => !cell.ruled_out?.[held.id])
    if (next) void send(person, cell, { variation: next.id })
    return Boolean(next)
  }

  function number(person: FitPerson, cell: FitCell, value: number) {
    const now = shown(person, cell)
    if (!now.variation || value < 1 || value > 300) return
    void send(person, cell, { variation: now.variation, number: value })
  }

  const needs = (keys: string[]) =>
    attempt(async () =>
      take(await ask(api.POST('/api/classes/{id}/needs', { params: { path: { id } }, body: { take: keys } }))),
    )

  return { query, sheet, away, errors, cellsOf, ladderOf, shown, send, rung, number, needs, rungs }
}

export type Fit = ReturnType<typeof useFit>
