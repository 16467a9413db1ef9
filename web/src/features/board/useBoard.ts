import { t } from '@/lib/text'
import { applyPatch, compare, deepClone, type Operation } from 'fast-json-patch'
import { computed, inject, provide, ref, type InjectionKey } from 'vue'
import type { Block, Finding, Format, Movement, Workout, WorkoutDocument } from '@/lib/api/types'
import { edited } from './document'
import { formatOf } from './formats'
import { useHistory } from '@/lib/history'
import { circuits, drafts } from './delivery'
import { useAutosave } from './useAutosave'
import { useConditions } from './useConditions'
import { useFixes } from './useFixes'
import { useOpenRow } from './useOpenRow'
import { usePreview } from './usePreview'

export interface TargetsPlace {
  block?: string
  station?: string
  name: string
}

/**
 * The circuit on the board: its document with undo, its saving and its preview.
 * Everything on the board changes it through edit().
 */
export function createBoard(opened: Workout, movements: Movement[], formats: Format[]) {
  // A copy of its own: what the query holds is watched by Vue, and an edited document is frozen.
  const workout = { ...opened, document: deepClone(opened.document) as WorkoutDocument }
  const history = useHistory<WorkoutDocument>(workout.document)
  const document = history.present
  const autosave = useAutosave(workout, document, (theirs) =>
    history.change(
      theirs.document,
      t('board.what_updated_by_saved', { updated_by: theirs.updated_by ?? t('board.somebody') }),
    ),
  )
  const preview = usePreview(document)
  const { fixes, triedOn } = useFixes(document, preview.of)
  const offered = useConditions(document, movements)
  const byId = new Map(movements.map((movement) => [movement.id, movement]))

  /** @param key edits of one key in quick succession are one step back */
  function edit(label: string, change: (draft: WorkoutDocument) => void, key = '') {
    const next = edited(document.value, change)
    if (next !== document.value) history.change(next, label, key)
  }

  /** Another document in its place, as one step. */
  function replace(label: string, next: WorkoutDocument) {
    history.change(deepClone(next) as WorkoutDocument, label)
  }

  /** A JSON Patch that the server offered, as one step. */
  function patch(label: string, operations: Operation[]) {
    edit(label, (draft) => void applyPatch(draft, deepClone(operations) as Operation[]))
  }

  /** A fix belongs to the document on which it was tried out; on a newer one it waits until it was tried again. */
  const fixOf = (finding: Finding) => fixes.value.get(finding.key)
  const fixesCurrent = computed(() => triedOn.value === document.value)
  function applyFix(finding: Finding) {
    const fix = fixOf(finding)
    if (fix && fixesCurrent.value) patch(fix.label, fix.patch as Operation[])
  }

  const leftAsIs = computed(() => document.value.left_as_is ?? [])
  function leaveAsIs(finding: Finding) {
    edit(t('board.left_as_it_is'), (draft) => void (draft.left_as_is = [...(draft.left_as_is ?? []), finding.key]))
  }
  const tellAgain = () => edit(t('board.tell_again'), (draft) => void delete draft.left_as_is)

  /** What is wrong at a pointer or anywhere below it. */
  function errorAt(pointer: string): string | undefined {
    return preview.errors.value.get(pointer)
  }

  function errorBelow(pointer: string): string | undefined {
    for (const [place, message] of preview.errors.value)
      if (place === pointer || place.startsWith(`${pointer}/`)) return message
    return undefined
  }

  /** Stations chosen together, as “block/station”. */
  const selection = ref(new Set<string>())
  function toggleSelected(key: string) {
    const next = new Set(selection.value)
    if (!next.delete(key)) next.add(key)
    selection.value = next
  }

  const { openRow, focused } = useOpenRow()
  /** The block in which somebody works: what is added comes behind it. */
  const at = ref<string | null>(null)

  /** Where targets that finish together are being asked for; null while they are not. */
  const targetsOf = ref<TargetsPlace | null>(null)

  const board = {
    id: workout.id,
    targetsOf,
    at,
    openRow,
    focused,
    selection,
    toggleSelected,
    clearSelection: () => (selection.value = new Set()),
    document,
    movements,
    formats,
    format: (block: Block | undefined) => formatOf(formats, block),
    movement: (id: string | undefined) => (id ? byId.get(id) : undefined),
    edit,
    replace,
    patch,
    applyFix,
    fixOf,
    fixesCurrent,
    leaveAsIs,
    leftAsIs,
    tellAgain,
    offered,
    errorAt,
    errorBelow,
    undo: history.undo,
    redo: history.redo,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    autosave,
    preview,
    blockPreview: (id: string) => preview.preview.value?.blocks.find((block) => block.id === id),
    late: computed(() => ['slow', 'failed', 'refused'].includes(preview.state.value)),
  }
  restoreDraft(board, workout)
  return board
}

export type Board = ReturnType<typeof createBoard>

/** What an earlier visit typed and could not send comes back; beside a newer version it becomes a conflict. */
function restoreDraft(board: Board, workout: Workout) {
  const draft = drafts.read(workout.id)
  if (!draft || compare(draft.document, workout.document).length === 0) {
    drafts.drop(workout.id)
    circuits.drop(workout.id)
    return
  }
  board.replace('Restore what was typed', draft.document)
  if (draft.lock_version < workout.lock_version) board.autosave.meet(workout)
}

const BOARD: InjectionKey<Board> = Symbol('board')

export function provideBoard(board: Board) {
  provide(BOARD, board)
}

export function useBoard(): Board {
  const board = inject(BOARD)
  if (!board) throw new Error(t('board.there_is_no_board_around_this'))
  return board
}
