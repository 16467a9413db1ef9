/** The first number of a target, with its seconds; of a list of rounds all of them. */
const NUMBER = /\d[\d.–]*(?:, \d+)*(?: s\b)?/u

/**
 * @param target as the plan says it: “8–12 reps”, “hold 20 s”, “4 a side, 8 moves”
 * @returns what is read from afar, and the words that it needs: “8–12” and “reps”, “20 s” alone, “4” and “a side, 8 moves”,
 * “40 s” and “as many clean reps as … allow”; no number where there is none
 */
export function partsOf(target: string): { number: string; words: string } {
  const [number] = NUMBER.exec(target) ?? ['']
  if (!number) return { number, words: target }
  const [before = '', ...more] = target.split(number)
  const after = more.join(number).trim()
  return { number, words: before && after ? `${before.trim()} … ${after}` : after }
}
