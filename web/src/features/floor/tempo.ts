import { t } from '@/lib/text'

// A tempo is four digits, as “3-0-1-0”: seconds down, held low, up, held high.

export interface Phase {
  kind: 'down' | 'low' | 'up' | 'high'
  seconds: number
}

const KINDS: Phase['kind'][] = ['down', 'low', 'up', 'high']

/** Its phases that take time, in order. */
export function phasesOf(tempo: string): Phase[] {
  return tempo
    .split('-')
    .map((seconds, index) => ({ kind: KINDS[index]!, seconds: Number(seconds) }))
    .filter((phase) => phase.seconds > 0)
}

const WORDS = {
  down: 'floor.tempo_down',
  low: 'floor.tempo_hold',
  up: 'floor.tempo_up',
  high: 'floor.tempo_hold',
} as const

/** A phase in words: “3 down”. */
export const phaseText = (phase: Phase) => `${phase.seconds} ${t(WORDS[phase.kind])}`

/** All of a tempo in words: “3 down, 1 up”. */
export const tempoText = (tempo: string) => phasesOf(tempo).map(phaseText).join(', ')

/** The seconds of a rep at which a phase begins, up to a number of seconds: where a metronome ticks. */
export function beatsBetween(tempo: string, fromS: number, toS: number): { kind: Phase['kind']; atS: number }[] {
  const phases = phasesOf(tempo)
  const whole = phases.reduce((sum, phase) => sum + phase.seconds, 0)
  if (!whole) return []
  const beats: { kind: Phase['kind']; atS: number }[] = []
  for (let start = Math.floor(fromS / whole) * whole; start <= toS; start += whole) {
    let at = start
    for (const phase of phases) {
      if (at > fromS && at <= toS) beats.push({ kind: phase.kind, atS: at })
      at += phase.seconds
    }
  }
  return beats
}
