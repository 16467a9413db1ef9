import { t } from '@/lib/text'
import type { Block, Format } from '@/lib/api/types'

// What is asked of a format's declaration in more than one place.

export const formatOf = (formats: Format[], block: Block | undefined) =>
  formats.find((known) => known.id === block?.format)

/** Its time is a prediction: the people pace it, and no clock ends it. */
export const isPredicted = (format: Format | undefined) => format?.clock === 'own_pace' && format.tally !== 'rounds'

export const fieldsAt = (format: Format | undefined, place: 'clock' | 'more') =>
  (format?.fields ?? []).filter((field) => field.place === place)

export const SHAPES = [
  { value: 'descending', label: t('board.shape_falling') },
  { value: 'ascending', label: t('board.shape_rising') },
  { value: 'pyramid', label: t('board.up_and_down') },
  { value: 'flat', label: t('board.shape_even') },
  { value: 'typed', label: t('board.shape_typed') },
] as const
