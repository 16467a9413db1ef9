import type { TodayAnswer } from '@/lib/api/types'
import { clockText, dayText } from '@/lib/clockText'
import { plural, t } from '@/lib/text'

/** From so long before a class people are checked in; until then its fit is looked over. */
const CHECK_IN_MS = 90 * 60_000

export interface Next {
  kind: string
  /** What stands on the button, where it is not the kind. */
  button?: string
  title: string
  detail: string
  /** Where it is done; a circuit is started first. */
  to: { name: 'floor' | 'log' | 'class' | 'fit' | 'board'; id: string } | { start: string }
}
/** The one thing to do next, of what a studio's day holds; nothing where nothing is planned yet. */
export function nextThing(found: TodayAnswer, plans: boolean, now: number): Next | null {
  const going = found.open_runs.find((run) => run.state === 'running')
  if (going)
    return {
      kind: t('common.continue'),
      title: going.title,
      detail: t('today.running_since_started_at', { started_at: dayText(going.started_at) }),
      to: { name: 'floor', id: going.id },
    }
  const unlogged = found.unlogged_runs[0]
  if (unlogged)
    return {
      kind: t('today.log'),
      title: unlogged.title,
      detail: t('today.ended_finished_at_not_logged_yet', { finished_at: dayText(unlogged.finished_at) }),
      to: { name: 'log', id: unlogged.id },
    }
  const waiting = found.open_runs[0]
  if (waiting)
    return {
      kind: t('common.start'),
      title: waiting.title,
      detail: t('today.opened_created_at_total_s', {
        created_at: dayText(waiting.created_at),
        total_s: clockText(waiting.total_s),
      }),
      to: { name: 'floor', id: waiting.id },
    }
  const coming = found.classes.find((held) => !held.run_id)
  if (coming) {
    const near = new Date(coming.starts_at ?? 0).getTime() - now < CHECK_IN_MS
    return {
      kind: near ? t('today.check_in') : t('today.coming'),
      button: near || !plans ? t('today.check_in') : t('common.fit_sheet'),
      title: coming.title,
      detail: `${dayText(coming.starts_at)}, ${plural(coming.coming, 'person')}`,
      to: { name: near || !plans ? 'class' : 'fit', id: coming.id },
    }
  }
  const ready = found.ready[0]
  if (ready && plans)
    return {
      kind: t('common.start'),
      button: t('common.start_class'),
      title: ready.title,
      detail: `${plural(ready.stations, 'station')}, ${ready.total_s ? clockText(ready.total_s) : t('today.through_the_day')}`,
      to: { start: ready.id },
    }
  const draft = found.drafts[0]
  if (draft)
    return {
      kind: t('today.finish'),
      title: draft.title,
      detail: t('today.a_draft_without_a_station'),
      to: { name: 'board', id: draft.id },
    }
  return null
}
