import type { ClassWhole } from '@/api/types'
import type { Typed } from '@/board/document'
import { todayText } from '@/people/words'

/** What is typed of a class: a day and an hour on the wall where the reader is. */
export interface ClassFields {
  day: string
  hour: string
  slot: Typed
  placeId: string | null
  leaderId: string | null
  /** The class's own count of a piece, where it differs from the place's. */
  kit: Record<string, Typed>
}

export const emptyFields = (): ClassFields => ({
  day: todayText(),
  hour: '18:30',
  slot: undefined,
  placeId: null,
  leaderId: null,
  kit: {},
})

export function fieldsOf(held: ClassWhole): ClassFields {
  const at = new Date(held.starts_at ?? '')
  return {
    day: todayText(at),
    hour: `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`,
    slot: held.slot_minutes ?? undefined,
    placeId: held.place?.id ?? null,
    leaderId: held.leader?.id ?? null,
    kit: { ...(held.kit ?? {}) },
  }
}

export function bodyOf(fields: ClassFields) {
  const counted = Object.entries(fields.kit).filter(([, count]) => count !== undefined)
  const at = new Date(`${fields.day}T${fields.hour || '00:00'}`)
  return {
    starts_at: Number.isNaN(at.getTime()) ? `${fields.day} ${fields.hour}` : at.toISOString(),
    slot_minutes: fields.slot as number | undefined,
    place_id: fields.placeId ?? undefined,
    leader_id: fields.leaderId ?? undefined,
    kit: counted.length ? (Object.fromEntries(counted) as Record<string, number>) : undefined,
  }
}

export const MOST_WEEKS = 26

/** The same hour on the wall in each of the weeks after the first, whatever the clocks do meanwhile. */
export function weeksAfter(fields: ClassFields, weeks: number): string[] {
  return Array.from({ length: weeks - 1 }, (_, index) => {
    const at = new Date(`${fields.day}T${fields.hour || '00:00'}`)
    at.setDate(at.getDate() + 7 * (index + 1))
    return at.toISOString()
  })
}
