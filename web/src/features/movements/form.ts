import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'

// A movement's document as its form edits it. What is sound is for the server to say.

export interface PieceDocument {
  item: string
  count: number | string
  load_kg?: number | string
}

/** What is drawn of a version: another's figure, or base poses by name. */
export interface FigureDocument {
  like?: string
  poses?: string[]
  view?: string
}

export interface VariationDocument {
  id: string
  name: string
  also?: string[]
  levels: string[]
  demand: { value: number | string; basis: string; why: string }
  levers: Record<string, string>
  impact: string
  position: string
  through?: string[]
  weight_on: string[]
  hold: boolean
  gets_down: boolean
  joints: string[]
  moves: string[]
  strains: string[]
  unflagged?: Record<string, string>
  kit: PieceDocument[]
  space: string
  muscles: string[]
  sides: string
  counting: string
  measure: string
  tempo?: string
  standard: string
  cues: string[]
  faults: { see: string; say: string }[]
  breathing: string
  cautions: string[]
  prerequisite: string | null
  figure?: FigureDocument
  target: Record<string, number | string>
  /** The version from which all was taken that nobody has looked through yet. */
  guessed_from?: string
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
  ladder: VariationDocument[]
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

/** “Hips sag > Squeeze your seat”, a line each, and back. */
export const faultsText = (faults: VariationDocument['faults']) =>
  faults.map(({ see, say }) => `${see} > ${say}`).join('\n')
export const faultsOf = (text: string) =>
  linesOf(text).map((line) => {
    const [see, ...say] = line.split('>').map((part) => part.trim())
    return { see: see!, say: say.join(' > ') }
  })

export const slug = (name: string) =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .slice(0, 30)

function newVariation(number: number): VariationDocument {
  return {
    id: `variation_${number}`,
    name: '',
    levels: [MOVEMENT_WORDS.levels[Math.min(number, 3) - 1]!],
    demand: { value: 0.2 * number, basis: 'estimate', why: '' },
    levers: {},
    impact: 'none',
    position: 'standing',
    weight_on: ['feet'],
    hold: false,
    gets_down: false,
    joints: [],
    moves: [],
    strains: [],
    kit: [],
    space: 'on_the_spot',
    muscles: [],
    sides: 'two_sided',
    counting: 'each',
    measure: 'reps',
    tempo: '2-0-1-0',
    standard: '',
    cues: [],
    faults: [],
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
    opens: { beginner: 'variation_1', intermediate: 'variation_2', advanced: 'variation_3' },
    ladder: [1, 2, 3].map(newVariation),
  }
}

/** A further version after the one at a place, the hardest where no place is named. */
export function addVariation(document: MovementDocument, after = document.ladder.length - 1): VariationDocument {
  let number = document.ladder.length + 1
  while (document.ladder.some((variation) => variation.id === `variation_${number}`)) number++
  const before = document.ladder[after]
  const added = newVariation(number)
  // A new version is most like the one before it: that is where its fields come from, as a guess.
  if (before)
    Object.assign(added, JSON.parse(JSON.stringify(before)), {
      id: added.id,
      name: '',
      also: [],
      guessed_from: `${document.id}.${before.id}`,
    })
  document.ladder.splice(after + 1, 0, added)
  return added
}
