import { computed } from 'vue'
import { LEVELS, type Level, type Station } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { weightText } from '@/lib/units'
import { partsOf, versionOf } from './level'
import { targetHint } from './target'
import { useBoard } from './useBoard'

export interface CellPlace {
  station: Station
  levels: Level[]
  blockIndex: number
  stationIndex: number
  blockId: string
}

/** What a cell says of its level, and how it changes it: where all levels are given the same, all of them. */
export function useCell(props: CellPlace) {
  const board = useBoard()
  const level = computed(() => props.levels[0]!)
  const prescription = computed(() => props.station.levels[level.value])
  const variation = computed(() => versionOf(board.movement, props.station, level.value))
  const pointers = computed(() =>
    props.levels.map((level) => `/blocks/${props.blockIndex}/stations/${props.stationIndex}/levels/${level}`),
  )
  const error = computed(() => pointers.value.map((pointer) => board.errorBelow(pointer)).find(Boolean))
  const figures = computed(
    () =>
      board.blockPreview(props.blockId)?.stations.find((station) => station.id === props.station.id)?.levels[
        level.value
      ],
  )
  const block = computed(() => board.document.value.blocks[props.blockIndex])
  const isDay = computed(() => board.format(block.value)?.tally === 'day')
  const tooMany = computed(() => figures.value?.fits != null && figures.value.reps_counted > figures.value.fits)
  const low = computed(() => figures.value?.reserve && figures.value.reserve.left < 0)

  /** What the number comes to: both numbers where they differ, what the set takes, how many the window has time for. */
  const beside = computed(() => {
    const cell = figures.value
    if (!cell || prescription.value.sits_out) return ''
    if (cell.per_round) return `${cell.target}${cell.moves === cell.reps_counted ? ` = ${cell.reps_counted}` : ''}`
    if (cell.reps_counted === 0 || isDay.value) return cell.target
    const numbers =
      cell.moves === cell.reps_counted
        ? t('board.reps')
        : t('board.reps_counted_counted_moves_moves', { reps_counted: cell.reps_counted, moves: cell.moves })
    const parts = [numbers]
    if (cell.fits === null && cell.set_s) parts.push(t('board.about_set_s_s', { set_s: cell.set_s }))
    if (cell.left_s !== undefined && cell.left_s > 0) parts.push(t('board.left_s_s_left', { left_s: cell.left_s }))
    else if (cell.fits !== null) parts.push(t('board.fits_fit', { fits: cell.fits }))
    return parts.join(', ')
  })
  /** What is told even where nobody edits: a number for each round, a day's total, what parts come to. */
  const always = computed(
    () =>
      !prescription.value.sits_out &&
      (Boolean(figures.value?.per_round) || isDay.value || Boolean(partsOf(props.station, level.value))),
  )
  /** The moves that a number comes to where they are more; and where rounds escalate, in which it is done first. */
  const both = computed(() => {
    const cell = figures.value
    const round = block.value?.escalate ? t('board.from_round', { round: LEVELS.indexOf(level.value) + 1 }) : ''
    const moves =
      cell && !always.value && cell.moves !== cell.reps_counted ? t('board.comes_to', { moves: cell.moves }) : ''
    return [moves, round].filter(Boolean).join(' ')
  })
  const beyond = computed(() => [
    ...(figures.value?.tempo ? [t('board.tempo_tempo', { tempo: figures.value.tempo })] : []),
    ...(figures.value?.load_kg ? [weightText(figures.value.load_kg)] : []),
    ...(prescription.value.note ? [prescription.value.note] : []),
  ])
  /** A number that the school filled in stands where one would be typed. */
  const hint = computed(() => {
    const cell = figures.value
    if (prescription.value.sits_out) return '–'
    if (props.station.ladder) return t('board.hint_ladder')
    const filled = cell?.filled?.find((key) => ['reps', 'hold_s', 'work_s'].includes(key))
    return filled && cell?.filled_as ? cell.filled_as : targetHint(variation.value)
  })
  const reserveText = computed(() => {
    const reserve = figures.value?.reserve
    if (!reserve) return ''
    return t('board.estimate_for_a_level_left_n', {
      level: readable(level.value),
      left: reserve.left,
      n: reserve.unit === 's' ? t('board.seconds') : t('board.reps'),
      round: reserve.round,
    })
  })

  function change(label: string, work: (station: Station, level: Level) => void, key = '') {
    board.edit(
      label,
      (draft) => {
        const station = draft.blocks[props.blockIndex]?.stations?.[props.stationIndex]
        if (station) for (const level of props.levels) work(station, level)
      },
      key && `${pointers.value[0]}/${key}`,
    )
  }

  return {
    board,
    level,
    prescription,
    variation,
    error,
    figures,
    isDay,
    isAmiss: computed(() => Boolean(tooMany.value || low.value)),
    beside,
    always,
    both,
    beyond,
    hint,
    reserveText,
    change,
  }
}
