import type { Cue, Level, Preview, Run, Segment, Station } from '@/lib/api/types'
import { headed } from '@/lib/readable'
import { LEVELS } from '@/lib/api/types'

// The run's timeline as the Floor draws it: the server's seconds, stretched by
// what was put in, and looked up by the second.

export interface Plan {
  totalS: number
  lanes: Record<Level, Segment[]>
  cues: Cue[]
  /** Where sections begin: the numeral counts down to the next of these. */
  boundaries: number[]
  blocks: PlanBlock[]
  preview: Preview
  additions: { at_s: number; add_s: number }[]
}

export interface PlanBlock {
  id: string
  title: string
  startS: number
  rounds: number
  /** Its times are predictions: the people pace it. */
  paced: boolean
  capped: boolean
  gates: { endS: number; round: number; waits: boolean }[]
}

/** Stretches whatever holds the instant at_s by add_s; what comes after moves. */
function stretch(segments: Segment[], at: number, by: number): Segment[] {
  return segments.map((segment) => {
    if (segment.start_s > at) return { ...segment, start_s: segment.start_s + by }
    return segment.start_s + segment.seconds > at ? { ...segment, seconds: segment.seconds + by } : segment
  })
}

export function planOf(run: Run, additions: { at_s: number; add_s: number }[]): Plan {
  const preview = run.preview
  const lanes = Object.fromEntries(
    LEVELS.map((level) => [level, preview.blocks.flatMap((block) => block.lanes[level].segments)]),
  ) as Plan['lanes']
  const titles = new Map(run.document.blocks.map((block) => [block.id, block.title || headed(block.role)]))
  const plan: Plan = {
    totalS: preview.total_s,
    lanes,
    cues: preview.cues,
    boundaries: preview.sections,
    blocks: preview.blocks.map((block) => ({
      id: block.id,
      title: titles.get(block.id) ?? '',
      startS: block.start_s,
      rounds: block.rounds,
      paced: block.paced,
      capped: block.tally === 'rounds' || (block.gates ?? []).some((gate) => !gate.waits),
      gates: (block.gates ?? []).map((gate) => ({ endS: gate.end_s, round: gate.round, waits: gate.waits })),
    })),
    preview,
    additions,
  }
  for (const { at_s: at, add_s: by } of additions) {
    for (const level of LEVELS) plan.lanes[level] = stretch(plan.lanes[level], at, by)
    plan.cues = plan.cues.map((cue) => (cue.at_s > at ? { ...cue, at_s: cue.at_s + by } : cue))
    plan.boundaries = plan.boundaries.map((second) => (second > at ? second + by : second))
    plan.blocks = plan.blocks.map((block) => ({
      ...block,
      startS: block.startS > at ? block.startS + by : block.startS,
      gates: block.gates.map((gate) => (gate.endS > at ? { ...gate, endS: gate.endS + by } : gate)),
    }))
    plan.totalS += by
  }
  return plan
}

/** The preview with stretched lanes, for the lane chart. */
export function stretched(plan: Plan): Preview {
  const ends = plan.blocks.map((_, index) => plan.blocks[index + 1]?.startS ?? plan.totalS)
  return {
    ...plan.preview,
    total_s: plan.totalS,
    blocks: plan.preview.blocks.map((block, index) => {
      const from = plan.blocks[index]!.startS
      const until = ends[index]!
      const lanes = Object.fromEntries(
        LEVELS.map((level) => [
          level,
          {
            ...block.lanes[level],
            segments: plan.lanes[level].filter((segment) => segment.start_s >= from && segment.start_s < until),
          },
        ]),
      ) as typeof block.lanes
      return { ...block, start_s: from, total_s: until - from, lanes }
    }),
  }
}

export function segmentAt(segments: Segment[], second: number): Segment | undefined {
  return segments.find((segment) => segment.start_s <= second && second < segment.start_s + segment.seconds)
}

const RANK: Segment['kind'][] = ['work', 'switch', 'transition', 'ready', 'rest', 'pause', 'waiting', 'done']

export interface Moment {
  kind: Segment['kind']
  /** Seconds until the section ends. */
  leftS: number
  blockId: string
  blockTitle: string
  rounds: number
  round: number | undefined
  station: string | undefined
  side: Segment['side']
  lanes: Record<Level, { kind: Segment['kind']; leftS: number; sinceS: number; level: Level; workLeftS: number }>
  /** The block is paced by the people, and this is about when. */
  paced: boolean
  /** The second of the plan as it was made, before anything was added. */
  plannedS: number
  /** The station that comes after this one, with its round. */
  next: { station: string; blockId: string; round: number; levels: Level[] } | undefined
}

