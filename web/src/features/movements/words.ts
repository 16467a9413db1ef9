import type { Variation } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { weightText } from '@/lib/units'

/** “bottle”, “2 × bottle, 1.5 kg”. */
export function pieceText({ item, count, load_kg }: Variation['kit'][number]): string {
  const piece = count > 1 ? t('movements.kit_piece', { count, item: readable(item) }) : readable(item)
  return load_kg ? t('movements.kit_load', { piece, load: weightText(load_kg) }) : piece
}
