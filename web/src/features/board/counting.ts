import { t } from '@/lib/text'

/** How a number is counted, as it is chosen. */
export const COUNTING = [
  { value: 'each', label: t('board.every_move_counts') },
  { value: 'per_side', label: t('board.so_many_for_each_side') },
  { value: 'pair', label: t('board.left_and_right_count_once') },
  { value: 'one_side', label: t('board.one_side_is_counted_aloud') },
]
