import type { Prescription, Variation } from '@/api/types'

// How a target is typed in one small field: 12 · 8-12 · hold 30 · nothing for
// «the whole window».

/** A prescription's target as it stands in its field. */
export function targetText(prescription: Prescription, rung: Variation | undefined): string {
  const reps = prescription.reps as unknown
  if (prescription.hold_s !== undefined)
    return rung?.measure === 'hold' ? String(prescription.hold_s) : `hold ${prescription.hold_s}`
  if (typeof reps === 'number' || typeof reps === 'string') return String(reps)
  if (reps && typeof reps === 'object') {
    const range = reps as { min: number; max: number }
    return `${range.min}–${range.max}`
  }
  return ''
}

/** Writes what was typed into the prescription. What is none of the known forms stays as typed, for the server to refuse. */
export function writeTarget(prescription: Prescription, text: string, rung: Variation | undefined) {
  const typed = text.trim()
  delete prescription.reps
  delete prescription.hold_s
  if (typed === '' || /^(max|most|all)$/i.test(typed)) return
  const hold = typed.match(/^(?:hold\s*)(\d+)\s*s?$/i) ?? typed.match(/^(\d+)\s*s$/i)
  if (hold) {
    prescription.hold_s = Number(hold[1])
    return
  }
  const range = typed.match(/^(\d+)\s*(?:-|–|to)\s*(\d+)$/)
  if (range) {
    prescription.reps = { min: Number(range[1]), max: Number(range[2]) }
    return
  }
  const number = /^\d+$/.test(typed) ? Number(typed) : typed
  if (rung?.measure === 'hold') prescription.hold_s = number as number
  else prescription.reps = number as number
}

/** The hint in an empty field. */
export function targetHint(rung: Variation | undefined): string {
  if (rung?.measure === 'hold') return 'hold'
  return rung?.measure === 'time' ? 'time' : 'most'
}
