import { computed } from 'vue'
import type { Level, RunEvent } from '@/lib/api/types'
import { standing } from '@/lib/running/fold'
import type { RunFeed } from './useRunEvents'

/** A round, or so many reps of a total, that somebody counted. */
export type Tap = Pick<RunEvent, 'block' | 'station' | 'level' | 'person_id' | 'amount' | 'at_s'>
export interface NewTap {
  block: string
  level: Level
  amount: number
  station?: string
  person_id?: string
}

/**
 * Rounds and reps counted during a run, a tap at a time, on whatever device.
 * @param atS the second of the plan, where a clock runs
 */
export function useTaps(feed: RunFeed, atS: () => number | undefined = () => undefined) {
  const taps = computed(() => standing(feed.events.value).filter((event) => event.kind === 'tapped'))

  return {
    taps,
    away: feed.untold,
    add(tap: NewTap) {
      const at = atS()
      feed.happen('tapped', at === undefined ? tap : { ...tap, at_s: Math.round(at * 10) / 10 })
    },
    /** Takes back the last tap that answers to a question. */
    undo(which: (tap: Tap) => boolean) {
      const last = taps.value.findLast(which)
      if (last) feed.takeBack(last.id)
    },
    sum: (which: (tap: Tap) => boolean) => taps.value.filter(which).reduce((total, tap) => total + tap.amount!, 0),
  }
}

export type Taps = ReturnType<typeof useTaps>
