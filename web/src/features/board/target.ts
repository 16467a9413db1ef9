import { t } from '@/lib/text'
import { BY_ROUND } from '@/lib/typed'
import type { Prescription, Variation } from '@/lib/api/types'

interface Band {
  min: number
  max: number
}

// How a target is typed in one small field: 12 · 8-12 · hold 30 · nothing for
// “the whole window”.

/** A prescription's target as it stands in its field. */
export function targetText(prescription: Prescription, variation: Variation | undefined): string {
  const reps = prescription.reps as unknown
  const day = prescription.quota as unknown
  if (day !== undefined) {
    if (!day || typeof day !== 'object') return String(day)
    const band = day as Band
    return band.min === band.max ? String(band.min) : `${band.min}–${band.max}`
  }
  if (prescription.hold_s !== undefined) {
    const hold = prescription.hold_s as unknown
    const text = hold && typeof hold === 'object' ? `${(hold as Band).min}–${(hold as Band).max}` : String(hold)
    // What writeTarget reads again: a way of typing, in every language the same.
    return variation?.measure === 'hold' ? text : `hold ${text}`
  }
  if (variation?.measure === 'time' && reps === undefined && prescription.work_s !== undefined)
    return BY_ROUND.show(prescription.work_s)
  if (typeof reps === 'number' || typeof reps === 'string') return String(reps)
  if (reps && typeof reps === 'object') {
    const range = reps as Band
    return `${range.min}–${range.max}`
  }
  return ''
}

/** Writes what was typed into the prescription. What is none of the known forms stays as typed, for the server to refuse. */
export function writeTarget(
  prescription: Prescription,
  text: string,
  variation: Variation | undefined,
  dayTotal = false,
) {
  const typed = text.trim()
  delete prescription.reps
  delete prescription.hold_s
  const range = typed.match(/^(?:hold\s*)?(\d+)\s*(?:-|–|to)\s*(\d+)\s*s?$/i)
  const band = range && { min: Number(range[1]), max: Number(range[2]) }
  if (dayTotal) {
    const number = /^\d+$/.test(typed) ? Number(typed) : undefined
    prescription.quota = band ?? ((number === undefined ? typed : { min: number, max: number }) as Band)
    return
  }
  // What is kept up for a time takes seconds, whatever stands behind the number.
  if (variation?.measure === 'time') {
    const rounds = BY_ROUND.read(typed.replace(/\s*s$/i, ''))
    if (typed === '') delete prescription.work_s
    else prescription.work_s = (typeof rounds === 'number' || Array.isArray(rounds) ? rounds : typed) as number
    return
  }
  if (typed === '' || /^(max|most|all)$/i.test(typed)) return
  if (band) {
    if (variation?.measure === 'hold' || /^hold|s$/i.test(typed)) prescription.hold_s = band
    else prescription.reps = band
    return
  }
  const hold = typed.match(/^(?:hold\s*)(\d+)\s*s?$/i) ?? typed.match(/^(\d+)\s*s$/i)
  if (hold) {
    prescription.hold_s = Number(hold[1])
    return
  }
  const number = /^\d+$/.test(typed) ? Number(typed) : typed
  if (variation?.measure === 'hold') prescription.hold_s = number as number
  else prescription.reps = number as number
}

/** The hint in an empty field. */
export function targetHint(variation: Variation | undefined): string {
  if (variation?.measure === 'hold') return t('board.hint_hold')
  return variation?.measure === 'time' ? t('board.hint_time') : t('board.hint_most')
}
