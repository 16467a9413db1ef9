<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import { clockText } from '@/lib/clockText'
import type { Block, Movement } from '@/lib/api/types'
import BlockClock from './BlockClock.vue'
import MoveButtons from './MoveButtons.vue'
import MovementFinder from './MovementFinder.vue'
import IconButton from '@/ui/IconButton.vue'
import NumberField from '@/ui/NumberField.vue'
import { addCompound, addStation, copyBlock, move, ROLES } from './document'
import { setKey, type Typed } from '@/lib/typed'
import { useBoard } from './useBoard'
import { useReformat } from './useReformat'

// A block in one line: what it is, its first numbers, what it comes to, and what is done with it as a whole.
const props = defineProps<{ block: Block; index: number; count: number; title: string }>()
const asked = defineModel<boolean>('asked', { required: true })
const board = useBoard()
const { offered, reformat } = useReformat(() => props.block)

const pointer = computed(() => `/blocks/${props.index}`)
const preview = computed(() => board.blockPreview(props.block.id))
const format = computed(() => board.format(props.block))
const isPause = computed(() => format.value?.stations === false)

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
  change(t('board.add_name', { name: movement.name }), (block) => addStation(block, movement, format.value))
}

/** Two movements to begin with; the parts are chosen in the station. */
function addParts() {
  const [one, other] = ['high_knees', 'mountain_climber'].map((id) => board.movement(id))
  if (one && other)
    change(t('board.add_a_compound_station'), (block) => void addCompound(block, [one, other], format.value))
}

function shift(by: 1 | -1) {
  board.edit(t('board.move_block'), (draft) => move(draft.blocks, props.index, props.index + by))
}
</script>

<template>
  <header class="head">
    <span class="block-handle" data-testid="block-handle" :title="$t('board.drag_to_move')" aria-hidden="true">⠿</span>
    <InputText
      class="title"
      :aria-label="$t('board.block_title')"
      maxlength="120"
      :placeholder="$t('board.untitled_block')"
      :model-value="block.title ?? ''"
      @update:model-value="set('title', $event)"
    />
    <Select
      v-if="!isPause"
      :aria-label="$t('board.role_of_the_block')"
      :model-value="block.role"
      :options="ROLES"
      option-label="label"
      option-value="value"
      size="small"
      @update:model-value="set('role', $event)"
    />
    <Select
      v-if="!isPause"
      :aria-label="$t('board.format_of_the_block')"
      :model-value="block.format"
      :options="offered"
      option-label="label"
      option-value="id"
      size="small"
      @update:model-value="reformat"
    >
      <template #option="{ option }">
        <span class="option"
          ><b>{{ option.label }}</b
          ><span class="small">{{ option.says }}</span></span
        >
      </template>
    </Select>
    <NumberField
      v-if="isPause"
      :label="$t('board.lasts')"
      :unit="$t('common.s')"
      :model-value="block.seconds"
      :error="board.errorAt(`${pointer}/seconds`)"
      @update:model-value="setNeeded('seconds', $event)"
    />
    <BlockClock v-if="!isPause" v-model:asked="asked" :block="block" :index="index" />
    <span class="total" :class="{ late: board.late.value }"
      ><span v-if="preview?.paced && preview.tally !== 'rounds'" class="small quiet"
        >{{ $t('common.about') }}{{ ' ' }}</span
      ><span class="figure">{{
        !preview ? '–' : format?.tally === 'day' ? $t('board.all_day') : clockText(preview.total_s)
      }}</span></span
    >
    <span v-if="!isPause" class="add">
      <Button
        icon="pi pi-link"
        size="small"
        variant="text"
        severity="secondary"
        :aria-label="$t('board.compound_in_title', { title })"
        :title="$t('board.several_movements_that_count_as_one')"
        @click="addParts"
      />
      <Button
        v-if="block.stations?.length && format?.targets"
        icon="pi pi-align-center"
        size="small"
        variant="text"
        severity="secondary"
        :title="$t('board.finish_together')"
        :aria-label="$t('board.finish_together_title', { title })"
        @click="board.targetsOf.value = { block: block.id, name: title }"
      />
      <MovementFinder
        :movements="board.offered.value"
        :label="$t('board.add_a_station_to_title_type', { title })"
        :placeholder="$t('board.add_a_station')"
        :input-id="`add-${block.id}`"
        @pick="add"
      />
    </span>
    <MoveButtons
      :name="title"
      :first="index === 0"
      :last="index === count - 1"
      @shift="shift"
      @remove="board.edit($t('board.remove_block'), (draft) => draft.blocks.splice(index, 1))"
    >
      <IconButton
        icon="copy"
        :label="$t('board.copy_name', { name: title })"
        @click="board.edit($t('board.copy_block'), (draft) => void copyBlock(draft, block.id))"
      />
    </MoveButtons>
  </header>
</template>

<style scoped>
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
  font-size: var(--size-1);
}
.late {
  color: var(--ink-soft);
  font-style: italic;
}
.add {
  display: inline-flex;
  align-items: center;
}
.option {
  display: grid;
}
/* A line of its own on a wide screen. */
@media (min-width: 60rem) {
  .head {
    flex-wrap: nowrap;
    gap: 0 var(--space-1);
    min-height: 2rem;
  }
  .title {
    flex: 1 1 8rem;
    min-width: 5.5rem;
    padding: 0.1rem 0;
    font-size: var(--size-0);
  }
  .head > :deep(.p-select) {
    flex: 0 1 auto;
    min-width: 3.6rem;
    max-width: 6.4rem;
    --p-select-sm-padding-y: 0.15rem;
    --p-select-sm-padding-x: 0.35rem;
    --p-select-sm-font-size: 0.8rem;
    --p-select-dropdown-width: 1.3rem;
  }
  .add :deep(.p-button) {
    width: 1.5rem;
    height: 1.5rem;
    padding: 0;
  }
}
@media (max-width: 60rem) {
  .add {
    flex: 1 1 100%;
    min-width: 0;
  }
  .add :deep(.finder) {
    flex: 1;
    min-width: 0;
    width: auto;
  }
  .add :deep(.p-button) {
    width: 2.5rem;
    height: 2.5rem;
  }
}
</style>
