import type { Screening } from '@/api/types'
import { onTheWall } from '@/components/clockText'

/** Where the answers leave somebody, for the instructor's eyes. */
export const SCREENING_WORDS: Record<Screening, string> = {
  not_asked: 'not screened yet',
  clear: 'screened, nothing to see to',
  see_instructor: 'a «yes» to talk about first',
  cleared: 'cleared by a professional',
}

/** The day where the studio is, as the server wants it. */
export function todayText(date = new Date()): string {
  return onTheWall(date).day
}
