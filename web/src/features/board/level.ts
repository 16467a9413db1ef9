import { LEVELS, type Level, type Movement, type Prescription, type Station } from '@/lib/api/types'
import { chooseVariation, variationOf } from './document'

// What a level does at a station: the station's movement or another, its own parts, or nothing.

export type Find = (id: string | undefined) => Movement | undefined

/** The movement of a level: its own version's, else the station's; none where it has parts. */
export function movementOf(find: Find, station: Station, level: Level): Movement | undefined {
  const held = station.levels[level]
  return held.parts ? undefined : find(held.variation?.split('.')[0] ?? station.movement)
}

export function versionOf(find: Find, station: Station, level: Level) {
  return variationOf(movementOf(find, station, level), station.levels[level])
}

/** Whose parts a level counts as one: its own, or the station's. */
export function partsOf(station: Station, level: Level) {
  const held = station.levels[level]
  return held.parts ?? (held.variation ? undefined : station.parts)
}

/** What was typed for another movement goes; a note and a rest stay. */
function cleared(held: Prescription) {
  for (const key of [
    'variation',
    'reps',
    'hold_s',
    'work_s',
    'tempo',
    'load_kg',
    'counting',
    'parts',
    'sits_out',
    'splits',
  ])
    Reflect.deleteProperty(held, key)
  return held
}

export function takeMovement(station: Station, level: Level, movement: Movement) {
  const opening = JSON.parse(JSON.stringify(movement.opens[level])) as Prescription
  Object.assign(cleared(station.levels[level]), opening)
}

/** Another movement for a station that is one for all levels: it stays one, as the movement opens in the middle. */
export function replaceForAll(station: Station, movement: Movement) {
  station.movement = movement.id
  delete station.parts
  for (const level of LEVELS)
    Object.assign(cleared(station.levels[level]), JSON.parse(JSON.stringify(movement.opens.intermediate)))
}

/** Two parts to begin with: the station's movement, and one of the others that are offered. */
export function takeParts(station: Station, level: Level, others: Movement[]) {
  const first = station.levels[level].variation?.split('.')[0] ?? station.movement ?? station.parts?.[0]?.movement
  const ids = [first, ...others.map((movement) => movement.id)].filter((id, at, all) => id && all.indexOf(id) === at)
  Object.assign(cleared(station.levels[level]), {
    parts: ids.slice(0, 2).map((movement) => ({ movement, reps: 4 })),
    reps: 4,
  })
}

/** Back to what the station does. */
export function takeStation(find: Find, station: Station, level: Level) {
  const movement = find(station.movement)
  if (movement) takeMovement(station, level, movement)
  else Object.assign(cleared(station.levels[level]), { reps: 4 })
}

export function sitOut(station: Station, level: Level, isOut: boolean) {
  if (isOut) station.levels[level].sits_out = true
  else delete station.levels[level].sits_out
}

/** The next version up (+1) or down (-1) of the level's own ladder. */
export function stepVersion(find: Find, station: Station, level: Level, step: 1 | -1) {
  const movement = movementOf(find, station, level)
  const held = station.levels[level]
  const index = movement?.ladder.findIndex((variation) => variation.id === held.variation) ?? -1
  const next = index < 0 ? undefined : movement!.ladder[index + step]
  if (next) chooseVariation(movement!, held, next.id)
}

/** A station whose versions all work both sides at once is not halved any more. */
export function unhalve(find: Find, station: Station) {
  const isSided = LEVELS.some((level) => versionOf(find, station, level)?.sides !== 'two_sided')
  if (!isSided && station.sides === 'split') delete station.sides
}

/** Whether all levels are given just the same. */
export function isOneForAll(station: Station): boolean {
  const [first, ...others] = LEVELS.map((level) => JSON.stringify(sorted(station.levels[level])))
  return others.every((other) => other === first)
}

const sorted = (held: Prescription) => Object.entries(held).sort(([one], [other]) => (one < other ? -1 : 1))

/** Whether somebody does another movement than the station's, or none. */
export function isMixed(station: Station): boolean {
  return LEVELS.some((level) => {
    const held = station.levels[level]
    const id = held.variation?.split('.')[0]
    return held.sits_out || held.parts || (id && id !== station.movement)
  })
}
