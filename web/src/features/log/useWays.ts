import { computed, ref } from 'vue'
import { useMovements, useVariations } from '@/lib/api/queries'
import { LEVELS, type Level, type LogSheet, type PlannedTarget } from '@/lib/api/types'
import { t } from '@/lib/text'
import type { Exception } from './sheet'

const MOST_FOUND = 40

/** A way in which a station can have been done. */
export interface Way {
  value: string
  level: Level
  name: string
  detail?: string
  change: Pick<Exception, 'level' | 'variation'>
}
interface Place {
  station: LogSheet['stations'][number]
  level: Level
  planned: PlannedTarget | null
  exception: Exception
}

/** The ways in which somebody can have done a station, and the one that was chosen. */
export function useWays(props: Place) {
  const movements = useMovements()
  const variations = useVariations()

  /** As planned first; then each level's way, and the other variations of the ladder. */
  const ways = computed<Way[]>(() => {
    const { station, planned, level } = props
    const named = (level: Level) => station.levels[level].name ?? level
    const levels = LEVELS.filter((level) => station.levels[level].target !== null).map((level) => ({
      value: level,
      level,
      name: named(level),
      detail: station.levels[level].target ?? undefined,
      change: { level },
    }))
    const asked = LEVELS.map((level) => station.levels[level].variation)
    const ladders = new Set([station.movement, ...asked.map((id) => id?.split('.')[0])])
    const ladder = (movements.data.value ?? [])
      .filter((movement) => ladders.has(movement.id))
      .flatMap((held) => held.ladder)
    const others = ladder
      .filter((variation) => !asked.includes(variation.id) && variation.id !== planned?.variation)
      .map((variation) => ({
        value: variation.id,
        level: variation.levels[0]!,
        name: variation.name,
        change: { variation: variation.id },
      }))
    const own = planned
      ? [
          {
            value: 'planned',
            level: planned.level,
            name: planned.target === null ? t('log.sit_out') : (planned.name ?? station.name),
            detail: t('log.as_given'),
            change: {},
          },
        ]
      : []
    // Who sits it out by the plan is shown so, and may be given another level's way.
    const out =
      !planned && station.levels[level].target === null
        ? [{ value: level, level, name: t('log.sit_out'), change: {} }]
        : []
    return [
      ...own,
      ...out,
      ...levels.map((way) => (!planned && way.level === level ? { ...way, change: {} } : way)),
      ...others,
    ]
  })
  const chosen = computed(
    () => props.exception.variation ?? props.exception.level ?? (props.planned ? 'planned' : props.level),
  )
  const way = computed<Way | undefined>(() => {
    const known = ways.value.find((held) => held.value === chosen.value)
    const other = known ? undefined : variations.value.get(chosen.value)
    return known ?? (other && { value: other.id, level: other.levels[0]!, name: other.name, change: {} })
  })

  /** Of any other ladder: shown once somebody searches. */
  const sought = ref('')
  const options = computed(() => {
    const words = sought.value.trim().toLowerCase()
    if (!words) return ways.value
    const known = new Set(ways.value.map((held) => held.name))
    const found = [...variations.value.values()]
      .filter((held) => held.name.toLowerCase().includes(words) && !known.has(held.name))
      .slice(0, MOST_FOUND)
      .map((held): Way => ({ value: held.id, level: held.levels[0]!, name: held.name, change: { variation: held.id } }))
    return [...ways.value, ...found]
  })

  return { variations, chosen, way, sought, options }
}
