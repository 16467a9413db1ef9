import { t } from '@/lib/text'
import { useDebounceFn, useEventListener } from '@vueuse/core'
import { compare } from 'fast-json-patch'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Workout, WorkoutDocument } from '@/lib/api/types'
import { delivery, type Outcome } from '@/lib/delivery/delivery'
import { useChangesOf } from '@/lib/changes'
import { circuits, drafts } from './delivery'

const QUIET_MS = 700

/** How the saving stands, in words. */
export const SAVING = {
  saved: t('common.saved'),
  waiting: t('board.typing'),
  saving: t('board.saving'),
  offline: t('board.kept_here_the_server_does_not'),
  refused: t('board.not_saved_some_fields_need_correcting'),
  conflict: t('board.not_saved_a_newer_version_was'),
} as const

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
  let left = false

  /** Hands over what is there now; settles when the server was asked. */
  async function save(): Promise<void> {
    if (left || !dirty.value || state.value === 'conflict') return
    state.value = 'saving'
    const waiting = circuits.get(opened.id)
    if (waiting && !waiting.refused && waiting.body.document === document.value) return delivery.flush()
    await circuits.put(opened.id, document.value.title, { document: document.value, lock_version: version.value })
  }

  const soon = useDebounceFn(save, QUIET_MS)

  function answered(sent: WorkoutDocument, outcome: Outcome<Workout>) {
    if (outcome.kind === 'sent') {
      version.value = outcome.data.lock_version
      saved.value = sent
      state.value = dirty.value ? 'waiting' : 'saved'
      if (!dirty.value) return
      drafts.write(opened.id, { lock_version: version.value, document: document.value })
      void soon()
    } else if (outcome.kind === 'waiting') state.value = 'offline'
    else if (outcome.refusal.status === 409) meet((outcome.refusal.problem as unknown as { theirs: Workout }).theirs)
    else state.value = 'refused'
  }

  /** A version that says the same as ours, saved by this board's last visit say, is no conflict. */
  function meet(theirs: Workout) {
    circuits.drop(opened.id)
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

  watch(document, (value) => {
    if (value === saved.value) {
      drafts.drop(opened.id)
      circuits.drop(opened.id)
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
    if (left || dirty.value || circuits.get(opened.id) || now.lock_version <= version.value) return
    version.value = now.lock_version
    saved.value = now.document
    shown(now)
  })

  const off = circuits.on((item, outcome) => {
    if (item.key === opened.id) answered(item.body.document, outcome)
  })
  // Whoever leaves the board leaves at once: what is not saved by then is sent from whatever page comes next.
  onScopeDispose(() => {
    void save()
    left = true
    off()
  })
  useEventListener(window, 'beforeunload', (event) => {
    if (dirty.value && state.value !== 'saved') event.preventDefault()
  })

  return { state, conflict, version, dirty, save, meet, settle }
}
