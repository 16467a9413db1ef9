import { t } from '@/lib/text'
import { useToast } from 'primevue/usetoast'
import { ref, shallowRef } from 'vue'
import { Refusal, wording } from '@/lib/api/client'

/** Something sent to the server: whether it is on its way, and what it said of each field. */
export function useAttempt() {
  const toast = useToast()
  const busy = ref(false)
  const errors = shallowRef(new Map<string, string>())

  /** @returns whether it went well; a refusal without a field is told at once */
  async function attempt(work: () => Promise<unknown>): Promise<boolean> {
    busy.value = true
    errors.value = new Map()
    try {
      await work()
      return true
    } catch (error) {
      if (error instanceof Refusal) errors.value = error.fields()
      if (!errors.value.size)
        toast.add({ severity: 'warn', summary: t('common.that_did_not_work'), detail: wording(error), life: 6000 })
      return false
    } finally {
      busy.value = false
    }
  }

  return { attempt, busy, errors }
}
