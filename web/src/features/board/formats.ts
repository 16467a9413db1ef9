import { t } from '@/lib/text'
import type { Block, Format } from '@/lib/api/types'

// What is asked of a format's declaration in more than one place.

export const formatOf = (formats: Format[], block: Block | undefined) =>
  formats.find((known) => known.id === block?.format)

/** Its time is a prediction: the people pace it, and no clock ends it. */
export const isPredicted = (format: Format | undefined) => format?.clock === 'own_pace' && format.tally !== 'rounds'

/** So many fields stand in a block's head. */
const IN_HEAD = 3

/** What a format asks for: the first of it in the block's head, the rest where it is unfolded. */
export function fieldsOf(format: Format | undefined) {
  const of = (place: string) => (format?.fields ?? []).filter((field) => field.place === place)
  const clock = of('clock')
  return { first: clock.slice(0, IN_HEAD), more: [...clock.slice(IN_HEAD), ...of('more')] }
}

export const SHAPES = [
  { value: 'descending', label: t('board.shape_falling') },
  { value: 'ascending', label: t('board.shape_rising') },
  { value: 'pyramid', label: t('board.up_and_down') },
  { value: 'flat', label: t('board.shape_even') },
  { value: 'typed', label: t('board.shape_typed') },
] as const
