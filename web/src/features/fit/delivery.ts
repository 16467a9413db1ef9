import { plural, t } from '@/lib/text'
import { api, ask } from '@/lib/api/client'
import type { FitPerson } from '@/lib/api/types'

import { declareDelivery } from '@/lib/delivery/delivery'

export interface Choice {
  variation?: string
  number?: number
  why?: string
}

/** A choice on its way: what it is to be, null for “recalculate”, and the version it was made over. */
export interface KeptChoice {
  classId: string
  person: string
  block: string
  station: string
  choice: Choice | null
  version: number
}

export const keyOfChoice = (kept: Omit<KeptChoice, 'choice' | 'version'>) =>
  `${kept.classId}/${kept.person}/${kept.block}/${kept.station}`

function send(kept: KeptChoice): Promise<{ person: FitPerson | null }> {
  const path = { id: kept.classId, person: kept.person, block: kept.block, station: kept.station }
  const { choice, version } = kept
  if (choice)
    return ask(
      api.PUT('/api/classes/{id}/fit/{person}/{block}/{station}', { params: { path }, body: { ...choice, version } }),
    )
  return ask(api.DELETE('/api/classes/{id}/fit/{person}/{block}/{station}', { params: { path, query: { version } } }))
}

const versionIn = (row: FitPerson, kept: KeptChoice) =>
  row.cells.find((cell) => cell.block === kept.block && cell.station === kept.station)?.choice_version ?? 0

/** Choices on a fit sheet that the server has not answered yet, by class and cell; in order, a class at a time. */
export const choices = declareDelivery<KeptChoice, { person: FitPerson | null }>({
  kind: 'choice',
  send,
  rebase: (newer, { person }, sent) => (person ? { ...newer, version: versionIn(person, sent) } : newer),
  line: (key) => key.split('/')[0]!,
  inWords: (items) => t('fit.plural_on_a_fit_sheet', { plural: plural(items.length, 'choice') }),
  place: (item) => ({ name: 'fit', params: { id: item.body.classId } }),
})
