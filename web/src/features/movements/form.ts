import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'

// A movement's document as its form edits it. What is sound is for the server to say.

export interface RungDocument {
  id: string
  name: string
  levels: string[]
  demand: { value: number | string; basis: string; why: string }
  levers: Record<string, string>
  impact: string
  position: string
  joints: string[]
  strains?: string[]
  equipment: string[]
  space: string
  muscles: string[]
  sides: string
  counting: string
  measure: string
  tempo?: string
  standard: string
  cues: string[]
  breathing: string
  cautions: string[]
  prerequisite: string | null
  target: Record<string, number | string>
}

export interface MovementDocument {
  id: string
  name: string
  pattern: string
  plane: string
  role?: string
  summary: string
  also?: string[]
  spares: Record<string, string>
  opens: Record<string, string>
  ladder: RungDocument[]
}

/** “range: half way; support: a chair” and back. */
export const leversText = (levers: Record<string, string>) =>
  Object.entries(levers)
    .map(([lever, how]) => `${lever}: ${how}`)
    .join('; ')

export function leversOf(text: string): Record<string, string> {
  const pairs = text
    .split(';')
    .map((piece) => piece.split(/:(.*)/s).map((part) => part.trim()))
    .filter((pair) => pair[0])
  return Object.fromEntries(pairs.map(([lever, how]) => [lever!.replaceAll(' ', '_'), how ?? '']))
}

export const linesOf = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)
export const wordsOf = (text: string) =>
  text
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean)

export const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .slice(0, 30)

function newRung(number: number): RungDocument {
  return {
    id: `rung_${number}`,
    name: '',
    levels: [MOVEMENT_WORDS.levels[Math.min(number, 3) - 1]!],
    demand: { value: 0.2 * number, basis: 'estimate', why: '' },
    levers: {},
    impact: 'none',
    position: 'standing',
    joints: [],
    strains: [],
    equipment: [],
    space: 'on_the_spot',
    muscles: [],
    sides: 'two_sided',
    counting: 'each',
    measure: 'reps',
    tempo: '2-0-1-0',
    standard: '',
    cues: [],
    breathing: '',
    cautions: [],
    prerequisite: null,
    target: { reps: 8 },
  }
}

export function newMovement(): MovementDocument {
  return {
    id: 'own_',
    name: '',
    pattern: 'squat',
    plane: 'sagittal',
    role: 'main',
    summary: '',
    also: [],
    spares: Object.fromEntries(MOVEMENT_WORDS.spared.map((joint) => [joint, ''])),
    opens: { beginner: 'rung_1', intermediate: 'rung_2', advanced: 'rung_3' },
    ladder: [1, 2, 3].map(newRung),
  }
}

export function addRung(document: MovementDocument) {
  let number = document.ladder.length + 1
  while (document.ladder.some((rung) => rung.id === `rung_${number}`)) number++
  document.ladder.push(newRung(number))
}
