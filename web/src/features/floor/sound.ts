import { ref } from 'vue'
import type { Cue, Level } from '@/lib/api/types'

// Calls as tones, made here: nothing to fetch. Browsers let a page sound only
// after a touch or a key; until then locked says so.

type Tone = [frequency: number, atS: number, lengthS: number]

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

export function useSound() {
  const locked = ref(true)
  let context: AudioContext | null = null

  /** Must be called from a touch or a key press. */
  async function unlock() {
    context ??= new AudioContext()
    if (context.state !== 'running') await context.resume()
    locked.value = context.state !== 'running'
  }

  function play(tones: Tone[]) {
    if (!context || context.state !== 'running') return
    for (const [frequency, atS, lengthS] of tones) {
      const oscillator = context.createOscillator()
      const gain = context.createGain()
      const from = context.currentTime + atS
      oscillator.type = 'triangle'
      oscillator.frequency.value = frequency
      gain.gain.setValueAtTime(0.0001, from)
      gain.gain.exponentialRampToValueAtTime(0.5, from + 0.015)
      gain.gain.exponentialRampToValueAtTime(0.0001, from + lengthS)
      oscillator.connect(gain).connect(context.destination)
      oscillator.start(from)
      oscillator.stop(from + lengthS + 0.05)
    }
  }

  /** Sounds a call. A countdown's numbers sound a second apart; each level's own stop has its own pitch. */
  function call(cue: Cue) {
    if (cue.kind === 'countdown') play(cue.text.split('-').map((_, index): Tone => [880, index, 0.12]))
    else if (cue.kind === 'stop')
      play((cue.levels ?? ['advanced']).map((level, index): Tone => [LEVEL_PITCH[level], index * 0.12, 0.55]))
    else play(PATTERNS[cue.kind] ?? [])
  }

  return { locked, unlock, call }
}
