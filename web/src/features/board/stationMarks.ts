import { LEVELS, type Station } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { BY_ROUND } from '@/lib/typed'
import { isMixed } from './level'

/** What a station has of its own, in a few words each: beside its name, where it is not opened. */
export function stationMarks(station: Station, isOneForAll: boolean): string[] {
  const marks: string[] = []
  if (station.optional) marks.push(t('board.a_bonus'))
  if (isOneForAll) marks.push(t('board.for_all'))
  else if (isMixed(station)) marks.push(t('board.levels_differ'))
  if (station.scaling) marks.push(t('board.by_readable', { readable: readable(station.scaling) }))
  if (station.sides === 'split') marks.push(t('board.half_a_side_2'))
  if (station.sides === 'each') marks.push(t('board.each_side'))
  if (station.work_s !== undefined) marks.push(t('board.work_work_s_s', { work_s: BY_ROUND.show(station.work_s) }))
  if (station.rest_ratio !== undefined) marks.push(t('board.rest_times_own_work', { ratio: station.rest_ratio }))
  else if (station.rest_s !== undefined) marks.push(t('board.rest_rest_s_s', { rest_s: BY_ROUND.show(station.rest_s) }))
  if (station.in_rounds) marks.push(t('board.rounds_n', { n: station.in_rounds.join(', ') }))
  if (LEVELS.some((level) => station.levels[level].work_s !== undefined)) marks.push(t('board.own_stops'))
  return marks
}
