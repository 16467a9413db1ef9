import type { BlockPreview } from '@/lib/api/types'

/** A group of a class whose groups rotate, at an instant. */
export interface GroupAt {
  index: number
  label: string
  /** Where it is, or goes to next; and where it goes from there. */
  station: string | undefined
  following: string | undefined
  rests: boolean
}

/**
 * @param second of the plan as it was made, before anything was added
 * @param isWorking whether the clock counts work
 * @returns each group of a block, in order; none where groups do not rotate
 */
export function groupsAt(block: BlockPreview | undefined, second: number, isWorking: boolean): GroupAt[] {
  return (block?.groups ?? []).map(({ label, stops }, index) => {
    const reached = stops.findLastIndex((stop) => stop.start_s <= second)
    const at = stops[reached]
    const works = at !== undefined && second < at.start_s + at.seconds
    const shown = isWorking && works ? reached : Math.min(reached + 1, stops.length - 1)
    return {
      index,
      label,
      station: stops[shown]?.station,
      following: stops[shown + 1]?.station,
      rests: isWorking && !works,
    }
  })
}
