import { plural, t } from '@/lib/text'
import { api, ask } from '@/lib/api/client'
import type { Workout, WorkoutDocument } from '@/lib/api/types'

import { declareDelivery } from '@/lib/delivery/delivery'
import { kept } from '@/lib/delivery/kept'

/** A circuit as it is typed, and the version it is typed over. */
export interface Draft {
  lock_version: number
  document: WorkoutDocument
}

/** Circuits on their way to the server, by id; a newer document takes the place of one that waits. */
export const circuits = declareDelivery<Draft, Workout>({
  kind: 'circuit',
  send: (body, id) => ask(api.PUT('/api/workouts/{id}', { params: { path: { id } }, body })),
  rebase: (newer, answer) => ({ ...newer, lock_version: answer.lock_version }),
  inWords: (items) =>
    t('board.changes_to_plural_n', {
      plural: plural(items.length, 'circuit'),
      n: items.map((item) => item.title).join(', '),
    }),
  place: (item) => ({ name: 'board', params: { id: item.key } }),
})

/** What is typed and not yet on its way, by circuit. */
export const drafts = {
  read: (id: string) => kept.read<Draft>(`draft.${id}`),
  write: (id: string, draft: Draft) => kept.write(`draft.${id}`, draft),
  drop: (id: string) => kept.drop(`draft.${id}`),
}

// Also where the board has been left by then.
circuits.on((item, outcome) => {
  if (outcome.kind === 'sent' && JSON.stringify(drafts.read(item.key)?.document) === JSON.stringify(item.body.document))
    drafts.drop(item.key)
})
