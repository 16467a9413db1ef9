import { useQuery } from '@tanstack/vue-query'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, ask, Refusal, Unreachable } from '@/lib/api/client'
import type { Balance, Level } from '@/lib/api/types'
import { useBoard } from './useBoard'

export type Loads = Record<Level, { muscles: Record<string, number>; joints: Record<string, number> }>
const REST_MS = 400

/** What the circuit works, as it is typed; or what the classes of the last four weeks did. */
export function useWorked() {
  const board = useBoard()
  const period = ref<'circuit' | 'lately'>('circuit')
  const own = shallowRef<Loads | null>(null)

  const look = useDebounceFn(async () => {
    const asked = board.preview.of.value
    if (!asked) return
    try {
      own.value = (await ask(api.POST('/api/planning/loads', { body: { workout: asked } }))) as Loads
    } catch (error) {
      // The last picture stays; the preview says that the server is away.
      if (!(error instanceof Unreachable || error instanceof Refusal)) throw error
    }
  }, REST_MS)
  watch(board.preview.of, () => void look(), { immediate: true })

  const lately = useQuery({
    queryKey: ['worked'],
    queryFn: () => ask(api.GET('/api/planning/worked')),
    enabled: computed(() => period.value === 'lately'),
    staleTime: 60_000,
  })
  const isLately = computed(() => period.value === 'lately')
  const loads = computed<Loads | null>(() =>
    isLately.value ? ((lately.data.value?.levels as Loads | undefined) ?? null) : own.value,
  )
  const balance = computed<Record<Level, Balance> | undefined>(() =>
    isLately.value ? lately.data.value?.levels : board.preview.preview.value?.balance,
  )
  return { period, loads, balance, classes: computed(() => lately.data.value?.classes), isLately }
}
