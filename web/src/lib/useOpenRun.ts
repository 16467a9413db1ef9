import { t } from '@/lib/text'
import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { isFinal } from '@/lib/delivery/delivery'
import { kept } from '@/lib/delivery/kept'

/**
 * Opens a run of a circuit and goes to its Floor. The key of a run is kept until
 * the server has answered: however often it is pressed, and after a lost answer
 * too, it is the same run.
 */
export function useOpenRun() {
  const router = useRouter()
  const toast = useToast()
  const opening = ref(false)

  async function openRun(workoutId: string) {
    if (opening.value) return
    opening.value = true
    const place = `run-key.${workoutId}`
    const key = kept.read<string>(place) ?? crypto.randomUUID()
    kept.write(place, key)
    try {
      const run = await ask(api.POST('/api/runs', { body: { workout_id: workoutId, client_key: key } }))
      kept.drop(place)
      await router.push({ name: 'floor', params: { id: run.id } })
    } catch (error) {
      // A final no: the next press is another run. Anything else may have been done.
      if (isFinal(error)) kept.drop(place)
      toast.add({ severity: 'warn', summary: t('lib.cannot_run_yet'), detail: wording(error), life: 6000 })
    } finally {
      opening.value = false
    }
  }

  return { openRun, opening }
}
