import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { computed, shallowRef, type Ref } from 'vue'
import { api, ask, Refusal } from '@/lib/api/client'
import type { FitNeed, FitSheet } from '@/lib/api/types'
import type { ConflictRow, Picks } from '@/lib/conflict'
import { useAttempt } from '@/lib/useAttempt'

type Target = FitNeed['to']

/** A target in words: "Knee push-up: 8". */
export const targetWords = (target: Target) => [target.name, target.target].filter(Boolean).join(': ')

/**
 * The class's own targets, moved to its people. What is written is what was shown;
 * where somebody else changed the class meanwhile, both targets are held side by side.
 */
export function useTargets(id: string, sheet: Ref<FitSheet | null>, take: (now: FitSheet) => void) {
  const { attempt } = useAttempt()
  /** What was asked for when somebody else was first. */
  const met = shallowRef<FitNeed[] | null>(null)

  const move = (wanted: FitNeed[]) =>
    attempt(async () => {
      try {
        take(await send(wanted))
      } catch (error) {
        if (!(error instanceof Refusal && error.status === 409)) throw error
        take((error.problem as unknown as { theirs: FitSheet }).theirs)
        met.value = wanted
      }
    })

  const send = (wanted: FitNeed[]) =>
    ask(
      api.POST('/api/classes/{id}/needs', {
        params: { path: { id } },
        body: {
          take: wanted.map(({ block, station, level, to }) => ({
            block,
            station,
            level,
            variation: to.variation,
            number: to.number,
          })),
          lock_version: sheet.value?.lock_version ?? 1,
        },
      }),
    )

  const now = (need: FitNeed) => sheet.value?.needs.find((held) => held.key === need.key)

  /** The targets that differ: mine, and what the class has by now. */
  const rows = computed<ConflictRow[]>(() =>
    (met.value ?? [])
      .map((need) => ({
        key: need.key,
        label: `${stationName(need)}, ${readable(need.level)}`,
        mine: targetWords(need.to),
        theirs: now(need) ? targetWords(now(need)!.from) : t('fit.not_in_the_circuit_any_more'),
        pick: now(need) ? ('mine' as const) : ('theirs' as const),
      }))
      .filter((row) => row.mine !== row.theirs),
  )

  const stationName = (need: FitNeed) =>
    sheet.value?.stations.find((held) => held.block === need.block && held.station === need.station)?.name ??
    need.to.name ??
    t('fit.a_station')

  function decide(picks: Picks) {
    const mine = (met.value ?? []).filter((need) => picks[need.key] === 'mine')
    met.value = null
    if (mine.length) void move(mine)
  }

  return { move, met, rows, decide, close: () => (met.value = null) }
}
