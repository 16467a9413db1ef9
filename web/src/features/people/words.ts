import { t } from '@/lib/text'
import type { Screening } from '@/lib/api/types'
import { onTheWall } from '@/lib/clockText'

/** Where the answers leave somebody, for the instructor's eyes. */
export const SCREENING_WORDS: Record<Screening, string> = {
  not_asked: t('people.not_screened'),
  clear: t('people.screened'),
  see_instructor: t('people.talk_first'),
  cleared: t('people.cleared_by_a_professional'),
}

/** The day where the studio is, as the server wants it. */
export function todayText(date = new Date()): string {
  return onTheWall(date).day
}
