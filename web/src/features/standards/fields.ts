import { t } from '@/lib/text'
import type { House } from '@/lib/api/types'

// The house standards as they are asked for: which numbers, in which words.

export interface SingleField {
  key: 'transition_s' | 'position_change_s' | 'reserve' | 'fill' | 'set_rest_s' | 'fives_from'
  label: string
  unit?: string
  says: string
}
export interface LevelField {
  key: 'pace' | 'shares' | 'hold_shares' | 'load_shares' | 'rest_shares' | 'round_shares' | 'lowering_s'
  label: string
  unit?: string
  says: string
}
export interface BandField {
  key: 'ranges' | 'hold_ranges'
  label: string
  unit?: string
  says: string
}

export const SINGLES: SingleField[] = [
  {
    key: 'transition_s',
    label: t('standards.transition'),
    unit: t('common.s'),
    says: t('standards.from_one_self_paced_station_to'),
  },
  {
    key: 'position_change_s',
    label: t('standards.change_of_position'),
    unit: t('common.s'),
    says: t('standards.the_same_where_the_body_goes'),
  },
  {
    key: 'reserve',
    label: t('standards.reserve'),
    unit: t('board.moves'),
    says: t('standards.clean_reps_to_be_left_undone'),
  },
  {
    key: 'fill',
    label: t('standards.fill_of_the_work_time'),
    unit: '%',
    says: t('standards.how_much_of_the_work_time'),
  },
  {
    key: 'set_rest_s',
    label: t('standards.rest_between_sets'),
    unit: t('common.s'),
    says: t('standards.the_short_rest_inside_a_long'),
  },
  {
    key: 'fives_from',
    label: t('standards.rounded_to_fives_from'),
    says: t('standards.from_this_number_in_fives'),
  },
]
export const BY_LEVEL: LevelField[] = [
  {
    key: 'pace',
    label: t('standards.pace'),
    unit: '×',
    says: t('standards.stretches_a_versions_own_tempo'),
  },
  { key: 'shares', label: t('standards.shares'), unit: '%', says: t('standards.of_the_advanced_number') },
  {
    key: 'hold_shares',
    label: t('standards.hold_shares'),
    unit: '%',
    says: t('standards.of_the_longest_hold_33_34'),
  },
  { key: 'load_shares', label: t('standards.load_shares'), unit: '%', says: t('standards.of_the_advanced_bottle') },
  { key: 'rest_shares', label: t('common.rest'), unit: '%', says: t('standards.of_the_rest_as_typed') },
  { key: 'round_shares', label: t('standards.rounds'), unit: '%', says: t('standards.of_the_rounds_as_typed_at') },
  {
    key: 'lowering_s',
    label: t('standards.slower_lowering'),
    unit: t('common.s'),
    says: t('standards.seconds_more_on_the_way_down'),
  },
]
export const BANDS: BandField[] = [
  { key: 'ranges', label: t('standards.bands_of_reps'), says: t('standards.from_the_bottom_to_the_top') },
  {
    key: 'hold_ranges',
    label: t('standards.bands_of_holds'),
    unit: t('common.s'),
    says: t('standards.the_same_in_seconds'),
  },
]

/** Only what differs from the defaults is kept. */
export function differences(house: House, defaults: House): House {
  const changed: Record<string, unknown> = {}
  for (const [key, value] of Object.entries(house)) {
    const standard = defaults[key as keyof House]
    if (value === undefined || value === null || JSON.stringify(value) === JSON.stringify(standard)) continue
    changed[key] = value
  }
  return changed as House
}
