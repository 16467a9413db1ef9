// A body in front and back view, drawn for this: each shape is a muscle group of the catalogue. It is mirrored at x = 50.

export interface Shape {
  muscle: string
  /** An SVG path of one side; of the middle where it is not mirrored. */
  d: string
  middle?: boolean
}

/** What is no muscle, so that the shapes stand on a body. */
export const OUTLINE = [
  'M50 4a9 10.5 0 1 1 0 21a9 10.5 0 1 1 0-21z',
  'M46 24h8v7h-8z',
  'M32 32q18-5 36 0q5 2 6 9l-3 30q-1 14 1 28l-3 46q-1 4-1 8l-2 40h-9l-4-42l-3-44l-3 44l-4 42h-9l-2-40q0-4-1-8l-3-46q2-14 1-28l-3-30q1-7 6-9z',
  'M31 33q-8 1-10 10l-4 26l-5 30q-1 5 3 5t4-5l7-28l7-24z',
  'M69 33q8 1 10 10l4 26l5 30q1 5-3 5t-4-5l-7-28l-7-24z',
]

export const FRONT: Shape[] = [
  { muscle: 'front of shoulder', d: 'M31 34q-7 1-9 9l7 4q4-6 5-12z' },
  { muscle: 'side of shoulder', d: 'M24 38q-3 4-3 9l4 2l3-8z' },
  { muscle: 'chest', d: 'M49 36h-13q-4 5-3 13q8 5 16 1z' },
  { muscle: 'front of upper arm', d: 'M21 48l8 1l-3 16l-8-1z' },
  { muscle: 'forearm', d: 'M18 67l8 1l-6 24l-6-1z' },
  { muscle: 'grip', d: 'M13 94l7 1l-2 9q-5 2-6-3z' },
  { muscle: 'front of trunk', d: 'M49 53h-8l1 32q3 3 7 3z' },
  { muscle: 'deep trunk', d: 'M50 60q6 1 6 9t-6 9t-6-9t6-9z', middle: true },
  { muscle: 'side of trunk', d: 'M39 53q-4-1-6-2l1 18q-1 9-1 15l8 3z' },
  { muscle: 'hip flexors', d: 'M48 91l-14-4l-1 9l8 8z' },
  { muscle: 'front of thigh', d: 'M36 99q5 5 9 7l0 33q-4 3-8 0q-3-20-1-40z' },
  { muscle: 'inner thigh', d: 'M49 95l-4 9l1 30q3-16 3-39z' },
  { muscle: 'side of hip', d: 'M34 86q-3 10-1 22l2 12l0-22z' },
]

export const BACK: Shape[] = [
  { muscle: 'upper back', d: 'M49 31l-15 4l5 15l10 3z' },
  { muscle: 'back of shoulder', d: 'M32 34q-8 1-10 9l9 4l3-9z' },
  { muscle: 'back', d: 'M49 55l-11-4q-4 0-5-1l2 18l14 6z' },
  { muscle: 'back of upper arm', d: 'M21 48l9 1l-4 16l-8-1z' },
  { muscle: 'forearm', d: 'M18 67l8 1l-6 24l-6-1z' },
  { muscle: 'lower back', d: 'M49 76l-14-6l-1 15l15 4z' },
  { muscle: 'buttocks', d: 'M49 91l-15-4q-3 9-2 17q10 7 17 1z' },
  { muscle: 'back of thigh', d: 'M33 108q8 4 15 0l-2 34h-9z' },
  { muscle: 'calves', d: 'M37 150h8q2 12-2 26h-5q-3-14-1-26z' },
]

/** Of a muscle's seconds how strongly it is filled: from a fifth to all, nothing where it is not worked. */
export const strength = (seconds: number, most: number) => (seconds > 0 ? 0.2 + 0.8 * Math.min(1, seconds / most) : 0)
