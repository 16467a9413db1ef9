import { useTimeoutPoll } from '@vueuse/core'
import { ref, shallowRef, watch, type Ref } from 'vue'
import { api, ask, Refusal, Unreachable } from '@/lib/api/client'
import type { Preview, WorkoutDocument } from '@/lib/api/types'
import { tagsOf, whole } from './previewAnswer'

/** From when on the figures are shown as late. */
const SLOW_MS = 400
const RETRY_MS = 3000

/**
 * The server's preview of a document, asked at every change. One request is on
 * its way at a time; when it is back, the newest document goes out. Typing
 * waits for none of it.
 */
export function usePreview(document: Readonly<Ref<WorkoutDocument>>) {
  const preview = shallowRef<Preview | null>(null)
  const errors = shallowRef(new Map<string, string>())
  const state = ref<'fresh' | 'asking' | 'slow' | 'failed' | 'refused'>('asking')
  /** The document to which preview belongs. */
  const of = shallowRef<WorkoutDocument | null>(null)
  let asking = false

  async function refresh() {
    if (asking) return
    asking = true
    const asked = document.value
    state.value = 'asking'
    const late = setTimeout(() => (state.value = 'slow'), SLOW_MS)
    try {
      preview.value = await answered(asked)
      errors.value = new Map()
      of.value = asked
      state.value = 'fresh'
    } catch (error) {
      if (error instanceof Refusal && error.status === 422) {
        errors.value = error.fields('/workout')
        state.value = 'refused'
      } else {
        state.value = 'failed'
        if (!(error instanceof Unreachable || error instanceof Refusal)) throw error
      }
    } finally {
      clearTimeout(late)
      asking = false
    }
    if (document.value !== asked) void refresh()
  }

  /** Only what has changed since the last answer is sent. */
  async function answered(asked: WorkoutDocument): Promise<Preview> {
    const before = preview.value
    const order = asked.blocks.map((block) => block.id)
    const answer = await ask(api.POST('/api/preview', { body: { workout: asked, calls: false, seen: tagsOf(before) } }))
    const made = whole(answer, before, order)
    if (made) return made
    return await ask(api.POST('/api/preview', { body: { workout: asked, calls: false } }))
  }

  watch(document, () => void refresh(), { immediate: true })
  useTimeoutPoll(async () => {
    if (state.value === 'failed') await refresh()
  }, RETRY_MS)

  return { preview, of, errors, state, refresh }
}
