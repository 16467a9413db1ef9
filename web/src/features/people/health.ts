import { plural, t } from '@/lib/text'
import { plainWords } from '@/lib/conflict'
import type { HealthNotes, Limit, PersonWhole } from '@/lib/api/types'

export type Screening = NonNullable<HealthNotes['screening']>

/** A person's health notes, in the shape of their form. */
export interface HealthFields {
  consent: boolean
  limits: Limit[]
  screening: Screening | null
  note: string
}

export const fieldsOf = (person: PersonWhole): HealthFields => ({
  consent: person.consent_at !== null,
  limits: (person.health.limits ?? []).map((limit) => ({ ...limit })),
  screening: person.health.screening ? { ...person.health.screening } : null,
  note: person.health.note ?? '',
})

/** Nothing is kept without consent; of a screening nothing where no question is answered. */
export function bodyOf({ consent, limits, screening, note }: HealthFields) {
  if (!consent) return { consent }
  return {
    consent,
    health: { limits, note: note || undefined, screening: screening ? screeningBody(screening) : undefined },
  }
}

function screeningBody(screening: Screening): Screening | undefined {
  const { answers, answered_on, cleared_on, cleared_by, cleared_note } = screening
  if (!Object.keys(answers).length) return undefined
  return {
    answers,
    answered_on: answered_on || undefined,
    cleared_on: cleared_on || undefined,
    cleared_by: cleared_by || undefined,
    cleared_note: cleared_note || undefined,
  }
}

/** What a field holds, where two versions are laid side by side. */
export function wordsOf(value: unknown, key: string, kinds: { kind: string; words: string }[]): string {
  if (key === 'limits') return (value as Limit[]).map((limit) => limitText(limit, kinds)).join('; ') || 'none'
  if (key === 'screening') return screeningText(value as Screening | null)
  return plainWords(value)
}

function limitText(limit: Limit, kinds: { kind: string; words: string }[]) {
  const kind = kinds.find((held) => held.kind === limit.kind)?.words ?? limit.kind
  const side = limit.side && limit.side !== 'both' ? `${limit.side} ` : ''
  const parts = [limit.until && t('people.until_until', { until: limit.until }), limit.note].filter(Boolean)
  return `${limit.severity}: ${side}${kind}${parts.length ? ` (${parts.join(', ')})` : ''}`
}

function screeningText(screening: Screening | null) {
  if (!screening) return t('people.not_answered')
  const yes = Object.values(screening.answers).filter(Boolean).length
  const cleared = screening.cleared_on ? t('people.cleared_on_cleared_on', { cleared_on: screening.cleared_on }) : ''
  return `${yes ? t('people.yes_to_plural', { plural: plural(yes, 'question') }) : t('people.no_to_all')}${cleared}`
}
