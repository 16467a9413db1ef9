import { FIGURE_HEAD, FIGURE_LIMBS, FIGURE_POINTS } from '@/lib/api/vocabulary'

// What is drawn between the points of a figure. The points are solved on the server; widths
// and order are the core's table.

/** Points on paper by name: right and down, cm. */
export type Points = Record<string, [number, number]>
type Side = 'l' | 'r'
export interface Part {
  key: string
  tone: 'ink' | 'far' | 'work' | 'work far'
  /** A tapered limb from point to point, or an area with a round border. */
  path: (points: Points) => string
  /** Of an area: how wide its border is, cm. */
  thick?: number
}
interface Picture {
  order: string[]
  far: string[]
  tints: string[]
  trunk: number
}

/** Two circles and what lies between them: a limb that is thicker at one end. */
export function blob([x1, y1]: [number, number], [x2, y2]: [number, number], r1: number, r2: number): string {
  const length = Math.hypot(x2 - x1, y2 - y1)
  const [nx, ny] = length < 0.5 ? [0, 1] : [-(y2 - y1) / length, (x2 - x1) / length]
  const n = (value: number) => Math.round(value * 10) / 10
  return (
    `M${n(x1 + nx * r1)} ${n(y1 + ny * r1)}A${r1} ${r1} 0 0 1 ${n(x1 - nx * r1)} ${n(y1 - ny * r1)}` +
    `L${n(x2 - nx * r2)} ${n(y2 - ny * r2)}A${r2} ${r2} 0 0 1 ${n(x2 + nx * r2)} ${n(y2 + ny * r2)}Z`
  )
}

const area = (corners: [number, number][]) =>
  `M${corners.map(([x, y]) => `${Math.round(x * 10) / 10} ${Math.round(y * 10) / 10}`).join('L')}Z`
const toward = (from: [number, number], to: [number, number], share: number): [number, number] => [
  from[0] + (to[0] - from[0]) * share,
  from[1] + (to[1] - from[1]) * share,
]
/** Shoulders are drawn a little nearer to the neck than the joint is. */
const SHOULDER = 0.28

function limb(part: string, picture: Picture): Part[] {
  const [kind, side] = part.split('_') as ['arm' | 'leg', Side]
  const far = picture.far.includes(part)
  const bones = kind === 'arm' ? (['hand', 'forearm', 'upper_arm'] as const) : (['foot', 'shin', 'thigh'] as const)
  return bones.map((bone) => {
    const [from, to, r1, r2] = FIGURE_LIMBS[bone]
    const works = picture.tints.includes(bone)
    return {
      key: `${bone}_${side}`,
      tone: works ? (far ? 'work far' : 'work') : far ? 'far' : 'ink',
      path: (points) => blob(points[`${from}_${side}`]!, points[`${to}_${side}`]!, r1, r2),
    }
  })
}

function trunk({ tints, trunk: thick }: Picture): Part[] {
  return [
    {
      key: 'hips',
      thick,
      tone: tints.includes('hips') || tints.includes('belly') ? 'work' : 'ink',
      path: (points) => area([points.hip_l!, points.hip_r!, points.waist_r!, points.waist_l!]),
    },
    {
      key: 'chest',
      thick,
      tone: tints.includes('chest') ? 'work' : 'ink',
      path: (points) =>
        area([
          toward(points.shoulder_l!, points.neck!, SHOULDER),
          toward(points.shoulder_r!, points.neck!, SHOULDER),
          points.waist_r!,
          points.waist_l!,
        ]),
    },
  ]
}

const HEAD: Part[] = [
  { key: 'neck', tone: 'ink', path: (points) => blob(points.neck!, points.head!, 4.2, 4.2) },
  { key: 'nose', tone: 'ink', path: (points) => blob(points.head!, points.nose!, 3, 1.6) },
  { key: 'head', tone: 'ink', path: (points) => blob(points.head!, points.head!, FIGURE_HEAD, FIGURE_HEAD) },
]

/** Everything of a body, the furthest first. */
export function bodyParts(picture: Picture): Part[] {
  return picture.order.flatMap((part) =>
    part === 'trunk' ? trunk(picture) : part === 'head' ? HEAD : limb(part, picture),
  )
}

/** Numbers as they are sent, by name and in cm. */
export function pointsOf(numbers: ArrayLike<number>, unit: number): Points {
  return Object.fromEntries(
    FIGURE_POINTS.map((name, index) => [name, [numbers[index * 2]! / unit, numbers[index * 2 + 1]! / unit]]),
  )
}

/** A line of points as an SVG polyline has it. */
export function linePoints(numbers: number[], unit: number): string {
  return Array.from({ length: numbers.length / 2 }, (_, index) =>
    [numbers[index * 2]! / unit, numbers[index * 2 + 1]! / unit].join(','),
  ).join(' ')
}
