import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, wording } from '@/api/client'

/** Opens a run of a circuit and goes to its Floor. A second press while the first is on its way opens the same run. */
export function useOpenRun() {
  const router = useRouter()
  const toast = useToast()
  const opening = ref(false)

  async function openRun(workoutId: string) {
    if (opening.value) return
    opening.value = true
    try {
      const run = await ask(api.POST('/api/runs', { body: { workout_id: workoutId, client_key: crypto.randomUUID() } }))
      await router.push({ name: 'floor', params: { id: run.id } })
    } catch (error) {
      toast.add({ severity: 'warn', summary: 'Cannot run yet', detail: wording(error), life: 6000 })
    } finally {
      opening.value = false
    }
  }

  return { openRun, opening }
}
