import { useToast } from 'primevue/usetoast'
import { t } from '@/lib/text'
import type { Board } from './useBoard'

/** Undo and redo that say what was undone or done again. */
export function useToldHistory(board: Pick<Board, 'undo' | 'redo'>) {
  const toast = useToast()
  const tell = (summary: string) => toast.add({ severity: 'secondary', summary, life: 1800 })

  function undo() {
    const label = board.undo()
    if (label) tell(t('board.undone_label', { label }))
  }

  function redo() {
    const label = board.redo()
    if (label) tell(t('board.done_again_label', { label }))
  }

  return { undo, redo }
}
