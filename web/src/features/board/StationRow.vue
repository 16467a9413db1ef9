<script setup lang="ts">
import { t } from '@/lib/text'
import IconButton from '@/ui/IconButton.vue'
import { computed, ref, watch } from 'vue'
import { LEVELS, type Level, type Station } from '@/lib/api/types'
import LadderFields from './LadderFields.vue'
import MoveButtons from './MoveButtons.vue'
import LevelCell from './LevelCell.vue'
import StationDetails from './StationDetails.vue'
import StationParts from './StationParts.vue'
import { duplicateStation, move } from './document'
import { isOneForAll } from './level'
import { stationMarks } from './stationMarks'
import { useBoard } from './useBoard'

const props = defineProps<{
  station: Station
  blockIndex: number
  stationIndex: number
  blockId: string
  count: number
}>()
const board = useBoard()
const open = ref(false)
/** Somebody points at this row, or has the focus in it. */
const isNear = ref(false)

const block = computed(() => board.document.value.blocks[props.blockIndex])
const name = computed(
  () =>
    board.blockPreview(props.blockId)?.stations.find((held) => held.id === props.station.id)?.name ??
    board.movement(props.station.movement)?.name ??
    (props.station.parts ?? []).map((part) => board.movement(part.movement)?.name ?? part.movement).join(' + '),
)
const key = computed(() => `${props.blockId}/${props.station.id}`)
/** Levels that are given the same stand as one; while somebody types there nothing joins or parts by itself. */
const isAlike = () =>
  !props.station.ladder && !props.station.scaling && !block.value?.scaling && isOneForAll(props.station)
const oneForAll = ref(isAlike())
const isOpen = computed(() => board.openRow.value === key.value)
watch([isAlike, isOpen], ([isSame, isOpened]) => {
  if (!isOpened || !isSame) oneForAll.value = isSame
})
const cells = computed<Level[][]>(() => (oneForAll.value ? [[...LEVELS]] : LEVELS.map((level) => [level])))
const marks = computed(() => stationMarks(props.station, oneForAll.value))
const wrong = computed(() => board.errorBelow(`/blocks/${props.blockIndex}/stations/${props.stationIndex}`))

function change(label: string, work: (stations: Station[]) => void) {
  board.edit(label, (draft) => work((draft.blocks[props.blockIndex]!.stations ??= [])))
}

function shift(by: 1 | -1) {
  change(t('board.move_station'), (stations) => move(stations, props.stationIndex, props.stationIndex + by))
}

/** Alt+Shift and an arrow moves the station, wherever in its row the focus is. */
function pressed(event: KeyboardEvent) {
  if (!event.altKey || !event.shiftKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
  event.preventDefault()
  event.stopPropagation()
  shift(event.key === 'ArrowDown' ? 1 : -1)
}
</script>

<template>
  <div
    class="station"
    :class="{ opened: isOpen }"
    :data-row="key"
    role="group"
    :aria-label="$t('board.station_station_index_name', { station_index: stationIndex + 1, name })"
    @keydown="pressed"
    @pointerenter.once="isNear = true"
    @focusin.once="isNear = true"
  >
    <div class="head">
      <input
        type="checkbox"
        class="pick"
        :checked="board.selection.value.has(key)"
        :aria-label="$t('board.choose_name', { name })"
        @change="board.toggleSelected(key)"
      />
      <span class="ordinal handle" data-testid="station-handle" :title="$t('board.drag_to_move')">{{
        stationIndex + 1
      }}</span>
      <div class="name">
        <b :title="name">{{ name }}</b>
        <span v-if="marks.length" class="marks small quiet">{{ marks.join(' · ') }}</span>
        <span v-if="wrong && !open" class="small warn-text">{{ $t('board.needs_correcting') }}</span>
      </div>
    </div>
    <LevelCell
      v-for="levels in cells"
      :key="levels[0]"
      :station="station"
      :levels="levels"
      :block-index="blockIndex"
      :station-index="stationIndex"
      :block-id="blockId"
      :is-near="isNear"
      @together="oneForAll = $event"
    />
    <MoveButtons
      :name="name"
      :first="stationIndex === 0"
      :last="stationIndex === count - 1"
      @shift="shift"
      @remove="change($t('board.remove_station'), (stations) => stations.splice(stationIndex, 1))"
    >
      <IconButton
        icon="copy"
        :label="$t('board.copy_name', { name })"
        @click="
          board.edit($t('board.copy_station'), (draft) => duplicateStation(draft.blocks[blockIndex]!, stationIndex))
        "
      />
      <IconButton
        icon="sliders-h"
        :label="$t('board.name_sides_own_times_notes', { name })"
        :aria-expanded="open"
        @click="open = !open"
      />
    </MoveButtons>
    <LadderFields
      v-if="board.format(block)?.station_keys.includes('ladder')"
      :station="station"
      :block-index="blockIndex"
      :station-index="stationIndex"
    />
    <StationParts :station="station" :block-index="blockIndex" :station-index="stationIndex" />
    <StationDetails
      v-if="open"
      class="details"
      :station="station"
      :block-index="blockIndex"
      :station-index="stationIndex"
    />
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: minmax(10rem, 1.2fr) repeat(3, minmax(0, 1.5fr)) 7.5rem;
  gap: var(--space-2) var(--space-3);
  align-items: start;
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--rule-soft);
}
.head {
  display: flex;
  gap: var(--space-2);
  align-items: baseline;
}
.handle {
  cursor: grab;
}
.pick {
  flex: none;
  align-self: flex-start;
  accent-color: var(--accent);
  width: 1.1rem;
  height: 1.1rem;
  margin: 0;
}
.ordinal {
  font-family: var(--font-display);
  font-weight: 600;
  min-width: 1.1em;
  text-align: right;
}
.name {
  display: grid;
}
.details {
  grid-column: 1 / -1;
}
/* One line; the one that is being edited opens. */
@media (min-width: 60rem) {
  .station {
    padding: 1px 0;
    gap: 0 var(--space-2);
    align-items: center;
  }
  .head {
    align-items: center;
    gap: var(--space-1);
    min-width: 0;
  }
  .pick {
    align-self: center;
    width: 1rem;
    height: 1rem;
  }
  .name {
    display: flex;
    gap: var(--space-1);
    align-items: baseline;
    min-width: 0;
    line-height: 1.2;
  }
  .name > * {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .name > b {
    flex: 0 1 auto;
    min-width: 4rem;
  }
  .marks {
    flex: 1 9 0;
    min-width: 0;
  }
  .station.opened {
    background: var(--paper-sunk);
    align-items: start;
  }
  .station.opened .name {
    display: grid;
  }
  .station.opened .name > * {
    white-space: normal;
  }
}
@media (max-width: 60rem) {
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
