import { useChangesOf } from '@/state/changes'
import { useDebounceFn, useEventListener, useTimeoutPoll } from '@vueuse/core'
import { compare } from 'fast-json-patch'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ask, Refusal, Unreachable } from '@/api/client'
import type { Workout, WorkoutDocument } from '@/api/types'
import { device } from '@/state/device'

const QUIET_MS = 700
const RETRY_MS = 3000

/** How the saving stands, in words. */
export const SAVING = {
  saved: 'Saved',
  waiting: 'Typing…',
  saving: 'Saving…',
  offline: 'Kept here: the server does not answer',
  refused: 'Not saved: some fields need correcting',
  conflict: 'Not saved: a newer version was saved',
} as const

interface Draft {
  lock_version: number
  document: WorkoutDocument
}

/** What was typed here and has not reached the server, by circuit. */
export const drafts = {
  read: (id: string) => device.read<Draft>(`draft.${id}`),
  write: (id: string, draft: Draft) => device.write(`draft.${id}`, draft),
  drop: (id: string) => device.drop(`draft.${id}`),
}

/**
 * Saves a document as it changes, over the version it was read at. Until the
 * server has it, it lies in this browser. A newer version elsewhere stops the
 * saving and is handed over as a conflict.
 */
export function useAutosave(
  opened: Workout,
  document: Readonly<Ref<WorkoutDocument>>,
  shown: (theirs: Workout) => void,
) {
  const version = ref(opened.lock_version)
  const saved = shallowRef(opened.document)
  const state = ref<keyof typeof SAVING>('saved')
  const conflict = shallowRef<Workout | null>(null)
  const dirty = computed(() => document.value !== saved.value)
  let inFlight: Promise<void> | null = null
  let left = false

  /** Saves until the server has the newest; whoever asks meanwhile waits for the same. */
  function save(): Promise<void> {
    inFlight ??= saveAll().finally(() => (inFlight = null))
    return inFlight
  }

  async function saveAll() {
    while (!left && dirty.value && state.value !== 'conflict') if (!(await saveOnce())) return
  }

  /** Whether it went through. */
  async function saveOnce(): Promise<boolean> {
    state.value = 'saving'
    const sent = document.value
    try {
      const workout = await ask(
        api.PUT('/api/workouts/{id}', {
          params: { path: { id: opened.id } },
          body: { document: sent, lock_version: version.value },
        }),
      )
      version.value = workout.lock_version
      saved.value = sent
      if (dirty.value) drafts.write(opened.id, { lock_version: version.value, document: document.value })
      else drafts.drop(opened.id)
      state.value = dirty.value ? 'waiting' : 'saved'
      return true
    } catch (error) {
      if (!(error instanceof Refusal || error instanceof Unreachable)) throw error
      if (error instanceof Unreachable || error.status >= 500 || [401, 429].includes(error.status))
        state.value = 'offline'
      else if (error.status === 409) meet((error.problem as unknown as { theirs: Workout }).theirs)
      else state.value = 'refused'
      return false
    }
  }

  /** A version that says the same as ours, saved by this board's last visit say, is no conflict. */
  function meet(theirs: Workout) {
    if (compare(theirs.document, document.value).length === 0) {
      version.value = theirs.lock_version
      saved.value = document.value
      drafts.drop(opened.id)
      state.value = 'saved'
      return
    }
    conflict.value = theirs
    state.value = 'conflict'
  }

  /** Takes over the version that was met: saving goes on from it. */
  function settle(theirs: Workout) {
    version.value = theirs.lock_version
    saved.value = theirs.document
    conflict.value = null
    state.value = 'waiting'
  }

  const soon = useDebounceFn(save, QUIET_MS)
  watch(document, (value) => {
    if (value === saved.value) {
      drafts.drop(opened.id)
      state.value = 'saved'
      return
    }
    drafts.write(opened.id, { lock_version: version.value, document: value })
    if (state.value !== 'conflict') state.value = 'waiting'
    void soon()
  })

  // Somebody else saved: where nothing of ours waits, theirs is shown; else the two meet when ours is saved.
  useChangesOf('workouts', opened.id, async () => {
    const now = await ask(api.GET('/api/workouts/{id}', { params: { path: { id: opened.id } } }))
    if (left || dirty.value || inFlight || now.lock_version <= version.value) return
    version.value = now.lock_version
    saved.value = now.document
    shown(now)
  })

  // Whoever leaves the board leaves at once: what is not saved by then lies in this browser.
  onScopeDispose(() => {
    void save()
    left = true
  })
  useTimeoutPoll(async () => {
    if (state.value === 'offline') await save()
  }, RETRY_MS)
  useEventListener(window, 'online', () => void save())
  useEventListener(window, 'beforeunload', (event) => {
    if (dirty.value && state.value !== 'saved') event.preventDefault()
  })

  return { state, conflict, version, dirty, save, meet, settle }
}
