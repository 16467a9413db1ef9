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
}

export const emptyFields = (): ClassFields => ({
  day: todayText(),
  hour: '18:30',
  slot: undefined,
  placeId: null,
  leaderId: null,
})

export function fieldsOf(held: ClassWhole): ClassFields {
  const at = new Date(held.starts_at ?? '')
  return {
    day: todayText(at),
    hour: `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`,
    slot: held.slot_minutes ?? undefined,
    placeId: held.place?.id ?? null,
    leaderId: held.leader?.id ?? null,
  }
}

export function bodyOf(fields: ClassFields) {
  const at = new Date(`${fields.day}T${fields.hour || '00:00'}`)
  return {
    starts_at: Number.isNaN(at.getTime()) ? `${fields.day} ${fields.hour}` : at.toISOString(),
    slot_minutes: fields.slot as number | undefined,
    place_id: fields.placeId ?? undefined,
    leader_id: fields.leaderId ?? undefined,
  }
}
