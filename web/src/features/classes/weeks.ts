import type { ClassLine } from '@/lib/api/types'
import { dayAndMonth } from '@/lib/clockText'
import { t } from '@/lib/text'

/** Lines that follow each other in one week, under its first day. */
export function byWeek<Line extends Pick<ClassLine, 'week'>>(lines: Line[]): { week: string; held: Line[] }[] {
  const weeks: { week: string; held: Line[] }[] = []
  for (const line of lines) {
    const last = weeks.at(-1)
    if (last?.week === line.week) last.held.push(line)
    else weeks.push({ week: line.week, held: [line] })
  }
  return weeks
}

const DAY_MS = 86_400_000

/** “Next week”, or “Week from 7 December” where it is further away. */
export function weekText(week: string, thisWeek: string): string {
  const away = Math.round((Date.parse(week) - Date.parse(thisWeek)) / (7 * DAY_MS))
  if (away === 0) return t('classes.this_week')
  if (away === 1) return t('classes.next_week')
  if (away === -1) return t('classes.last_week')
  return t('classes.week_from', { day: dayAndMonth(week) })
}
