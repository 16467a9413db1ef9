<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { useToast } from 'primevue/usetoast'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import LaneChart from '@/components/LaneChart.vue'
import KeySheet from '@/components/KeySheet.vue'
import { controlKey, plainKey, useShortcuts, type Shortcut } from '@/composables/useShortcuts'
import { useOpenRun } from '@/composables/useOpenRun'
import type { Movement, Workout } from '@/api/types'
import BlockEditor from './BlockEditor.vue'
import ConflictDialog from './ConflictDialog.vue'
import FindingsPanel from './FindingsPanel.vue'
import HistoryDialog from './HistoryDialog.vue'
import NumberField from './NumberField.vue'
import TotalsPanel from './TotalsPanel.vue'
import { addBlock, addPause, move, setKey } from './document'
import { createBoard, provideBoard } from './useBoard'
import { useDragOrder } from './useDragOrder'

const props = defineProps<{ workout: Workout; movements: Movement[] }>()
const board = createBoard(props.workout, props.movements)
provideBoard(board)
const toast = useToast()
const { openRun, opening } = useOpenRun()

const document = board.document
const keysShown = ref(false)
const historyShown = ref(false)
const { state: saveState, dirty } = board.autosave
const SAVING: Record<typeof saveState.value, string> = {
  saved: 'Saved',
  waiting: 'Typing…',
  saving: 'Saving…',
  offline: 'Kept here: the server does not answer',
  refused: 'Not saved: some fields need mending',
  conflict: 'Not saved: a newer version was saved',
}

function undo() {
  const label = board.undo()
  if (label) toast.add({ severity: 'secondary', summary: `Undone: ${label}`, life: 1800 })
}

function redo() {
  const label = board.redo()
  if (label) toast.add({ severity: 'secondary', summary: `Done again: ${label}`, life: 1800 })
}

async function withNewBlock(pause: boolean) {
  board.edit(pause ? 'Add a pause' : 'Add a block', (draft) => void (pause ? addPause(draft) : addBlock(draft)))
  await nextTick()
  const id = document.value.blocks.at(-1)?.id
  window.document.getElementById(pause ? '' : `add-${id}`)?.focus()
}

async function run() {
  await board.autosave.save()
  if (saveState.value === 'saved') await openRun(board.id)
  else toast.add({ severity: 'warn', summary: 'Not yet', detail: SAVING[saveState.value], life: 5000 })
}

function fixNumbered(event: KeyboardEvent) {
  const finding = board.preview.preview.value?.findings[Number(event.code.slice(-1)) - 1]
  if (finding?.fix && board.preview.of.value === document.value) board.applyFix(finding)
}

const shortcuts: Shortcut[] = [
  { keys: 'Ctrl Z', label: 'Undo', matches: controlKey('z'), run: undo, inFields: true },
  { keys: 'Ctrl Shift Z', label: 'Redo', matches: controlKey('z', true), run: redo, inFields: true },
  {
    keys: 'Ctrl S',
    label: 'Save now',
    matches: controlKey('s'),
    run: () => void board.autosave.save(),
    inFields: true,
  },
  { keys: 'Alt ↑ / Alt ↓', label: 'In a cell: the next rung up or down', matches: () => false, run: () => undefined },
  { keys: 'Alt Shift ↑ / ↓', label: 'In a station: move it', matches: () => false, run: () => undefined },
  {
    keys: 'Alt 1 … Alt 9',
    label: 'Apply the fix of that finding',
    matches: (event) => event.altKey && !event.shiftKey && /^Digit[1-9]$/.test(event.code),
    run: fixNumbered,
    inFields: true,
  },
  { keys: 'a', label: 'Add a station to the last block', matches: plainKey('a'), run: () => focusFinder() },
  { keys: '?', label: 'These keys', matches: plainKey('?'), run: () => (keysShown.value = true) },
]
useShortcuts(shortcuts)

function focusFinder() {
  const block = document.value.blocks.findLast((candidate) => candidate.format !== 'pause')
  if (block) window.document.getElementById(`add-${block.id}`)?.focus()
}

const blocks = useTemplateRef<HTMLElement>('blocks')
useDragOrder(blocks, '.block-handle', (from, to) => board.edit('Move block', (draft) => move(draft.blocks, from, to)))

const blockTitle = (id: string) => document.value.blocks.find((block) => block.id === id)?.title ?? ''
const ready = computed(() => board.preview.preview.value?.ready ?? false)
</script>

