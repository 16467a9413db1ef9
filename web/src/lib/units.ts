import { t } from './text'
import type { Typed } from './typed'

// A document holds kilograms; heights of kit are known in centimetres. A studio that
// measures in pounds and inches types and reads those, and the document stays as it is.

export type Units = 'metric' | 'imperial'

const KG_PER_LB = 0.45359237

let chosenUnits: Units = 'metric'

/** As the studio has it; told when somebody signs in. */
export function measureIn(chosen: Units) {
  chosenUnits = chosen
}

export function units(): Units {
  return chosenUnits
}

/** “kg”, “lb”. */
export function weightUnit(): string {
  return chosenUnits === 'imperial' ? t('units.lb') : t('units.kg')
}

/** A load of the document, as it stands in a field. */
export function shownWeight(kilograms: number): number {
  return chosenUnits === 'imperial' ? Math.round((kilograms / KG_PER_LB) * 10) / 10 : kilograms
}

/** What was typed into that field, as the document holds it; a text that is no number goes on as it is. */
export function storedWeight(typed: Typed): Typed {
  return chosenUnits === 'imperial' && typeof typed === 'number' ? Math.round(typed * KG_PER_LB * 100) / 100 : typed
}

/** “8 kg”, “17.6 lb”. */
export function weightText(kilograms: number): string {
  return `${shownWeight(kilograms)} ${weightUnit()}`
}
