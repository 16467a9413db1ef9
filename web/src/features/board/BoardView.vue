<script setup lang="ts">
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { nextTick, ref, useTemplateRef } from 'vue'
import LaneChart from '@/ui/LaneChart.vue'
import KeySheet from '@/ui/KeySheet.vue'
import { controlKey, plainKey, useShortcuts, type Shortcut } from '@/lib/useShortcuts'
import { useOpenRun } from '@/lib/useOpenRun'
import type { Format, Movement, Workout } from '@/lib/api/types'
import BalancePanel from './BalancePanel.vue'
import BlockEditor from './BlockEditor.vue'
import BoardHeader from './BoardHeader.vue'
import ConflictDialog from './ConflictDialog.vue'
import FindingsPanel from './FindingsPanel.vue'
import HistoryDialog from './HistoryDialog.vue'
import SelectionBar from './SelectionBar.vue'
import SlotDialog from './SlotDialog.vue'
import SuggestDialog from './SuggestDialog.vue'
import TargetsDialog from './TargetsDialog.vue'
import TotalsPanel from './TotalsPanel.vue'
import { addBlock, addPause, move } from './document'
import { createBoard, provideBoard } from './useBoard'
import { SAVING } from './useAutosave'
import { useDragOrder } from './useDragOrder'

const props = defineProps<{ workout: Workout; movements: Movement[]; formats: Format[] }>()
const board = createBoard(props.workout, props.movements, props.formats)
provideBoard(board)
const toast = useToast()
const { openRun, opening } = useOpenRun()

const document = board.document
const keysShown = ref(false)
const historyShown = ref(false)
const slotShown = ref(false)
const suggestShown = ref(false)
function undo() {
  const label = board.undo()
  if (label) toast.add({ severity: 'secondary', summary: `Undone: ${label}`, life: 1800 })
}

function redo() {
  const label = board.redo()
  if (label) toast.add({ severity: 'secondary', summary: `Done again: ${label}`, life: 1800 })
}

async function newBlock() {
  board.edit('Add a block', (draft) => void addBlock(draft, board.formats))
  await nextTick()
  focusFinder()
}

function newPause() {
  const pause = board.formats.find((format) => !format.stations)
  if (pause) board.edit('Add a pause', (draft) => void addPause(draft, pause))
}

async function run() {
  await board.autosave.save()
  const state = board.autosave.state.value
  if (state === 'saved') await openRun(board.id)
  else toast.add({ severity: 'warn', summary: 'Not yet', detail: SAVING[state], life: 5000 })
}

function fixNumbered(event: KeyboardEvent) {
  const finding = board.preview.preview.value?.findings[Number(event.code.slice(-1)) - 1]
  if (finding?.fix && board.preview.of.value === document.value) board.applyFix(finding)
}

function finishTogether() {
  board.targetsOf.value = { name: 'the whole class' }
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
  {
    keys: 'Alt ↑ / Alt ↓',
    label: 'In a cell: the next version up or down',
    matches: () => false,
    run: () => undefined,
  },
  { keys: 'Alt F', label: 'In a cell: the number that fits the window', matches: () => false, run: () => undefined },
  { keys: 'Alt R / Alt B', label: 'In a cell: copy it right, or below', matches: () => false, run: () => undefined },
  { keys: 'Alt Shift ↑ / ↓', label: 'In a station: move it', matches: () => false, run: () => undefined },
  {
    keys: 'Alt 1 … Alt 9',
    label: 'Apply the fix of that finding',
    matches: (event) => event.altKey && !event.shiftKey && /^Digit[1-9]$/.test(event.code),
    run: fixNumbered,
    inFields: true,
  },
  { keys: 't', label: 'Targets that finish together', matches: plainKey('t'), run: finishTogether },
  { keys: 's', label: 'Fit to the slot', matches: plainKey('s'), run: () => (slotShown.value = true) },
  {
    keys: 'w',
    label: 'Suggest a warm-up or cool-down',
    matches: plainKey('w'),
    run: () => (suggestShown.value = true),
  },
  { keys: 'a', label: 'Add a station to the last block', matches: plainKey('a'), run: () => focusFinder() },
  { keys: '?', label: 'These keys', matches: plainKey('?'), run: () => (keysShown.value = true) },
]
useShortcuts(shortcuts)

function focusFinder() {
  const block = document.value.blocks.findLast((candidate) => board.format(candidate)?.stations)
  if (block) window.document.getElementById(`add-${block.id}`)?.focus()
}

const blocks = useTemplateRef<HTMLElement>('blocks')
useDragOrder(blocks, '.block-handle', (from, to) => board.edit('Move block', (draft) => move(draft.blocks, from, to)))

const ordinal = (block: string, station: string) =>
  (document.value.blocks.find((held) => held.id === block)?.stations ?? []).findIndex((held) => held.id === station) + 1
const blockTitle = (id: string) => document.value.blocks.find((block) => block.id === id)?.title ?? ''
</script>

<template>
  <div class="board">
    <BoardHeader
      :running="opening"
      @undo="undo"
      @redo="redo"
      @history="historyShown = true"
      @keys="keysShown = true"
      @run="run"
    />

    <div class="middle">
      <div class="blocks">
        <SelectionBar />
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
          <Button label="Add a block" icon="pi pi-plus" variant="outlined" size="small" @click="newBlock" />
          <Button
            label="Add a pause"
            icon="pi pi-plus"
            variant="outlined"
            size="small"
            severity="secondary"
            @click="newPause"
          />
          <Button
            label="Suggest"
            size="small"
            variant="outlined"
            aria-keyshortcuts="w"
            title="A warm-up or cool-down for this class"
            @click="suggestShown = true"
          />
          <Button
            label="Finish together"
            size="small"
            variant="outlined"
            aria-keyshortcuts="t"
            @click="finishTogether"
          />
          <Button label="Fit to slot" size="small" variant="outlined" aria-keyshortcuts="s" @click="slotShown = true" />
        </div>
      </div>
      <aside class="side" tabindex="0" aria-label="Totals and findings">
        <TotalsPanel />
        <FindingsPanel />
        <BalancePanel />
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
        :ordinal="ordinal"
        :class="{ late: board.late.value }"
      />
    </section>
    <ConflictDialog />
    <SlotDialog v-model:visible="slotShown" />
    <SuggestDialog v-model:visible="suggestShown" />
    <TargetsDialog />
    <HistoryDialog v-model:visible="historyShown" />
    <KeySheet v-model:visible="keysShown" :shortcuts="shortcuts" />
  </div>
</template>

<style scoped>
/* What is reached by key is not left under the chart. */
:global(html:has(.board > .lanes)) {
  scroll-padding-bottom: 12rem;
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
  grid-template-columns: minmax(0, 1fr);
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
