import { plural, t } from '@/lib/text'
import { circuits } from '@/features/board/delivery'

import { delivery } from '@/lib/delivery/delivery'
import { kept } from '@/lib/delivery/kept'
import { logs } from '@/features/log/delivery'
import '@/features/fit/delivery'
import '@/features/floor/delivery'

// All kinds of things that are sent are declared by what stands above, on every page.

/** What the server has not got yet, in words; empty where it has all. */
export function unsent(): string[] {
  const found = delivery.inWords()
  const typed = kept.keys('log.').filter((id) => !logs.get(id)).length
  if (typed) found.push(t('frame.plural_begun_and_not_saved', { plural: plural(typed, 'log') }))
  const drafts = kept.keys('draft.').filter((id) => !circuits.get(id)).length
  if (drafts) found.push(t('frame.changes_to_plural', { plural: plural(drafts, 'circuit') }))
  return found
}
