import type { ClassWhole } from '@/lib/api/types'
import type { Typed } from '@/lib/typed'
import { instantOf, onTheWall } from '@/lib/clockText'
import { todayText } from '@/features/people/words'

/** What is typed of a class: a day and an hour on the wall where the studio is. */
export interface ClassFields {
  day: string
  hour: string
  slot: Typed
  placeId: string | null
  leaderId: string | null
  /** The class's own count of a piece, where it differs from the place's. */
  kit: Record<string, Typed>
  note: string | undefined
  /** Whether steps up are offered or taken here; null is as in the studio. */
  goingUp: ClassWhole['going_up']
}

const EVENING = '18:30'
const DAY_MS = 86_400_000

/** This evening, or tomorrow's where it has begun. */
function nextEvening(now: Date): string {
  const today = todayText(now)
  return now < (instantOf(today, EVENING) ?? now) ? today : onTheWall(new Date(now.getTime() + DAY_MS)).day
}

export const emptyFields = (now = new Date()): ClassFields => ({
  day: nextEvening(now),
  hour: EVENING,
  slot: undefined,
  placeId: null,
  leaderId: null,
  kit: {},
  note: undefined,
  goingUp: null,
})

export function fieldsOf(held: ClassWhole): ClassFields {
  return {
    ...onTheWall(new Date(held.starts_at ?? '')),
    slot: held.slot_minutes ?? undefined,
    placeId: held.place?.id ?? null,
    leaderId: held.leader?.id ?? null,
    kit: { ...(held.kit ?? {}) },
    note: held.note ?? undefined,
    goingUp: held.going_up,
  }
}

export function bodyOf(fields: ClassFields) {
  const counted = Object.entries(fields.kit).filter(([, count]) => count !== undefined)
  return {
    starts_at: instantOf(fields.day, fields.hour)?.toISOString() ?? `${fields.day} ${fields.hour}`,
    slot_minutes: fields.slot as number | undefined,
    place_id: fields.placeId ?? undefined,
    leader_id: fields.leaderId ?? undefined,
    note: fields.note,
    going_up: fields.goingUp ?? undefined,
    kit: counted.length ? (Object.fromEntries(counted) as Record<string, number>) : undefined,
  }
}

export const MOST_WEEKS = 26

/** The same hour on the wall in each of the weeks after the first, whatever the clocks do meanwhile. */
export function weeksAfter(fields: ClassFields, weeks: number): string[] {
  return Array.from({ length: weeks - 1 }, (_, index) => {
    const day = new Date(`${fields.day}T12:00Z`)
    day.setUTCDate(day.getUTCDate() + 7 * (index + 1))
    return instantOf(day.toISOString().slice(0, 10), fields.hour)?.toISOString() ?? ''
  })
}
