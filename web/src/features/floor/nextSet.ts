/**
 * The reps of the set that comes next: the first whose sum the taps have not
 * reached, never more than is left of the total.
 * @returns 0 where the total is done
 */
export function nextSet(sets: number[], done: number, total: number): number {
  const left = total - done
  if (left <= 0) return 0
  let sum = 0
  for (const size of sets) {
    sum += size
    if (sum > done) return Math.min(sum - done, left)
  }
  return left
}
