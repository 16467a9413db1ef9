import { t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useDebounceFn } from '@vueuse/core'
import { computed, onScopeDispose, shallowRef, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import { useMovements, useVariations } from '@/lib/api/queries'
import { LEVELS, type FitCell, type FitPerson, type FitSheet, type FitStation, type Variation } from '@/lib/api/types'
import { useAttempt } from '@/lib/useAttempt'
import { delivery } from '@/lib/delivery/delivery'
import { choices, keyOfChoice, type Choice, type KeptChoice } from './delivery'
import { useTargets } from './useTargets'

export type { Choice } from './delivery'

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
  /** Choices of this class that are on their way to the server, or were not taken. */
  const mine = computed(() => choices.items.value.filter((item) => item.body.classId === id))
  const onTheWay = computed(() => mine.value.some((item) => !item.refused))
  watch(query.data, (data) => data && !onTheWay.value && (sheet.value = data), { immediate: true })
  /** A choice that met another's: it waits until somebody has decided. */
  const conflict = computed<ChoiceConflict | null>(() => {
    const met = mine.value.find((item) => item.refused?.status === 409)
    if (!met) return null
    const { theirs } = met.refused!.problem as unknown as { theirs: TheirChoice | null }
    return { kept: met.body, theirs }
  })
  /** The server does not answer: choices are kept here and sent when it does. */
  const away = computed(() => delivery.away.value && onTheWay.value)

  const variations = useVariations()
  const keyOf = (person: FitPerson, cell: FitCell) =>
    keyOfChoice({ classId: id, person: person.id, block: cell.block, station: cell.station })

  /** Somebody's cells in the order of the stations that are shown. */
  function cellsOf(person: FitPerson, stations: FitStation[]): FitCell[] {
    const held = new Map(person.cells.map((cell) => [`${cell.block}/${cell.station}`, cell]))
    return stations.flatMap((station) => held.get(`${station.block}/${station.station}`) ?? [])
  }

  function ladderOf(cell: FitCell): Variation[] {
    const station = sheet.value?.stations.find((held) => held.block === cell.block && held.station === cell.station)
    // A level may do another movement than the station's: then its ladder is gone along.
    const asked = LEVELS.map((level) => station?.levels[level].variation?.split('.')[0])
    const done = cell.variation?.split('.')[0]
    const id = asked.includes(done) ? done : station?.movement
    return (movements.data.value ?? []).find((movement) => movement.id === id)?.ladder ?? []
  }

  /** One person's row at once; what that moves for others, by shared kit, a little later. */
  const refetch = useDebounceFn(() => query.refetch(), 500)
  function takeRow(row: FitPerson) {
    if (!sheet.value) return
    // A sheet that was asked for before would bring back what stood there.
    void queries.cancelQueries({ queryKey: ['fit', id] })
    sheet.value = { ...sheet.value, people: sheet.value.people.map((held) => (held.id === row.id ? row : held)) }
    void refetch()
  }

  function take(now: FitSheet) {
    sheet.value = now
    queries.setQueryData(['fit', id], now)
  }

  function send(person: FitPerson, cell: FitCell, choice: Choice | null) {
    // A choice on a choice that is still on its way is made over the same version.
    const waiting = choices.get(keyOf(person, cell))
    return put({
      classId: id,
      person: person.id,
      block: cell.block,
      station: cell.station,
      choice,
      version: waiting?.body.version ?? cell.choice_version,
    })
  }

  const put = (kept: KeptChoice) => choices.put(keyOfChoice(kept), t('common.fit_sheet'), kept)

  onScopeDispose(
    choices.on((item, outcome) => {
      if (item.body.classId !== id) return
      if (outcome.kind === 'sent' && outcome.data.person && !choices.get(item.key)) takeRow(outcome.data.person)
      if (outcome.kind !== 'refused' || outcome.refusal.status === 409) return
      choices.drop(item.key)
      void refetch()
      void attempt(() => Promise.reject(outcome.refusal))
    }),
  )

  /** The choice that met another's: over it, or given up. */
  function decide(which: 'mine' | 'theirs') {
    const met = conflict.value
    if (!met) return
    if (which === 'mine') return void put({ ...met.kept, version: met.theirs?.version ?? 0 })
    choices.drop(keyOfChoice(met.kept))
    void query.refetch()
  }

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
    const item = choices.get(keyOf(person, cell))
    const waiting = item && !item.refused ? (item.body.choice ?? {}) : null
    if (!waiting) return { variation: cell.variation, number: cell.number, name: cell.name, waiting: false }
    const variation = waiting.variation ?? cell.variation
    return {
      variation,
      number: waiting.number ?? (waiting.variation ? null : cell.number),
      name: (variation && variations.value.get(variation)?.name) || cell.name,
      waiting: true,
    }
  }

  /** The next variation of the ladder that nothing rules out. */
  function variation(person: FitPerson, cell: FitCell, step: 1 | -1) {
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

  /** What is offered to who is ready for more, taken. */
  function stepUp(person: FitPerson, cell: FitCell) {
    const step = cell.step_up
    if (step?.variation) void send(person, cell, { variation: step.variation, number: step.number ?? undefined })
  }

  const moved = useTargets(id, sheet, take)

  return {
    id,
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
    variation,
    number,
    stepUp,
    moved,
    variations,
  }
}

export type Fit = ReturnType<typeof useFit>
