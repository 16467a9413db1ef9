import { useDebounceFn } from '@vueuse/core'
import { shallowRef, watch, type Ref } from 'vue'
import { api, ask, Refusal, Unreachable } from '@/lib/api/client'
import type { Fix, WorkoutDocument } from '@/lib/api/types'

/** So long nobody types before what mends the findings is looked for: it is tried out, and takes its time. */
const REST_MS = 500

/**
 * What mends the findings of a document, by the finding's key. It is asked for when the preview has come and nobody types.
 * @param of the document to which the preview belongs
 */
export function useFixes(document: Readonly<Ref<WorkoutDocument>>, of: Readonly<Ref<WorkoutDocument | null>>) {
  const fixes = shallowRef(new Map<string, Fix>())
  /** The document for which they were tried out. */
  const triedOn = shallowRef<WorkoutDocument | null>(null)

  const look = useDebounceFn(async () => {
    const asked = of.value
    if (!asked || asked !== document.value) return
    try {
      const answer = await ask(api.POST('/api/planning/fixes', { body: { workout: asked } }))
      if (asked !== document.value) return
      fixes.value = new Map(answer.fixes.map(({ finding, ...fix }) => [finding, fix]))
      triedOn.value = asked
    } catch (error) {
      // Findings without a fix are still findings; the preview says that the server is away.
      if (!(error instanceof Unreachable || error instanceof Refusal)) throw error
    }
  }, REST_MS)
  watch(of, () => void look(), { immediate: true })

  return { fixes, triedOn }
}
