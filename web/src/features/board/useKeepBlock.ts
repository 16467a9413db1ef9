import { useQueryClient } from '@tanstack/vue-query'
import { useToast } from 'primevue/usetoast'
import { api, ask, wording } from '@/lib/api/client'
import type { Block } from '@/lib/api/types'
import { t } from '@/lib/text'
import type { Board } from './useBoard'

/** Keeps a block as a template of one's own: a circuit of that block alone, under a tag by which it is found. */
export function useKeepBlock(board: Board) {
  const toast = useToast()
  const queries = useQueryClient()

  return async function keep(block: Block) {
    const title = block.title || t('board.untitled_block')
    const { format, version, house, depth } = board.document.value
    try {
      const body = { document: { format, version, title, house, depth, blocks: [block] } }
      const made = await ask(api.POST('/api/workouts', { body }))
      const tags = { tags: [t('board.block_tag')], was: made.tags ?? [] }
      await ask(api.PUT('/api/workouts/{id}/tags', { params: { path: { id: made.id } }, body: tags }))
      await queries.invalidateQueries({ queryKey: ['workouts'] })
      toast.add({
        severity: 'success',
        summary: t('board.kept_as_a_template', { title }),
        detail: t('board.take_it_into_any_circuit'),
        life: 5000,
      })
    } catch (error) {
      toast.add({ severity: 'warn', summary: t('common.that_did_not_work'), detail: wording(error), life: 6000 })
    }
  }
}
