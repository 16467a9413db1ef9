<script setup lang="ts">
import { useSortable } from '@vueuse/integrations/useSortable'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, nextTick, ref, useId, useTemplateRef } from 'vue'
import { clockText, plural } from '@/components/clockText'
import LevelMark from '@/components/LevelMark.vue'
import { LEVELS, type Block, type Level, type Movement } from '@/api/types'
import MovementFinder from './MovementFinder.vue'
import NumberField from './NumberField.vue'
import StationRow from './StationRow.vue'
import { addStation, move, ROLES, setKey, type Typed } from './document'
import { useBoard } from './useBoard'

const props = defineProps<{ block: Block; index: number; count: number }>()
const board = useBoard()
const id = useId()
const more = ref(false)

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

function setRoundsOf(level: Level, value: Typed) {
  change(
    'rounds by level',
    (block) => {
      const rounds = { ...(block.rounds_by_level ?? {}) }
      setKey(rounds, level, value)
      setKey(block, 'rounds_by_level', Object.keys(rounds).length ? rounds : undefined)
    },
    `rounds_by_level/${level}`,
  )
}

function add(movement: Movement) {
  change(`Add ${movement.name}`, (block) => addStation(block, movement))
}

function shift(by: 1 | -1) {
  board.edit('Move block', (draft) => move(draft.blocks, props.index, props.index + by))
}

const list = useTemplateRef<HTMLElement>('list')
useSortable(list, [], {
  handle: '.handle',
  animation: 120,
  onUpdate: (event: { oldIndex?: number; newIndex?: number; item: HTMLElement; from: HTMLElement }) => {
    const { oldIndex, newIndex, item, from } = event
    if (oldIndex === undefined || newIndex === undefined) return
    // The list is drawn from the document: put the row back and change that.
    item.remove()
    from.insertBefore(item, from.children[oldIndex] ?? null)
    void nextTick(() => change('Move station', (block) => move(block.stations ?? [], oldIndex, newIndex)))
  },
})
</script>

<template>
  <section class="block" :class="block.role" :aria-label="title">
    <header class="head">
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
      <span class="tools">
        <Button
          icon="pi pi-arrow-up"
          :disabled="index === 0"
          :aria-label="`Move ${title} up`"
          variant="text"
          severity="secondary"
          size="small"
          @click="shift(-1)"
        />
        <Button
          icon="pi pi-arrow-down"
          :disabled="index === count - 1"
          :aria-label="`Move ${title} down`"
          variant="text"
          severity="secondary"
          size="small"
          @click="shift(1)"
        />
        <Button
          icon="pi pi-trash"
          :aria-label="`Remove ${title}`"
          variant="text"
          severity="secondary"
          size="small"
          @click="board.edit('Remove block', (draft) => draft.blocks.splice(index, 1))"
        />
      </span>
    </header>

    <template v-if="!isPause">
      <div class="clock">
        <NumberField
          label="Work"
          unit="s"
          :model-value="block.work_s"
          :error="board.errorAt(`${pointer}/work_s`)"
          @update:model-value="setNeeded('work_s', $event)"
        />
        <NumberField
          label="Rest"
          unit="s"
          :model-value="block.rest_s"
          :error="board.errorAt(`${pointer}/rest_s`)"
          @update:model-value="setNeeded('rest_s', $event)"
        />
        <NumberField
          label="Rounds"
          :model-value="block.rounds"
          :error="board.errorAt(`${pointer}/rounds`)"
          width="3rem"
          @update:model-value="setNeeded('rounds', $event)"
        />
        <NumberField
          label="Round rest"
          unit="s"
          hint="rest"
          :model-value="block.round_rest_s"
          :error="board.errorAt(`${pointer}/round_rest_s`)"
          @update:model-value="set('round_rest_s', $event)"
        />
        <NumberField
          label="Get ready"
          unit="s"
          hint="0"
          :model-value="block.get_ready_s"
          :error="board.errorAt(`${pointer}/get_ready_s`)"
          @update:model-value="set('get_ready_s', $event)"
        />
        <Button
          :label="more ? 'Less' : 'More'"
          :aria-expanded="more"
          variant="text"
          size="small"
          @click="more = !more"
        />
      </div>
      <div
        v-if="more || block.escalate || block.rounds_by_level || block.rest_after_last || block.switch_s"
        class="clock more"
      >
        <NumberField
          v-for="level in LEVELS"
          :key="level"
          :label="`Rounds, ${level}`"
          hint="all"
          width="3rem"
          :model-value="block.rounds_by_level?.[level]"
          :error="board.errorAt(`${pointer}/rounds_by_level/${level}`)"
          @update:model-value="setRoundsOf(level, $event)"
        />
        <NumberField
          label="Switch sides"
          unit="s"
          hint="0"
          :model-value="block.switch_s"
          :error="board.errorAt(`${pointer}/switch_s`)"
          @update:model-value="set('switch_s', $event)"
        />
        <span class="toggle"
          ><ToggleSwitch
            :input-id="`${id}-last`"
            :model-value="block.rest_after_last ?? false"
            @update:model-value="set('rest_after_last', $event || undefined)"
          /><label :for="`${id}-last`">Rest after the last</label></span
        >
        <span class="toggle"
          ><ToggleSwitch
            :input-id="`${id}-escalate`"
            :model-value="block.escalate ?? false"
            @update:model-value="set('escalate', $event || undefined)"
          /><label :for="`${id}-escalate`">Each round a level harder</label></span
        >
      </div>

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
.tools :deep(button) {
  width: 2rem;
  height: 2rem;
  padding: 0;
}
.clock {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: var(--space-2) var(--space-4);
  padding: var(--space-1) 0 var(--space-2);
}
.more {
  background: var(--paper-sunk);
  padding: var(--space-2) var(--space-3);
}
.toggle {
  display: inline-flex;
  align-items: center;
  gap: var(--space-2);
  font-size: var(--size--1);
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
