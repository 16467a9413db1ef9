import { t } from '@/lib/text'
import { controlKey, plainKey, type Shortcut } from '@/lib/useShortcuts'

/** Keys that work where a cell or a station has the focus; they are listed with the board's own. */
const CELL_KEYS: Shortcut[] = [
  [t('board.alt_alt'), t('board.in_a_cell_the_next_version')],
  [t('board.alt_f'), t('board.in_a_cell_the_number_that')],
  [t('board.alt_r_alt_b'), t('board.in_a_cell_copy_it_right')],
  [t('board.alt_shift_b'), t('board.all_levels_to_the_station_below')],
  [t('board.alt_m_alt_o'), t('board.another_movement_or_sit_out')],
  [t('board.alt_e'), t('board.one_for_all_or_apart')],
  [t('board.alt_shift'), t('board.in_a_station_move_it')],
].map(([keys, label]) => ({ keys: keys!, label: label!, matches: () => false, run: () => undefined }))

export interface BoardActions {
  undo: () => void
  redo: () => void
  save: () => void
  fixNumbered: (event: KeyboardEvent) => void
  targets: () => void
  slot: () => void
  suggest: () => void
  station: () => void
  block: () => void
  finisher: () => void
  paste: () => void
  take: () => void
  chart: () => void
  keys: () => void
}

/** The board's keys, in the order in which they are listed. */
export function boardKeys(actions: BoardActions): Shortcut[] {
  const plain = (keys: string, label: string, run: () => void): Shortcut => ({
    keys,
    label,
    matches: plainKey(keys),
    run,
  })
  const control = (keys: string, label: string, matches: Shortcut['matches'], run: () => void): Shortcut => ({
    keys,
    label,
    matches,
    run,
    inFields: true,
  })
  return [
    control(t('board.ctrl_z'), t('board.undo'), controlKey('z'), actions.undo),
    control(t('board.ctrl_shift_z'), t('board.redo'), controlKey('z', true), actions.redo),
    control(t('board.ctrl_s'), t('board.save_now'), controlKey('s'), actions.save),
    ...CELL_KEYS,
    {
      keys: t('board.alt_1_alt_9'),
      label: t('board.apply_the_fix_of_that_finding'),
      matches: (event) => event.altKey && !event.shiftKey && /^Digit[1-9]$/.test(event.code),
      run: actions.fixNumbered,
      inFields: true,
    },
    plain('t', t('board.targets_that_finish_together'), actions.targets),
    plain('s', t('board.fit_to_the_slot'), actions.slot),
    plain('w', t('board.suggest_a_warm_up_or_cool'), actions.suggest),
    plain('a', t('board.add_a_station_to_the_last'), actions.station),
    plain('b', t('board.add_a_block'), actions.block),
    plain('f', t('board.add_a_finisher'), actions.finisher),
    plain('p', t('board.paste_a_list'), actions.paste),
    plain('k', t('board.take_a_block'), actions.take),
    plain('l', t('board.chart_high'), actions.chart),
    plain('?', t('board.these_keys'), actions.keys),
  ]
}
