import { PAIN_ACTIONS as ACTIONS, PAIN_WHERE as PLACES } from '@/lib/api/vocabulary'
import { headed } from '@/lib/readable'
import type { AttendanceEntry, ExceptionEntry, Level, LogSheet, PainAction, PainWhere } from '@/lib/api/types'
import type { Typed } from '@/lib/typed'

/** One person's line on the log sheet, as typed so far. */
export interface Line {
  person_id: string
  name: string
  present: boolean
  level: Level
  effort: Typed
  pain: PainWhere | null
  /** What was done about it. */
  pain_action: PainAction | null
  note: string
  /** By block: what was typed of those that people pace. */
  blocks: Record<string, BlockTyped>
  /** By "block/station": only what differs from the plan. */
  exceptions: Record<string, Exception>
}

/** Rounds and reps into the next, or the seconds until somebody was through. */
export interface BlockTyped {
  rounds?: Typed
  reps?: Typed
  finish_s?: Typed
}

/** What was done instead: another variation, or another level's way; how many, how long, what was left. */
export interface Exception {
  level?: Level
  variation?: string
  reps?: Typed
  seconds?: Typed
  reps_left?: Typed
  skipped?: boolean
  /** Of a bonus: it was done. */
  done?: boolean
  /** As it is typed: “24 18 12”. */
  per_round?: string
  load_kg?: Typed
  faults?: string[]
}

export interface Typing {
  /** The log's version that this was typed over. */
  log_version: number
  everybody: Typed
  note: string
  lines: Line[]
}

export const PAIN_WHERE: { value: PainWhere; label: string }[] = PLACES.map((value) => ({
  value,
  label: headed(value),
}))
export const PAIN_ACTIONS: { value: PainAction; label: string }[] = ACTIONS.map((value) => ({
  value,
  label: headed(value),
}))

export const keyOf = (station: { block: string; station: string }) => `${station.block}/${station.station}`

/** A class's roster there and as planned; of a run without a class who was counted; or what was logged before. */
export function typingOf(sheet: LogSheet): Typing {
  const logged = new Map(sheet.attendances.map((attendance) => [attendance.person_id, attendance]))
  const lines = sheet.people.map((person): Line => {
    const before = logged.get(person.id)
    return {
      person_id: person.id,
      name: person.name,
      present: before?.present ?? (Boolean(sheet.run.group_class_id) || person.counted.length > 0),
      level: before?.level ?? person.level,
      effort: before?.effort ?? undefined,
      pain: before?.pain ?? null,
      pain_action: before?.pain_action ?? null,
      blocks: Object.fromEntries((before?.blocks ?? []).map(({ block, ...typed }) => [block, typed])),
      note: before?.note ?? '',
      exceptions: Object.fromEntries((before?.exceptions ?? []).map((typed) => [keyOf(typed), exceptionOf(typed)])),
    }
  })
  return { log_version: sheet.log_version, everybody: undefined, note: sheet.note ?? '', lines }
}

/** What was handed in of one station, as it stands in the form. */
const exceptionOf = (typed: ExceptionEntry): Exception => ({
  level: typed.level ?? undefined,
  variation: typed.variation ?? undefined,
  reps: typed.reps ?? undefined,
  seconds: typed.seconds ?? undefined,
  reps_left: typed.reps_left ?? undefined,
  skipped: typed.skipped ?? false,
  done: typed.done ?? undefined,
  per_round: typed.per_round?.join(' '),
  load_kg: typed.load_kg ?? undefined,
  faults: typed.faults ?? undefined,
})

/** Reps that were tapped for somebody, by "block/station". */
export function countedFor(sheet: LogSheet, personId: string) {
  const counted = sheet.people.find((person) => person.id === personId)?.counted ?? []
  return new Map(counted.map((cell) => [keyOf(cell), cell.reps]))
}

/** What the fit of the class gave somebody, by "block/station". */
export function targetsOf(sheet: LogSheet, personId: string) {
  const planned = sheet.people.find((person) => person.id === personId)?.planned_targets
  return planned ? new Map(planned.map((cell) => [keyOf(cell), cell])) : null
}

/** What is sent: a person's own effort, else everybody's. */
export function attendancesOf(typing: Typing): AttendanceEntry[] {
  return typing.lines.map((line) => ({
    person_id: line.person_id,
    present: line.present,
    level: line.level,
    effort: (line.present ? (line.effort ?? typing.everybody ?? null) : null) as number | null,
    pain: line.pain,
    pain_action: line.pain ? line.pain_action : null,
    blocks: line.present ? blocksOf(line) : [],
    note: line.note.trim() || null,
    exceptions: line.present ? exceptionsOf(line) : [],
  }))
}

function blocksOf(line: Line): NonNullable<AttendanceEntry['blocks']> {
  return Object.entries(line.blocks)
    .map(([block, typed]) => ({ block, ...typed }) as NonNullable<AttendanceEntry['blocks']>[number])
    .filter(({ rounds, reps, finish_s: finish }) => [rounds, reps, finish].some((value) => value !== undefined))
}

/** “24 18 12” as numbers; a word that is none goes on as it is, and is refused with its place. */
function perRound(typed: string | undefined): number[] | null {
  const words = (typed ?? '').split(/[\s,;]+/).filter(Boolean)
  return words.length ? words.map((word) => (/^\d+$/.test(word) ? Number(word) : (word as unknown as number))) : null
}

const isTyped = (value: unknown) =>
  value !== undefined && value !== false && value !== '' && !(Array.isArray(value) && !value.length)

function exceptionsOf(line: Line): ExceptionEntry[] {
  return Object.entries(line.exceptions)
    .filter(([, exception]) => Object.values(exception).some(isTyped))
    .map(([key, exception]) => {
      const [block, station] = key.split('/') as [string, string]
      return {
        block,
        station,
        level: exception.level ?? null,
        variation: exception.variation ?? null,
        reps: (exception.reps ?? null) as number | null,
        seconds: (exception.seconds ?? null) as number | null,
        reps_left: (exception.reps_left ?? null) as number | null,
        skipped: exception.skipped ?? false,
        ...(exception.done ? { done: true } : {}),
        per_round: perRound(exception.per_round),
        load_kg: (exception.load_kg ?? null) as number | null,
        faults: exception.faults?.length ? exception.faults : null,
      }
    })
}

export function countExceptions(line: Line): number {
  return exceptionsOf(line).length
}