export function momentAt(plan: Plan, second: number): Moment {
  const now = Math.min(second, plan.totalS - 0.001)
  const block = plan.blocks.findLast((candidate) => candidate.startS <= now) ?? plan.blocks[0]
  const current = LEVELS.map((level) => segmentAt(plan.lanes[level], now))
  const first = [...current].sort(
    (one, other) => RANK.indexOf(one?.kind ?? 'done') - RANK.indexOf(other?.kind ?? 'done'),
  )[0]
  const leading = first?.kind === 'rest' ? (partnersTurn(plan, now) ?? first) : first
  const boundary = plan.boundaries.find((instant) => instant > now) ?? plan.totalS
  const working = leading?.kind === 'work' || leading?.kind === 'switch'
  const upcoming = upcomingWork(plan, now, working ? leading : undefined)
  const shown = working ? leading : upcoming
  const inBlock = plan.blocks.findLast((candidate) => candidate.startS <= (shown?.start_s ?? now)) ?? block
  const paced = Boolean(block?.paced && leading?.kind !== 'ready')
  const gate = paced ? block?.gates.find((held) => held.endS > now) : undefined
  return {
    kind: leading?.kind ?? 'done',
    leftS: boundary - now,
    paced,
    plannedS: plannedSecond(plan, now),
    blockId: paced ? block!.id : working || !upcoming ? (block?.id ?? '') : (inBlock?.id ?? ''),
    blockTitle: block?.title ?? '',
    rounds: inBlock?.rounds ?? 1,
    round: gate && block?.id === inBlock?.id ? gate.round : inBlock?.id === block?.id ? shown?.round : undefined,
    station: shown?.station,
    side: working ? leading?.side : undefined,
    lanes: Object.fromEntries(
      LEVELS.map((level, index) => [level, laneAt(plan, level, current[index], now)]),
    ) as Moment['lanes'],
    next:
      (working || leading?.kind === 'pause') && upcoming?.station
        ? {
            station: upcoming.station,
            blockId: blockOf(plan, upcoming),
            round: upcoming.round ?? 1,
            levels: levelsAt(plan, upcoming),
          }
        : undefined,
  }
}

/** While who is drawn in the lanes rests, the other group may be at work. */
function partnersTurn(plan: Plan, now: number): Segment | undefined {
  const planned = plannedSecond(plan, now)
  const turn = plan.preview.blocks
    .flatMap((block) => (block.groups ?? []).flatMap((group) => group.stops))
    .find((stop) => stop.start_s <= planned && planned < stop.start_s + stop.seconds)
  return turn && { ...turn, kind: 'work', start_s: turn.start_s + now - planned }
}

/** The second of the plan as it was made, before anything was added. */
export function plannedSecond(plan: Plan, now: number): number {
  return plan.additions.reduceRight((second, { at_s: at, add_s: by }) => {
    if (second <= at) return second
    return Math.max(at, second - by)
  }, now)
}

function laneAt(plan: Plan, level: Level, segment: Segment | undefined, now: number) {
  const ahead = plan.lanes[level].filter((other) => other.kind === 'work' && other.start_s + other.seconds > now)
  const workLeftS = ahead.reduce((sum, other) => sum + Math.min(other.seconds, other.start_s + other.seconds - now), 0)
  const own = segment?.level ? segment : ahead[0]
  return {
    kind: segment?.kind ?? 'done',
    leftS: segment ? segment.start_s + segment.seconds - now : 0,
    sinceS: segment ? now - segment.start_s : 0,
    level: own?.level ?? level,
    workLeftS,
  }
}

/** The next work in any lane: after the given piece where one is being worked. */
function upcomingWork(plan: Plan, now: number, working: Segment | undefined): Segment | undefined {
  const ahead = LEVELS.flatMap((level) =>
    plan.lanes[level].filter((segment) => segment.kind === 'work' && segment.start_s > now),
  )
  const others = working
    ? ahead.filter((segment) => segment.station !== working.station || segment.round !== working.round)
    : ahead
  return others.sort((one, other) => one.start_s - other.start_s)[0]
}

/** Whose versions are taken there, each once: in an escalating round more than one level takes the same. */
function levelsAt(plan: Plan, work: Segment): Level[] {
  const taken = LEVELS.flatMap((level) => {
    const own = plan.lanes[level].find(
      (segment) => segment.kind === 'work' && segment.station === work.station && segment.start_s === work.start_s,
    )
    return own ? (own.level ?? level) : []
  })
  return [...new Set(taken)]
}

function blockOf(plan: Plan, segment: Segment) {
  return plan.blocks.findLast((block) => block.startS <= segment.start_s)?.id ?? ''
}

/** Where a jump ahead goes. */
export function sectionAfter(plan: Plan, second: number): number {
  return plan.boundaries.find((instant) => instant > second) ?? plan.totalS
}

/** Where a jump back goes: to the section's start, or the one before where it has only begun. */
export function sectionBefore(plan: Plan, second: number): number {
  const begun = 3
  return plan.boundaries.findLast((instant) => instant < second - begun) ?? 0
}

/** A station of the document. */
export function stationOf(run: Run, blockId: string, stationId: string | undefined): Station | undefined {
  return run.document.blocks
    .find((block) => block.id === blockId)
    ?.stations?.find((station) => station.id === stationId)
}
