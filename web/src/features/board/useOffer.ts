import { t } from '@/lib/text'
import { ref, shallowRef } from 'vue'
import { Refusal, wording } from '@/lib/api/client'

/** Something the server is asked to work out, to be looked at before it is taken. */
export function useOffer<T>() {
  const offer = shallowRef<T | null>(null)
  const asking = ref(false)
  const problem = ref('')
  let latest = 0

  async function askFor(request: () => Promise<T>) {
    const mine = ++latest
    asking.value = true
    problem.value = ''
    try {
      const answer = await request()
      if (mine === latest) offer.value = answer
    } catch (error) {
      if (mine !== latest) return
      offer.value = null
      problem.value =
        error instanceof Refusal && error.problem.errors.length
          ? t('board.some_fields_of_the_circuit_need', { detail: error.problem.errors[0]!.detail })
          : wording(error)
    } finally {
      if (mine === latest) asking.value = false
    }
  }

  function forget() {
    latest++
    offer.value = null
    problem.value = ''
  }

  return { offer, asking, problem, askFor, forget }
}
