import { plural } from '@/components/clockText'
import { keptChoices } from '@/fit/keptChoices'
import { outbox } from '@/log/outbox'
import { device } from './device'

/** What the server has not got yet, in words; empty where it has all. */
export function unsent(): string[] {
  const found: string[] = []
  const logs = outbox.waiting.value
  if (logs.length) found.push(`${plural(logs.length, 'log')}: ${logs.map((item) => item.title).join(', ')}`)
  const typed = device.keys('log.').filter((id) => !logs.some((item) => item.runId === id)).length
  if (typed) found.push(`${plural(typed, 'log')} begun and not saved`)
  const drafts = device.keys('draft.').length
  if (drafts) found.push(`changes to ${plural(drafts, 'circuit')}`)
  const counted = device
    .keys('ticks.')
    .map((id) => device.read<{ waiting: unknown[]; undone: unknown[] }>(`ticks.${id}`))
    .reduce((sum, kept) => sum + (kept ? kept.waiting.length + kept.undone.length : 0), 0)
  if (counted) found.push(`${plural(counted, 'count')} from a class`)
  const choices = keptChoices.count()
  if (choices) found.push(`${plural(choices, 'choice')} on a fit sheet`)
  return found
}