<template>
  <div class="board">
    <header class="top">
      <h1 class="visually-hidden">Circuit board: {{ document.title }}</h1>
      <InputText
        class="title"
        aria-label="Title of the circuit"
        maxlength="120"
        :model-value="document.title"
        :invalid="Boolean(board.errorAt('/title'))"
        @update:model-value="board.edit('Title', (draft) => void (draft.title = $event ?? ''), 'title')"
      />
      <span v-if="board.errorAt('/title')" class="small warn-text" role="alert"
        >Title {{ board.errorAt('/title') }}</span
      >
      <NumberField
        label="Slot"
        unit="min"
        hint="none"
        :model-value="document.slot_minutes"
        :error="board.errorAt('/slot_minutes')"
        @update:model-value="board.edit('Slot', (draft) => setKey(draft, 'slot_minutes', $event), 'slot')"
      />
      <span
        class="state small"
        :class="{ 'warn-text': ['offline', 'refused', 'conflict'].includes(saveState) }"
        role="status"
        data-testid="save-state"
        >{{ dirty && saveState === 'saved' ? 'Typing…' : SAVING[saveState] }}</span
      >
      <span class="actions">
        <Button
          icon="pi pi-undo"
          aria-label="Undo"
          :disabled="!board.canUndo.value"
          variant="text"
          severity="secondary"
          @click="undo"
        />
        <Button
          icon="pi pi-refresh"
          aria-label="Redo"
          :disabled="!board.canRedo.value"
          variant="text"
          severity="secondary"
          @click="redo"
        />
        <Button
          icon="pi pi-history"
          aria-label="History"
          variant="text"
          severity="secondary"
          @click="historyShown = true"
        />
        <Button
          icon="pi pi-question-circle"
          aria-label="Keys"
          variant="text"
          severity="secondary"
          @click="keysShown = true"
        />
        <Button label="Run this class" :disabled="!ready" :loading="opening" @click="run" />
      </span>
    </header>

    <div class="middle">
      <div class="blocks">
        <div ref="blocks">
          <BlockEditor
            v-for="(block, index) in document.blocks"
            :key="block.id"
            :block="block"
            :index="index"
            :count="document.blocks.length"
          />
        </div>
        <p v-if="!document.blocks.length" class="quiet">
          No blocks yet. A class is blocks in order: a warm-up, the main circuit, a cool-down.
        </p>
        <div class="row add">
          <Button label="Add a block" icon="pi pi-plus" variant="outlined" size="small" @click="withNewBlock(false)" />
          <Button
            label="Add a pause"
            icon="pi pi-plus"
            variant="outlined"
            size="small"
            severity="secondary"
            @click="withNewBlock(true)"
          />
        </div>
      </div>
      <aside class="side" tabindex="0" aria-label="Totals and findings">
        <TotalsPanel />
        <FindingsPanel />
        <p class="small quiet">
          An estimate for a group, not for a person. Anyone with a condition, pregnant or just after birth, after
          surgery or long inactive asks a doctor first.
        </p>
      </aside>
    </div>

    <section class="lanes" aria-label="Lane chart">
      <LaneChart
        v-if="board.preview.preview.value"
        :preview="board.preview.preview.value"
        :title="blockTitle"
        :class="{ late: board.late.value }"
      />
    </section>
    <ConflictDialog />
    <HistoryDialog v-model:visible="historyShown" />
    <KeySheet v-model:visible="keysShown" :shortcuts="shortcuts" />
  </div>
</template>

<style scoped>
/* What is reached by key is not left under the chart. */
:global(html:has(.board > .lanes)) {
  scroll-padding-bottom: 12rem;
}
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-4);
  padding-bottom: var(--space-2);
}
.title {
  font-family: var(--font-display);
  font-size: var(--size-3);
  font-weight: 600;
  border-color: transparent;
  background: transparent;
  padding-left: 0;
  flex: 1 1 16rem;
  min-width: 0;
}
.title:hover,
.title:focus {
  background: var(--paper-raised);
}
.state {
  min-width: 5rem;
}
.actions {
  display: inline-flex;
  align-items: center;
  gap: var(--space-1);
}
.middle {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 18.5rem;
  gap: var(--space-5);
  align-items: start;
}
.side {
  position: sticky;
  top: var(--space-3);
  display: grid;
  gap: var(--space-4);
  border-top: 2px solid var(--ink);
  padding-top: var(--space-3);
  max-height: calc(100vh - 12.5rem);
  overflow-y: auto;
}
.add {
  border-top: 2px solid var(--ink);
  padding-top: var(--space-3);
}
.lanes {
  position: sticky;
  bottom: 0;
  background: var(--paper);
  border-top: 1px solid var(--ink);
  padding: var(--space-1) 0 var(--space-2);
  margin-top: var(--space-4);
  z-index: 5;
}
@media (max-width: 60rem) {
  .middle {
    grid-template-columns: 1fr;
  }
  .side {
    position: static;
    max-height: none;
  }
}
@media (max-height: 40rem), (max-width: 60rem) {
  .lanes {
    position: static;
  }
}
</style>
