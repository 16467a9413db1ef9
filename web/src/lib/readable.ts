/** A key of the catalogue as a person reads it: “lower_back” is “lower back”. */
export function readable(key: string): string {
  return key.replaceAll('_', ' ')
}

/** What hands and feet go on is told by its height, which is what makes a rung easier or harder. */
const HEIGHTS: Record<string, string> = { bench: 'bench, 60 cm', step: 'step, 30 cm' }

/** A piece of kit, with its height where that matters. */
export function pieceName(piece: string): string {
  return HEIGHTS[piece] ?? piece
}
