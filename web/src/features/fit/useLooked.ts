import { useMediaQuery, useSwipe } from '@vueuse/core'
import { computed, ref, type ShallowRef } from 'vue'
import { LEVELS } from '@/lib/api/types'
import { t } from '@/lib/text'
import type { Fit } from './useFit'

export const FILTERS = [
  { value: 'all', label: t('fit.everybody') },
  { value: 'attention', label: t('fit.needs_attention') },
  { value: 'limits', label: t('fit.with_limits') },
  { value: 'new', label: t('fit.new_or_not_screened') },
]
export const ORDERS = [
  { value: 'name', label: t('fit.by_name') },
  { value: 'level', label: t('common.by_level') },
]

/** Who and what of the sheet is looked at: the filter and the order, and the cell. */
export function useLooked(fit: Fit, table: Readonly<ShallowRef<HTMLElement | null>>) {
  const filter = ref('all')
  const order = ref('name')
  const all = ref(false)
  const at = ref({ row: 0, column: 0 })

  const stations = computed(() =>
    (fit.sheet.value?.stations ?? []).filter((station) => all.value || ['main', 'finisher'].includes(station.role)),
  )
  const people = computed(() =>
    (fit.sheet.value?.people ?? [])
      .filter((person) => {
        if (filter.value === 'attention') return person.attention
        if (filter.value === 'limits') return person.limits.length > 0 || person.sore.length > 0
        if (filter.value === 'new') return person.new || ['not_asked', 'see_instructor'].includes(person.screening)
        return true
      })
      .sort((one, other) => (order.value === 'level' ? LEVELS.indexOf(one.level) - LEVELS.indexOf(other.level) : 0)),
  )
  const person = computed(() => people.value[Math.min(at.value.row, people.value.length - 1)])
  const station = computed(() => stations.value[Math.min(at.value.column, stations.value.length - 1)])
  const cell = computed(() =>
    person.value?.cells.find((one) => one.block === station.value?.block && one.station === station.value?.station),
  )
  /** On a telephone a person a line, and one station at a time: by the arrows, or by a swipe. */
  const narrow = useMediaQuery('(max-width: 44rem)')
  const open = ref(false)
  const shownStations = computed(() => (narrow.value && station.value ? [station.value] : stations.value))
  const shownAt = computed({
    get: () => (narrow.value ? { row: at.value.row, column: 0 } : at.value),
    set: (to) => (at.value = narrow.value ? { ...at.value, row: to.row } : to),
  })
  const turn = (by: number) =>
    (at.value = { ...at.value, column: Math.max(0, Math.min(stations.value.length - 1, at.value.column + by)) })
  useSwipe(table, {
    onSwipeEnd: (_event, direction) =>
      narrow.value && (direction === 'left' ? turn(1) : direction === 'right' ? turn(-1) : undefined),
  })
  /** To the row of somebody, at the first station that is not as their level's plan. */
  function pick(id: string) {
    const row = people.value.findIndex((one) => one.id === id)
    const other = people.value[row]?.cells.find((held) => ['sit_out', 'substitute'].includes(held.kind))
    const column = stations.value.findIndex((held) => held.block === other?.block && held.station === other?.station)
    at.value = { row: Math.max(row, 0), column: Math.max(column, 0) }
  }

  return {
    filter,
    order,
    all,
    at,
    people,
    stations,
    person,
    station,
    cell,
    narrow,
    open,
    shownStations,
    shownAt,
    turn,
    pick,
  }
}
