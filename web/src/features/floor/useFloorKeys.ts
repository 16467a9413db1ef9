import { t } from '@/lib/text'
import { controlKey, plainKey, useShortcuts, type Shortcut } from '@/lib/useShortcuts'
import { LEVELS, type Level } from '@/lib/api/types'
import { ADDED_S, type RunClock } from './useRunClock'

/** What the keys of the Floor do beside its clock. */
export interface FloorDeeds {
  space: () => void
  toggle: () => void
  skip: () => void
  end: () => void
  change: () => void
  screens: () => void
  sounds: () => void
  sound: () => void
  fullScreen: () => void
  theme: () => void
  keys: () => void
  /** A round, or the next set, where a level counts. */
  tap: (level: Level) => void
  counts: () => boolean
}

/** The Floor's keys, as they are listed; a presenter's remote sends PageUp, PageDown and B. */
export function useFloorKeys(clock: RunClock, deeds: FloorDeeds): Shortcut[] {
  const shortcuts: Shortcut[] = [
    { keys: 'Space', label: t('floor.start_pause_all_through'), matches: plainKey(' '), run: deeds.space },
    { keys: 'b', label: t('floor.start_pause_continue'), matches: plainKey('b'), run: deeds.toggle },
    {
      keys: '→',
      label: t('floor.skip_to_the_next_section'),
      matches: plainKey('ArrowRight', 'PageDown'),
      run: deeds.skip,
    },
    {
      keys: '←',
      label: t('floor.back_to_this_sections_start_or'),
      matches: plainKey('ArrowLeft', 'PageUp'),
      run: clock.back,
    },
    { keys: t('floor.ctrl_z'), label: t('floor.take_back'), matches: controlKey('z'), run: clock.undo },
    {
      keys: '+',
      label: t('floor.add_added_s_seconds_here', { added_s: ADDED_S }),
      matches: plainKey('+', '='),
      run: clock.addTime,
    },
    {
      keys: '1 2 3',
      label: t('floor.a_round_or_the_next_set'),
      matches: (event) => plainKey('1', '2', '3')(event) && deeds.counts(),
      run: (event) => deeds.tap(LEVELS[Number(event.key) - 1]!),
    },
    { keys: 'c', label: t('floor.change_what_is_left'), matches: plainKey('c'), run: deeds.change },
    { keys: 's', label: t('floor.other_screens'), matches: plainKey('s'), run: deeds.screens },
    { keys: 'v', label: t('floor.how_calls_sound'), matches: plainKey('v'), run: deeds.sounds },
    { keys: 'm', label: t('floor.sound_on_or_off'), matches: plainKey('m'), run: deeds.sound },
    { keys: 'f', label: t('floor.full_screen'), matches: plainKey('f'), run: deeds.fullScreen },
    { keys: 'd', label: t('floor.light_or_dark'), matches: plainKey('d'), run: deeds.theme },
    { keys: 'e', label: t('floor.end_the_class_here_2'), matches: plainKey('e'), run: deeds.end },
    { keys: '?', label: t('floor.these_keys'), matches: plainKey('?'), run: deeds.keys },
  ]
  useShortcuts(shortcuts)
  return shortcuts
}
