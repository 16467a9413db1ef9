import type { AttendanceEntry, ExceptionEntry, Level, LogSheet, PainWhere } from '@/api/types'
import type { Typed } from '@/board/document'

/** One person's line on the log sheet, as typed so far. */
export interface Line {
  person_id: string
  name: string
  present: boolean
  lane: Level
  effort: Typed
  pain: PainWhere | null
  note: string
  /** By "block/station": only what differs from the plan. */
  exceptions: Record<string, { level?: Level; reps?: Typed; reps_left?: Typed; skipped?: boolean }>
}

export interface Typing {
  /** The log's version that this was typed over. */
  log_version: number
  everybody: Typed
  note: string
  lines: Line[]
}

export const PAIN_WHERE: { value: PainWhere; label: string }[] = [
  { value: 'knee', label: 'Knee' },
  { value: 'hip', label: 'Hip' },
  { value: 'ankle', label: 'Ankle' },
  { value: 'lower_back', label: 'Lower back' },
  { value: 'neck', label: 'Neck' },
  { value: 'shoulder', label: 'Shoulder' },
  { value: 'elbow', label: 'Elbow' },
  { value: 'wrist', label: 'Wrist' },
  { value: 'chest', label: 'Chest' },
  { value: 'elsewhere', label: 'Elsewhere' },
]

export const keyOf = (station: { block: string; station: string }) => `${station.block}/${station.station}`

/** Everybody there and as planned, or what was logged before. */
export function typingOf(sheet: LogSheet): Typing {
  const logged = new Map(sheet.attendances.map((attendance) => [attendance.person_id, attendance]))
  const lines = sheet.people.map((person): Line => {
    const before = logged.get(person.id)
    return {
      person_id: person.id,
      name: person.name,
      present: before?.present ?? true,
      lane: before?.lane ?? person.lane,
      effort: before?.effort ?? undefined,
      pain: before?.pain ?? null,
      note: before?.note ?? '',
      exceptions: Object.fromEntries(
        (before?.results ?? [])
          .filter((result) => !result.planned)
          .map((result) => [
            keyOf(result),
            {
              level: result.level,
              reps: result.reps ?? undefined,
              reps_left: result.reps_left ?? undefined,
              skipped: result.skipped,
            },
          ]),
      ),
    }
  })
  return { log_version: sheet.log_version, everybody: undefined, note: sheet.note ?? '', lines }
}

/** What is sent: a person's own effort, else everybody's. */
export function attendancesOf(typing: Typing): AttendanceEntry[] {
  return typing.lines.map((line) => ({
    person_id: line.person_id,
    present: line.present,
    lane: line.lane,
    effort: (line.present ? (line.effort ?? typing.everybody ?? null) : null) as number | null,
    pain: line.pain,
    note: line.note.trim() || null,
    exceptions: line.present ? exceptionsOf(line) : [],
  }))
}

function exceptionsOf(line: Line): ExceptionEntry[] {
  return Object.entries(line.exceptions)
    .filter(([, exception]) => Object.values(exception).some((value) => value !== undefined && value !== false))
    .map(([key, exception]) => {
      const [block, station] = key.split('/') as [string, string]
      return {
        block,
        station,
        level: exception.level ?? null,
        reps: (exception.reps ?? null) as number | null,
        reps_left: (exception.reps_left ?? null) as number | null,
        skipped: exception.skipped ?? false,
      }
    })
}

export function countExceptions(line: Line): number {
  return exceptionsOf(line).length
}
