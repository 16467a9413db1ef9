import type { Block, Format, Movement, Prescription } from '@/lib/api/types'
import { LEVELS } from '@/lib/api/types'
import { searchMovements } from '@/features/movements/findMovements'
import { addStation, variationOf } from './document'

// A list from elsewhere, one movement a line, with or without numbers: “10 push-ups”, “plank 40s”, “jump squat 3x8”.

export interface PastedLine {
  text: string
  /** What it may be, the likeliest first; none where nothing of that name is known. */
  movements: Movement[]
  /** The version by whose name it was found. */
  version?: string
  reps?: { min: number; max: number }
  seconds?: number
  sets?: number
}

const MOST_OFFERED = 5
const UNITS: [RegExp, number][] = [
  [/(\d+(?:[.,]\d+)?)\s*(?:minutes?|mins?|min|m)\b\.?/i, 60],
  [/(\d+)\s*(?:seconds?|secs?|sec|s|["″])(?![\p{L}])/iu, 1],
]
const SETS = /(\d+)\s*(?:sets?\s*(?:of)?|[x×])\s*(\d+)(?:\s*[-–]\s*(\d+))?/i
const CLOCK = /\b(\d{1,2}):([0-5]\d)\b/
const REPS = /(?:^|[\s:x×])(\d+)(?:\s*[-–]\s*(\d+))?(?!\d)/i
const SIDES = /\b(?:per|each|a|\/)\s*(?:side|leg|arm)s?\b/gi
const FILLERS = /\b(?:reps?|repetitions?|times|of|for|hold|sets?)\b/gi
const BULLET = /^\s*(?:[-*•–▪◦]|\d+[.)](?=\s))\s*/

/** @param text as it was pasted; empty lines are left out */
export const readList = (text: string, movements: Movement[]): PastedLine[] =>
  text
    .split(/\r?\n/)
    .map((line) => line.replace(BULLET, '').trim())
    .filter(Boolean)
    .map((line) => readLine(line, movements))

function readLine(text: string, movements: Movement[]): PastedLine {
  const line: PastedLine = { text, movements: [] }
  let rest = text.replace(SIDES, ' ')
  const take = (pattern: RegExp) => {
    const found = rest.match(pattern)
    if (found) rest = rest.replace(found[0], ' ')
    return found
  }
  const clock = take(CLOCK)
  if (clock) line.seconds = Number(clock[1]) * 60 + Number(clock[2])
  // “3 x 40 s” are sets of seconds.
  const setsOf = rest.match(/(\d+)\s*[x×]\s*(?=\d+\s*(?:s|sec|min|m)\b)/i)
  if (setsOf) {
    line.sets = Number(setsOf[1])
    rest = rest.replace(setsOf[0], ' ')
  }
  for (const [unit, seconds] of UNITS) {
    const found = line.seconds === undefined ? take(unit) : null
    if (found) line.seconds = Math.round(Number(found[1]!.replace(',', '.')) * seconds)
  }
  const sets = take(SETS)
  if (sets) {
    line.sets = Number(sets[1])
    line.reps = range(sets[2]!, sets[3])
  } else if (line.seconds === undefined) {
    const reps = take(REPS)
    if (reps) line.reps = range(reps[1]!, reps[2])
  }
  const name = rest
    .replace(FILLERS, ' ')
    .replace(/[x×:,;()/]+(?=\s|$)/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim()
  const found = name ? searchMovements(movements, name) : []
  line.movements = found.slice(0, MOST_OFFERED).map(({ movement }) => movement)
  line.version = found[0]?.variation?.id
  return line
}

function range(low: string, high: string | undefined) {
  const [min, max] = [Number(low), Number(high ?? low)].sort((one, other) => one - other) as [number, number]
  return { min, max }
}

/** Each line that was understood becomes a station, its number the same for all levels that count. */
export function addLines(block: Block, lines: { line: PastedLine; movement: Movement }[], format: Format | undefined) {
  for (const { line, movement } of lines) {
    const station = addStation(block, movement, format)
    const version = movement.id === line.movements[0]?.id ? line.version : undefined
    for (const level of LEVELS) {
      const cell = station.levels[level]
      if (version && level === 'intermediate') chooseVersion(cell, version)
      if (!format?.day_sets) put(cell, line, movement)
    }
  }
  const sets = lines[0]?.line.sets
  if (sets && 'rounds' in block && lines.every(({ line }) => line.sets === sets)) block.rounds = sets
}

function chooseVersion(cell: Prescription, version: string) {
  cell.variation = version
  delete cell.reps
  delete cell.hold_s
}

function put(cell: Prescription, line: PastedLine, movement: Movement) {
  const variation = variationOf(movement, cell)
  if (line.reps && variation?.measure === 'reps') {
    cell.reps = line.reps.min === line.reps.max ? line.reps.max : { ...line.reps }
    delete cell.hold_s
  }
  if (line.seconds && variation) {
    if (variation.measure === 'hold') cell.hold_s = line.seconds
    else cell.work_s = line.seconds
    delete cell.reps
  }
}
