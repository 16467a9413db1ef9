import type { Block, Format } from '@/api/types'

// How each format is offered and which numbers it is set by. What they mean is
// the server's; this is where the fields stand and what they are called.

export const FORMATS: { value: Format; label: string; says: string }[] = [
  { value: 'intervals', label: 'Timed intervals', says: 'Work and rest are called for everybody.' },
  { value: 'every_minute', label: 'Every minute', says: 'A set at each minute; what is left of it is rest.' },
  { value: 'rounds', label: 'Rounds of reps', says: 'Set reps, so many times round, at one’s own pace.' },
  { value: 'amrap', label: 'As many rounds as possible', says: 'Round after round until the time is up.' },
  {
    value: 'chipper',
    label: 'One exercise after the other',
    says: 'All of one station before the next, once through.',
  },
  { value: 'ladder', label: 'Ladder', says: 'A total per station, spread over the rounds.' },
  { value: 'quota', label: 'Daily total', says: 'Minimum to maximum, in sets through the day.' },
]

export type NumberKey =
  | 'work_s'
  | 'rest_s'
  | 'rounds'
  | 'round_rest_s'
  | 'get_ready_s'
  | 'interval_s'
  | 'cap_s'
  | 'target_s'
  | 'set_rest_s'
  | 'switch_s'

export interface ClockField {
  key: NumberKey
  label: string
  unit?: string
  hint?: string
  needed?: boolean
}

const READY: ClockField = { key: 'get_ready_s', label: 'Get ready', unit: 's', hint: '0' }
const ROUNDS: ClockField = { key: 'rounds', label: 'Rounds', needed: true }
const ROUND_REST: ClockField = { key: 'round_rest_s', label: 'Round rest', unit: 's', hint: 'rest' }
const PACED_REST: ClockField = { key: 'rest_s', label: 'Rest', unit: 's', hint: '0' }
const CAP: ClockField = { key: 'cap_s', label: 'Cap', unit: 's', hint: 'none' }
const TARGET: ClockField = { key: 'target_s', label: 'Aim at', unit: 's', hint: 'none' }

export const CLOCK_FIELDS: Record<Format, ClockField[]> = {
  intervals: [
    { key: 'work_s', label: 'Work', unit: 's', needed: true },
    { key: 'rest_s', label: 'Rest', unit: 's', needed: true },
    ROUNDS,
    ROUND_REST,
    READY,
  ],
  every_minute: [{ key: 'interval_s', label: 'A start every', unit: 's', hint: '60' }, ROUNDS, READY],
  rounds: [ROUNDS, PACED_REST, ROUND_REST, CAP, TARGET, READY],
  amrap: [{ ...CAP, label: 'Time', needed: true, hint: undefined }, READY],
  chipper: [CAP, TARGET, { key: 'set_rest_s', label: 'Rest between sets', unit: 's', hint: 'house' }, READY],
  ladder: [ROUNDS, PACED_REST, ROUND_REST, CAP, TARGET, READY],
  quota: [],
}

const LEVELLED: Format[] = ['intervals', 'every_minute', 'rounds', 'ladder']
const ESCALATING: Format[] = ['intervals', 'every_minute', 'rounds']
const ROTATING: Format[] = ['intervals', 'every_minute']
const GATED: Format[] = ['rounds', 'ladder', 'chipper']

export const formatOf = (block: Block) => block.format as Format
export const takesRoundsByLevel = (block: Block) => LEVELLED.includes(formatOf(block))
export const takesEscalation = (block: Block) => ESCALATING.includes(formatOf(block))
export const takesRotation = (block: Block) => ROTATING.includes(formatOf(block))
export const takesGate = (block: Block) => GATED.includes(formatOf(block))
export const isPaced = (block: Block) => ['rounds', 'amrap', 'chipper', 'ladder'].includes(block.format)

export const GATES = [
  { value: 'round', label: 'All wait at each round' },
  { value: 'station', label: 'All wait at each station' },
  { value: 'free', label: 'Nobody waits' },
] as const

export const SHAPES = [
  { value: 'descending', label: 'falling' },
  { value: 'ascending', label: 'rising' },
  { value: 'pyramid', label: 'up and down' },
  { value: 'flat', label: 'even' },
  { value: 'typed', label: 'typed' },
] as const
