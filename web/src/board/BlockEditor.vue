<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, useTemplateRef } from 'vue'
import { clockText, plural } from '@/components/clockText'
import LevelMark from '@/components/LevelMark.vue'
import { LEVELS, type Block, type Movement } from '@/api/types'
import BlockClock from './BlockClock.vue'
import MoveButtons from './MoveButtons.vue'
import MovementFinder from './MovementFinder.vue'
import NumberField from './NumberField.vue'
import StationRow from './StationRow.vue'
import { addStation, move, ROLES, setKey, type Typed } from './document'
import { useBoard } from './useBoard'
import { useDragOrder } from './useDragOrder'

const props = defineProps<{ block: Block; index: number; count: number }>()
const board = useBoard()

const pointer = computed(() => `/blocks/${props.index}`)
const preview = computed(() => board.blockPreview(props.block.id))
const isPause = computed(() => props.block.format === 'pause')
const title = computed(() => props.block.title || 'Untitled block')

function change(label: string, work: (block: Block) => void, key = '') {
  board.edit(label, (draft) => work(draft.blocks[props.index]!), key ? `${pointer.value}/${key}` : '')
}

function set(key: string, value: unknown) {
  change(key.replace('_s', '').replace('_', ' '), (block) => setKey(block, key, value), key)
}

/** A number that the format needs is never taken away: an empty field stays empty and is complained of. */
function setNeeded(key: string, value: Typed) {
  change(key, (block) => void ((block as Record<string, unknown>)[key] = value ?? ''), key)
}

function add(movement: Movement) {
  change(`Add ${movement.name}`, (block) => addStation(block, movement))
}

function shift(by: 1 | -1) {
  board.edit('Move block', (draft) => move(draft.blocks, props.index, props.index + by))
}

const list = useTemplateRef<HTMLElement>('list')
useDragOrder(list, '.handle', (from, to) => change('Move station', (block) => move(block.stations ?? [], from, to)))
</script>

<template>
  <section class="block" :class="block.role" :aria-label="title">
    <header class="head">
      <span class="block-handle" title="Drag to move" aria-hidden="true">⠿</span>
      <InputText
        class="title"
        aria-label="Block title"
        maxlength="120"
        placeholder="Untitled block"
        :model-value="block.title ?? ''"
        @update:model-value="set('title', $event)"
      />
      <Select
        v-if="!isPause"
        aria-label="Role of the block"
        :model-value="block.role"
        :options="ROLES"
        option-label="label"
        option-value="value"
        size="small"
        @update:model-value="set('role', $event)"
      />
      <NumberField
        v-else
        label="Lasts"
        unit="s"
        :model-value="block.seconds"
        :error="board.errorAt(`${pointer}/seconds`)"
        @update:model-value="setNeeded('seconds', $event)"
      />
      <span class="total figure" :class="{ late: board.late.value }">{{
        preview ? clockText(preview.total_s) : '–'
      }}</span>
      <MoveButtons
        :name="title"
        :first="index === 0"
        :last="index === count - 1"
        @shift="shift"
        @remove="board.edit('Remove block', (draft) => draft.blocks.splice(index, 1))"
      />
    </header>

    <template v-if="!isPause">
      <BlockClock :block="block" :index="index" />

      <div v-if="block.stations?.length" class="columns" aria-hidden="true">
        <span>{{ plural(block.stations.length, 'station') }}</span>
        <LevelMark v-for="level in LEVELS" :key="level" :level="level" />
      </div>
      <div ref="list">
        <StationRow
          v-for="(station, stationIndex) in block.stations ?? []"
          :key="station.id"
          :station="station"
          :block-index="index"
          :station-index="stationIndex"
          :block-id="block.id"
          :count="block.stations?.length ?? 0"
        />
      </div>
      <div class="add">
        <MovementFinder
          :movements="board.movements"
          :label="`Add a station to ${title}: type a movement`"
          :input-id="`add-${block.id}`"
          @pick="add"
        />
      </div>
    </template>
  </section>
</template>

<style scoped>
.block {
  border-top: 2px solid var(--ink);
  padding: var(--space-2) 0 var(--space-4);
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-3);
}
.block-handle {
  cursor: grab;
  color: var(--ink-soft);
}
.title {
  font-family: var(--font-display);
  font-size: var(--size-1);
  font-weight: 600;
  border-color: transparent;
  background: transparent;
  padding-left: 0;
  flex: 1 1 12rem;
}
.title:hover,
.title:focus {
  background: var(--paper-raised);
}
.total {
  margin-left: auto;
  font-size: var(--size-2);
}
.late {
  color: var(--ink-soft);
  font-style: italic;
}
.columns {
  display: grid;
  grid-template-columns: minmax(8.5rem, 1.1fr) repeat(3, minmax(0, 1.6fr)) 6rem;
  gap: var(--space-3);
  font-size: var(--size--1);
  color: var(--ink-soft);
  border-bottom: 1px solid var(--ink);
  padding-bottom: var(--space-1);
}
.add {
  padding-top: var(--space-2);
}
@media (max-width: 60rem) {
  .columns {
    display: none;
  }
}
</style>
