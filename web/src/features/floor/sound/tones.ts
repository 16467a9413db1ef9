import type { Cue, Level } from '@/lib/api/types'

// Calls as tones, made here: nothing to fetch.

export type Tone = [frequency: number, atS: number, lengthS: number]

const LEVEL_PITCH: Record<Level, number> = { beginner: 520, intermediate: 440, advanced: 370 }
const PATTERNS: Partial<Record<Cue['kind'], Tone[]>> = {
  go: [[1240, 0, 0.45]],
  change: [
    [440, 0, 0.3],
    [1240, 0.32, 0.45],
  ],
  halfway: [
    [760, 0, 0.1],
    [760, 0.18, 0.1],
  ],
  switch: [
    [700, 0, 0.16],
    [1050, 0.2, 0.22],
  ],
  ten_seconds: [[600, 0, 0.3]],
  last_round: [
    [900, 0, 0.1],
    [900, 0.15, 0.1],
    [900, 0.3, 0.1],
  ],
  drink: [[480, 0, 0.2]],
  finish: [
    [660, 0, 0.25],
    [830, 0.28, 0.25],
    [990, 0.56, 0.5],
  ],
}

/** A countdown's numbers sound a second apart; each level's own stop has its own pitch. */
export function tonesOf(cue: Cue): Tone[] {
  if (cue.kind === 'countdown') return cue.text.split('-').map((_, index): Tone => [880, index, 0.12])
  if (cue.kind === 'stop')
    return (cue.levels ?? ['advanced']).map((level, index): Tone => [LEVEL_PITCH[level], index * 0.12, 0.55])
  return PATTERNS[cue.kind] ?? []
}

export type Loudness = 'calls' | 'counts' | 'reminders'

/** Which of the three loudnesses a call has. */
export function loudnessOf(kind: Cue['kind']): Loudness {
  if (kind === 'countdown' || kind === 'ten_seconds') return 'counts'
  return ['stop', 'go', 'change', 'switch', 'finish'].includes(kind) ? 'calls' : 'reminders'
}
