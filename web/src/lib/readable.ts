import { i18n, t } from '@/lib/text'
import { units, type Units } from '@/lib/units'

/** A key of the catalogue as a person reads it: “lower_back” is “lower back”. */
export function readable(key: string): string {
  const word = `words.${key}`
  return i18n.global.te(word) ? t(word as 'words.push') : key.replaceAll('_', ' ')
}

/** The same as a heading: “Lower back”. */
export function headed(key: string): string {
  return readable(key).replace(/^./u, (letter) => letter.toUpperCase())
}

/** What hands and feet go on is told by its height, which is what makes a variation easier or harder. */
const HEIGHTS: Record<string, Record<Units, () => string>> = {
  bench: { metric: () => t('units.bench_60_cm'), imperial: () => t('units.bench_24_in') },
  step: { metric: () => t('units.step_30_cm'), imperial: () => t('units.step_12_in') },
}

/** A piece of kit, with its height where that matters. */
export function pieceName(piece: string): string {
  return HEIGHTS[piece]?.[units()]() ?? readable(piece)
}
