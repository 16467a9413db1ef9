import type { Screening } from '@/lib/api/types'
import { onTheWall } from '@/lib/clockText'

/** Where the answers leave somebody, for the instructor's eyes. */
export const SCREENING_WORDS: Record<Screening, string> = {
  not_asked: 'Not screened',
  clear: 'Screened',
  see_instructor: 'Talk first',
  cleared: 'Cleared by a professional',
}

/** The day where the studio is, as the server wants it. */
export function todayText(date = new Date()): string {
  return onTheWall(date).day
}
