import { t } from '@/lib/text'
import { readable } from '@/lib/readable'
import type { Station } from '@/lib/api/types'

/**
 * What a plan says at a station beside its versions: that it is a bonus, its note, and what stands in for who must spare a joint.
 * @param called the name of a version, by its id
 */
export function besidesOf(station: Station | undefined, called: (id: string) => string): string {
  const instead = (station?.alternatives ?? []).map((held) =>
    t('floor.instead_for', { joint: readable(held.for), version: called(held.variation) }),
  )
  return [station?.optional && t('floor.a_bonus_for_who_likes'), station?.note, ...instead].filter(Boolean).join(' · ')
}
