/** The first number of a target, with its seconds; of a list of rounds all of them. */
const NUMBER = /\d[\d.–]*(?:, \d+)*(?: s\b)?/u
/** More letters than these have no room beside a number. */
const SHORT = 16

/**
 * @param target as the plan says it: “8–12 reps”, “hold 20 s”, “4 a side, 8 moves”, “as many clean reps as 40 s allow”
 * @returns what is read from afar, and what is said with it, beside the number where that is short and in words where it
 * is not: “8–12” and “reps”, “20 s” alone, “4” and “a side, 8 moves”, “40 s” and “as many clean reps as … allow”; no
 * number where there is none
 */
export function partsOf(target: string): { number: string; unit: string; words: string } {
  const [number] = NUMBER.exec(target) ?? ['']
  if (!number) return { number, unit: '', words: target }
  const [before = '', ...more] = target.split(number)
  const after = more.join(number).trim()
  const said = before && after ? `${before.trim()} … ${after}` : after
  return said.length > SHORT ? { number, unit: '', words: said } : { number, unit: said, words: '' }
}
