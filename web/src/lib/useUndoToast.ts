import { t } from '@/lib/text'
import { useToast } from 'primevue/usetoast'
import { wording } from '@/lib/api/client'
import { offers } from './offers'

/** Says what was done and offers to undo it for a while. */
export function useUndoToast() {
  const toast = useToast()
  return (summary: string, undo: () => Promise<void>) => {
    offers.value = {
      summary,
      undo: async () => {
        offers.value = null
        try {
          await undo()
        } catch (error) {
          toast.add({ severity: 'warn', summary: t('lib.not_undone'), detail: wording(error), life: 5000 })
        }
      },
    }
  }
}
