import { useToast } from 'primevue/usetoast'
import { api, ask, wording } from '@/lib/api/client'
import type { Block } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { useBoard } from './useBoard'

const KEY_WORDS: Record<string, string> = { work_s: 'work', rest_s: 'rest', cap_s: 'cap', target_s: 'aim' }
/** Keys of a block as a person reads them. */
export const inWords = (keys: string[]) =>
  keys.map((key) => KEY_WORDS[key] ?? readable(key.replace(/_s$/, ''))).join(', ')

/** Another format for a block: the server moves the keys; what the new format has no use for waits in the block. */
export function useReformat(block: () => Block) {
  const board = useBoard()
  const toast = useToast()
  const offered = board.formats.filter((known) => known.stations)

  async function reformat(id: string) {
    try {
      const answer = await ask(api.POST('/api/planning/format', { body: { block: block(), format: id } }))
      board.edit(t('board.format_label', { label: offered.find((known) => known.id === id)?.label }), (draft) => {
        const index = draft.blocks.findIndex((held) => held.id === answer.block.id)
        if (index >= 0) draft.blocks[index] = answer.block
      })
      const kept = answer.set_aside.filter((key) => key in (answer.block.set_aside ?? {}))
      if (kept.length)
        toast.add({
          severity: 'secondary',
          summary: t('board.nothing_is_lost'),
          detail: t('board.set_aside_until_a_format_needs', { in_words: inWords(kept) }),
          life: 6000,
        })
    } catch (error) {
      toast.add({ severity: 'warn', summary: t('common.that_did_not_work'), detail: wording(error), life: 6000 })
    }
  }

  return { offered, reformat }
}
