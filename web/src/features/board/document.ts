import { t } from '@/lib/text'
import { produce } from 'immer'
import type { Block, Format, Level, Movement, Prescription, Station, WorkoutDocument } from '@/lib/api/types'
import { LEVELS } from '@/lib/api/types'

// Edits on a workout document. They move what was typed; whether it makes sense
// is for the server to say.

export const ROLES: { value: Block['role']; label: string }[] = [
  { value: 'warm_up', label: t('board.warm_up') },
  { value: 'main', label: t('board.main') },
  { value: 'finisher', label: t('board.finisher') },
  { value: 'cool_down', label: t('board.cool_down') },
]

/**
 * The document with a change made to a draft of it. What the change does not touch is
 * shared with the document before, so that a step back costs no copy of a whole class.
 * @returns the same object where nothing has changed
 */
export function edited(document: WorkoutDocument, change: (draft: WorkoutDocument) => unknown): WorkoutDocument {
  return produce(document, (draft: WorkoutDocument) => {
    change(draft)
  })
}

export function emptyDocument(title: string, formats: Format[]): WorkoutDocument {
  return {
    format: 'willing-sparrow/workout',
    version: 1,
    title,
    slot_minutes: 45,
    depth: 'parallel',
    blocks: [newBlock('b1', formats)],
  }
}

/** In the format that is offered first, with the numbers that it opens with in that role. */
function newBlock(id: string, formats: Format[], role: Block['role'] = 'main'): Block {
  const title = ROLES.find((known) => known.value === role)?.label ?? ''
  const format = formats[0]!
  return { id, title, role, format: format.id, ...format.openings[role], stations: [] } as Block
}

/** The first of prefix1, prefix2 … that nobody has. */
export function freeId(prefix: string, taken: { id: string }[]): string {
  for (let number = taken.length + 1; ; number++) {
    const id = `${prefix}${number}`
    if (!taken.some((holder) => holder.id === id)) return id
  }
}

/** Behind the block of that id; at the end where there is none. */
function putAfter(document: WorkoutDocument, block: Block, after: string | null) {
  const at = document.blocks.findIndex((held) => held.id === after)
  document.blocks.splice(at < 0 ? document.blocks.length : at + 1, 0, block)
  return block
}

export function addBlock(
  document: WorkoutDocument,
  formats: Format[],
  role: Block['role'] = 'main',
  after: string | null = null,
): Block {
  return putAfter(document, newBlock(freeId('b', document.blocks), formats, role), after)
}

export function copyBlock(document: WorkoutDocument, id: string): Block | undefined {
  const original = document.blocks.find((block) => block.id === id)
  if (!original) return
  return takeBlock(document, original, id)
}

/** A block of another circuit, under an id of its own here. */
export function takeBlock(document: WorkoutDocument, block: Block, after: string | null): Block {
  const copy = { ...(JSON.parse(JSON.stringify(block)) as Block), id: freeId('b', document.blocks) }
  return putAfter(document, copy, after)
}

/** @param format the one without stations */
export function addPause(document: WorkoutDocument, format: Format, after: string | null = null): Block {
  const block = {
    id: freeId('b', document.blocks),
    title: t('board.water'),
    role: 'pause',
    format: format.id,
    ...format.opening,
  } as Block
  return putAfter(document, block, after)
}

export function addStation(block: Block, movement: Movement, format: Format | undefined): Station {
  const stations = (block.stations ??= [])
  const station: Station = {
    id: freeId('s', stations),
    movement: movement.id,
    levels: JSON.parse(JSON.stringify(movement.opens)) as Station['levels'],
  }
  openTotals(station, format)
  if (
    format?.work_windows &&
    LEVELS.some((level) => variationOf(movement, station.levels[level])?.sides === 'one_sided')
  )
    station.sides = 'split'
  stations.push(station)
  return station
}

/** A day's total to begin with, as the format makes it of the number of one set. */
function openTotals(station: Station, format: Format | undefined) {
  const sets = format?.day_sets
  if (!sets) return
  for (const level of LEVELS) {
    const prescription = station.levels[level]
    const number = typeof prescription.reps === 'number' ? prescription.reps : sets.set
    delete prescription.reps
    prescription.quota = { min: number * sets.min, max: number * sets.max }
  }
}

/** A station of several movements that count as one: 4 of this and 4 of that. */
export function addCompound(block: Block, movements: Movement[], format: Format | undefined): Station {
  const stations = (block.stations ??= [])
  const station: Station = {
    id: freeId('s', stations),
    counting: 'compound',
    parts: movements.map((movement) => ({ movement: movement.id, reps: 4 })),
    levels: { beginner: { reps: 4 }, intermediate: { reps: 6 }, advanced: { reps: 8 } },
  }
  openTotals(station, format)
  stations.push(station)
  return station
}

/** What one cell may give another: the version where it is the same movement, the number, tempo, load and note. */
const COPIED = [
  'reps',
  'hold_s',
  'work_s',
  'rest_s',
  'rest_ratio',
  'tempo',
  'load_kg',
  'note',
  'splits',
  'quota',
] as const
const WHAT = ['variation', 'parts', 'counting', 'sits_out'] as const

export function copyCell(from: Prescription, to: Prescription, sameMovement: boolean) {
  for (const key of sameMovement ? [...COPIED, ...WHAT] : COPIED) {
    if (from[key] === undefined) Reflect.deleteProperty(to, key)
    else Object.assign(to, { [key]: JSON.parse(JSON.stringify(from[key])) })
  }
}

/** What a level has, to those right of it. */
export function copyRight(station: Station, level: Level) {
  for (const other of LEVELS.slice(LEVELS.indexOf(level) + 1))
    copyCell(station.levels[level], station.levels[other], true)
}

/** What levels have at a station, to the same levels of the one below. */
export function copyDown(block: Block | undefined, index: number, levels: readonly Level[]) {
  const own = block?.stations?.[index]
  const below = block?.stations?.[index + 1]
  if (own && below)
    for (const level of levels) copyCell(own.levels[level], below.levels[level], own.movement === below.movement)
}

/** Puts another movement in a station's place; what was typed for the old one goes. */
export function replaceMovement(station: Station, movement: Movement) {
  station.movement = movement.id
  station.levels = JSON.parse(JSON.stringify(movement.opens)) as Station['levels']
}

export function move<T>(list: T[], from: number, to: number) {
  if (to < 0 || to >= list.length || from === to) return
  list.splice(to, 0, ...list.splice(from, 1))
}

export function duplicateStation(block: Block, index: number) {
  const stations = block.stations ?? []
  const copy = JSON.parse(JSON.stringify(stations[index])) as Station
  stations.splice(index + 1, 0, { ...copy, id: freeId('s', stations) })
}

export function variationOf(movement: Movement | undefined, prescription: Prescription) {
  return movement?.ladder.find((variation) => variation.id === prescription.variation)
}

/** Another variation keeps the number, unless one of the two is not counted in reps. */
export function chooseVariation(movement: Movement, prescription: Prescription, id: string) {
  const before = variationOf(movement, prescription)
  prescription.variation = id
  const after = variationOf(movement, prescription)
  if (before?.measure !== after?.measure) {
    delete prescription.reps
    delete prescription.hold_s
  }
}
