<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import LaneChart from '@/ui/LaneChart.vue'
import KeySheet from '@/ui/KeySheet.vue'
import { useShortcuts } from '@/lib/useShortcuts'
import { useOpenRun } from '@/lib/useOpenRun'
import type { Block, Format, Movement, Workout } from '@/lib/api/types'
import BalancePanel from './BalancePanel.vue'
import BlockEditor from './BlockEditor.vue'
import BoardHeader from './BoardHeader.vue'
import BoardTools from './BoardTools.vue'
import ConflictDialog from './ConflictDialog.vue'
import FindingsPanel from './FindingsPanel.vue'
import HistoryDialog from './HistoryDialog.vue'
import PasteDialog from './PasteDialog.vue'
import SelectionBar from './SelectionBar.vue'
import SlotDialog from './SlotDialog.vue'
import SuggestDialog from './SuggestDialog.vue'
import TakeBlockDialog from './TakeBlockDialog.vue'
import TargetsDialog from './TargetsDialog.vue'
import TotalsPanel from './TotalsPanel.vue'
import { boardKeys } from './boardKeys'
import { addBlock, addPause, move } from './document'
import { inOrder } from './findings'
import { createBoard, provideBoard } from './useBoard'
import { SAVING } from './useAutosave'
import { useDragOrder } from './useDragOrder'
import { useToldHistory } from './useToldHistory'

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
const chartHigh = ref(false)
const pasteShown = ref(false)
const takeShown = ref(false)
const { undo, redo } = useToldHistory(board)

/** Behind the block in which somebody works, ready for the first station. */
async function newBlock(role: Block['role'] = 'main') {
  board.edit(t('board.add_a_block'), (draft) => {
    board.at.value = addBlock(draft, board.formats, role, board.at.value).id
  })
  await nextTick()
  focusFinder(board.at.value)
}

function newPause() {
  const pause = board.formats.find((format) => !format.stations)
  if (pause) board.edit(t('board.add_a_pause'), (draft) => void addPause(draft, pause, board.at.value))
}

async function run() {
  await board.autosave.save()
  const state = board.autosave.state.value
  if (state === 'saved') await openRun(board.id)
  else toast.add({ severity: 'warn', summary: t('board.not_yet'), detail: SAVING[state], life: 5000 })
}

function fixNumbered(event: KeyboardEvent) {
  const finding = inOrder(board.preview.preview.value?.findings ?? [])[Number(event.code.slice(-1)) - 1]
  if (finding) board.applyFix(finding)
}

function finishTogether() {
  board.targetsOf.value = { name: t('board.the_whole_class') }
}

const shortcuts = boardKeys({
  undo,
  redo,
  save: () => void board.autosave.save(),
  fixNumbered,
  targets: finishTogether,
  slot: () => (slotShown.value = true),
  suggest: () => (suggestShown.value = true),
  station: () => focusFinder(),
  block: () => void newBlock(),
  finisher: () => void newBlock('finisher'),
  paste: () => (pasteShown.value = true),
  take: () => (takeShown.value = true),
  chart: () => (chartHigh.value = !chartHigh.value),
  keys: () => (keysShown.value = true),
})
useShortcuts(shortcuts)

function focusFinder(id: string | null = null) {
  const block =
    document.value.blocks.find((candidate) => candidate.id === id) ??
    document.value.blocks.findLast((candidate) => board.format(candidate)?.stations)
  if (block) window.document.getElementById(`add-${block.id}`)?.focus()
}

const blocks = useTemplateRef<HTMLElement>('blocks')
useDragOrder(blocks, '.block-handle', (from, to) =>
  board.edit(t('board.move_block'), (draft) => move(draft.blocks, from, to)),
)

/** Over its stations stand the levels' names, once for all blocks. */
const firstWithStations = computed(() => document.value.blocks.find((block) => block.stations?.length)?.id)
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
      <div class="blocks" @focusin="board.focused">
        <SelectionBar />
        <div ref="blocks">
          <BlockEditor
            v-for="(block, index) in document.blocks"
            :key="block.id"
            :block="block"
            :index="index"
            :count="document.blocks.length"
            :heads="block.id === firstWithStations"
          />
        </div>
        <p v-if="!document.blocks.length" class="quiet">{{ $t('board.no_blocks_yet_a_class_is') }}</p>
        <BoardTools
          @block="newBlock"
          @pause="newPause"
          @paste="pasteShown = true"
          @take="takeShown = true"
          @suggest="suggestShown = true"
          @together="finishTogether"
          @slot="slotShown = true"
        />
      </div>
      <aside class="side" tabindex="0" :aria-label="$t('board.totals_and_findings')">
        <TotalsPanel />
        <FindingsPanel />
        <BalancePanel />
        <p class="small quiet">{{ $t('board.an_estimate_for_a_group_not') }}</p>
      </aside>
    </div>

    <section class="lanes" :aria-label="$t('board.lane_chart')">
      <Button
        class="unfold"
        :icon="chartHigh ? 'pi pi-chevron-down' : 'pi pi-chevron-up'"
        :aria-label="chartHigh ? $t('board.chart_low') : $t('board.chart_high')"
        :aria-expanded="chartHigh"
        aria-keyshortcuts="l"
        variant="text"
        severity="secondary"
        size="small"
        @click="chartHigh = !chartHigh"
      />
      <LaneChart
        v-if="board.preview.preview.value"
        :preview="board.preview.preview.value"
        :compact="!chartHigh"
        :title="blockTitle"
        :ordinal="ordinal"
        :class="{ late: board.late.value }"
      />
    </section>
    <ConflictDialog />
    <PasteDialog v-model:visible="pasteShown" />
    <TakeBlockDialog v-model:visible="takeShown" />
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
  scroll-padding-bottom: 4.5rem;
}
.board {
  margin-top: calc(-1 * var(--space-3));
}
.middle {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 16.5rem;
  gap: var(--space-4);
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
}
.unfold {
  position: absolute;
  right: 0;
  top: 0;
  width: 1.6rem;
  height: 1.6rem;
  padding: 0;
}
.lanes {
  position: sticky;
  bottom: 0;
  background: var(--paper);
  border-top: 1px solid var(--ink);
  padding: 0 2rem 0 0;
  margin-top: var(--space-2);
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
    position: relative;
  }
}
</style>
