import { t } from '@/lib/text'
import type { Shortcut } from '@/lib/useShortcuts'

/** Keys that work where a cell or a station has the focus; they are listed with the board's own. */
export const CELL_KEYS: Shortcut[] = [
  [t('board.alt_alt'), t('board.in_a_cell_the_next_version')],
  [t('board.alt_f'), t('board.in_a_cell_the_number_that')],
  [t('board.alt_r_alt_b'), t('board.in_a_cell_copy_it_right')],
  [t('board.alt_shift_b'), t('board.all_levels_to_the_station_below')],
  [t('board.alt_m_alt_o'), t('board.another_movement_or_sit_out')],
  [t('board.alt_e'), t('board.one_for_all_or_apart')],
  [t('board.alt_shift'), t('board.in_a_station_move_it')],
].map(([keys, label]) => ({ keys: keys!, label: label!, matches: () => false, run: () => undefined }))
