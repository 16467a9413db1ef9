import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { promiseTimeout, useDebounceFn } from '@vueuse/core'
import { onScopeDispose, ref, shallowReactive, shallowRef, watch } from 'vue'
import { api, ask, Refusal, Unreachable } from '@/api/client'
import { useMovements, useRungs } from '@/api/queries'
import type { FitCell, FitPerson, FitSheet, FitStation, Variation } from '@/api/types'
import { useAttempt } from '@/composables/useAttempt'
import { keptChoices, type Choice, type KeptChoice } from './keptChoices'
import { useTargets } from './useTargets'

const RETRY_MS = 2000

export type { Choice } from './keptChoices'

/** What stands in a cell on the server. */
export interface TheirChoice {
  variation: string | null
  number: number | null
  why: string | null
  by: string | null
  version: number
}

/** A choice that met another's. */
export interface ChoiceConflict {
  kept: KeptChoice
  theirs: TheirChoice | null
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
  const conflict = shallowRef<ChoiceConflict | null>(null)
  /** Sent one after the other, so that the last answer is of the last choice. */
  let queue: Promise<unknown> = Promise.resolve()
  /** The sheet has been left: what is not sent by then lies in this browser, and goes on from there. */
  let left = false
  onScopeDispose(() => (left = true))

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
    // A choice on a choice that is still on its way is made over the same version.
    const waiting = keptChoices.of(id)[keyOf(person, cell)]
    return hold({
      person: person.id,
      block: cell.block,
      station: cell.station,
      choice,
      version: waiting?.version ?? cell.choice_version,
    })
  }

  /** Keeps a choice here first, then sends it in its turn. */
  function hold(kept: KeptChoice) {
    const key = `${kept.person}/${kept.block}/${kept.station}`
    const mine = kept.choice ?? {}
    keptChoices.put(id, key, kept)
    pending.set(key, mine)
    queue = queue.then(() => attempt(() => deliver(key, mine)))
    return queue
  }

  /** Asks until there is an answer; a later choice for the same cell takes its place. */
  async function deliver(key: string, mine: Choice) {
    while (!left && pending.get(key) === mine) {
      const kept = keptChoices.of(id)[key]
      if (!kept) return void pending.delete(key)
      try {
        const row = (await tell(kept)).person
        away.value = false
        const next = keptChoices.of(id)[key]
        if (pending.get(key) === mine) {
          settle(key)
          if (row) takeRow(row)
        } else if (next && row) {
          keptChoices.put(id, key, { ...next, version: versionIn(row, kept) })
        }
        return
      } catch (error) {
        if (error instanceof Refusal && error.status === 409) return meet(key, kept, error)
        if (!waits(error)) {
          settle(key)
          throw error
        }
        away.value = true
        await promiseTimeout(RETRY_MS)
      }
    }
  }

  function tell(kept: KeptChoice) {
    const path = { id, person: kept.person, block: kept.block, station: kept.station }
    const version = kept.version
    if (kept.choice)
      return ask(
        api.PUT('/api/classes/{id}/fit/{person}/{block}/{station}', {
          params: { path },
          body: { ...kept.choice, version },
        }),
      )
    return ask(api.DELETE('/api/classes/{id}/fit/{person}/{block}/{station}', { params: { path, query: { version } } }))
  }

  /** Away, signed out, slowed down or busy: it is asked again. Anything else is an answer. */
  const waits = (error: unknown) =>
    error instanceof Unreachable ||
    (error instanceof Refusal && (error.status >= 500 || [401, 408, 429].includes(error.status)))

  const versionIn = (row: FitPerson, kept: KeptChoice) =>
    row.cells.find((cell) => cell.block === kept.block && cell.station === kept.station)?.choice_version ?? 0

  function settle(key: string) {
    keptChoices.drop(id, key)
    pending.delete(key)
  }

  function meet(key: string, kept: KeptChoice, error: Refusal) {
    const theirs = (error.problem as unknown as { theirs: TheirChoice | null }).theirs
    pending.delete(key)
    conflict.value = { kept, theirs }
  }

  /** The choice that met another's: over it, or given up. */
  function decide(which: 'mine' | 'theirs') {
    const met = conflict.value
    if (!met) return
    conflict.value = null
    const key = `${met.kept.person}/${met.kept.block}/${met.kept.station}`
    if (which === 'theirs') {
      settle(key)
      void query.refetch()
    } else void hold({ ...met.kept, version: met.theirs?.version ?? 0 })
  }

  // What was chosen here before, and never answered.
  for (const kept of Object.values(keptChoices.of(id))) void hold(kept)

  /** Takes out a choice that makes no sense any more. */
  const dropSetAside = (choice: FitSheet['set_aside'][number]) =>
    attempt(async () => {
      const path = { id, person: choice.person_id, block: choice.block, station: choice.station }
      await ask(
        api.DELETE('/api/classes/{id}/fit/{person}/{block}/{station}', {
          params: { path, query: { version: choice.version } },
        }),
      )
      await query.refetch()
    })

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

  const moved = useTargets(id, sheet, take)

  return {
    query,
    sheet,
    away,
    errors,
    conflict,
    decide,
    dropSetAside,
    cellsOf,
    ladderOf,
    shown,
    send,
    rung,
    number,
    moved,
    rungs,
  }
}

export type Fit = ReturnType<typeof useFit>
