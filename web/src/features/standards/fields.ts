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
  { key: 'transition_s', label: 'Transition', unit: 's', says: 'From one self-paced station to the next.' },
  {
    key: 'position_change_s',
    label: 'Change of position',
    unit: 's',
    says: 'The same where the body goes to or from the floor.',
  },
  { key: 'reserve', label: 'Reserve', unit: 'moves', says: 'Clean reps to be left undone in the worst round.' },
  { key: 'fill', label: 'Fill of the work time', unit: '%', says: 'How much of the work time chosen targets fill.' },
  { key: 'set_rest_s', label: 'Rest between sets', unit: 's', says: 'The short rest inside a long total.' },
  {
    key: 'fives_from',
    label: 'Rounded to fives from',
    says: 'From this advanced number on, shares go in fives; below it in ones. Doubled where sides alternate.',
  },
]
export const BY_LEVEL: LevelField[] = [
  { key: 'pace', label: 'Pace', unit: '×', says: 'Stretches a version’s own tempo; never a typed one, nor a hold.' },
  { key: 'shares', label: 'Shares', unit: '%', says: 'Of the advanced number.' },
  {
    key: 'hold_shares',
    label: 'Hold shares',
    unit: '%',
    says: 'Of the longest hold. 33.34 and 66.67 stand for exact thirds.',
  },
  { key: 'load_shares', label: 'Load shares', unit: '%', says: 'Of the advanced bottle.' },
  { key: 'rest_shares', label: 'Rest', unit: '%', says: 'Of the rest as typed.' },
  { key: 'round_shares', label: 'Rounds', unit: '%', says: 'Of the rounds as typed, at least one.' },
  {
    key: 'lowering_s',
    label: 'Slower lowering',
    unit: 's',
    says: 'Seconds more on the way down, in the school of slower lowering.',
  },
]
export const BANDS: BandField[] = [
  { key: 'ranges', label: 'Bands of reps', says: 'From the bottom to the top before the next version.' },
  { key: 'hold_ranges', label: 'Bands of holds', unit: 's', says: 'The same in seconds.' },
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
