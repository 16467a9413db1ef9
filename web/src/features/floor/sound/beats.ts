import { LEVELS, type Level } from '@/lib/api/types'
import { type Plan } from '@/features/floor/plan'
import { beatsBetween } from '@/features/floor/tempo'
import type { Beat } from './useSound'

/**
 * Where a metronome ticks: in the work of the first level that has a tempo at a station, for one beat can be heard.
 * @param tempoOf the tempo of a level at a station, where its plan has one
 */
export function beatsOf(
  plan: Plan,
  tempoOf: (block: string, station: string, level: Level) => string | undefined,
): Beat[] {
  return plan.blocks.flatMap((block, index) => {
    const until = plan.blocks[index + 1]?.startS ?? plan.totalS
    const beats: Beat[] = []
    for (const level of LEVELS) {
      for (const segment of plan.lanes[level]) {
        if (segment.kind !== 'work' || !segment.station || segment.start_s < block.startS || segment.start_s >= until)
          continue
        const tempo = tempoOf(block.id, segment.station, segment.level ?? level)
        if (
          !tempo ||
          beats.some((beat) => beat.at_s >= segment.start_s && beat.at_s < segment.start_s + segment.seconds)
        )
          continue
        for (const { kind, atS } of [
          { kind: 'down' as const, atS: 0 },
          ...beatsBetween(tempo, 0, segment.seconds - 0.1),
        ])
          beats.push({
            at_s: segment.start_s + atS,
            kind: 'form',
            text: '',
            says_s: 0,
            beat: kind === 'down' ? 'down' : 'other',
          })
      }
    }
    return beats
  })
}
