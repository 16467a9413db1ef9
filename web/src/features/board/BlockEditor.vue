<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { computed, ref, useTemplateRef } from 'vue'
import LevelMark from '@/ui/LevelMark.vue'
import { LEVELS, type Block } from '@/lib/api/types'
import BlockForecast from './BlockForecast.vue'
import BlockHead from './BlockHead.vue'
import BlockMore from './BlockMore.vue'
import StationRow from './StationRow.vue'
import { move } from './document'
import { useBoard } from './useBoard'
import { useDragOrder } from './useDragOrder'
import { inWords } from './useReformat'

const props = defineProps<{ block: Block; index: number; count: number; heads: boolean }>()
const board = useBoard()

const preview = computed(() => board.blockPreview(props.block.id))
const isPause = computed(() => board.format(props.block)?.stations === false)
const title = computed(() => props.block.title || t('board.untitled_block'))
const asked = ref(false)
const aside = computed(() => Object.keys(props.block.set_aside ?? {}))

const list = useTemplateRef<HTMLElement>('list')
useDragOrder(list, '.handle', (from, to) =>
  board.edit(t('board.move_station'), (draft) => move(draft.blocks[props.index]!.stations ?? [], from, to)),
)
</script>

<template>
  <section
    class="block"
    :class="block.role"
    :aria-label="title"
    data-testid="block"
    @focusin="board.at.value = block.id"
  >
    <BlockHead v-model:asked="asked" :block="block" :index="index" :count="count" :title="title" />

    <template v-if="!isPause">
      <BlockMore :block="block" :index="index" :shown="asked" />
      <p v-if="aside.length" class="small quiet aside">
        {{ $t('board.set_aside_for_another_format_in_words', { in_words: inWords(aside) }) }}
      </p>

      <div v-if="block.stations?.length" class="columns" :class="{ heads }" aria-hidden="true">
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
      <BlockForecast v-if="preview && block.stations?.length" :block="block" :preview="preview" :kit-shown="asked" />
    </template>
  </section>
</template>

<style scoped>
.block {
  border-top: 2px solid var(--ink);
  padding: var(--space-2) 0 var(--space-4);
}
.columns {
  display: grid;
  grid-template-columns: minmax(10rem, 1.2fr) repeat(3, minmax(0, 1.5fr)) 7.5rem;
  gap: var(--space-3);
  font-size: var(--size--1);
  color: var(--ink-soft);
  border-bottom: 1px solid var(--ink);
  padding-bottom: var(--space-1);
}
.aside {
  border-left: 3px solid var(--rule);
  padding-left: var(--space-2);
  margin-bottom: var(--space-2);
}
/* All of a class at one look: a line for a block, a line for a station. */
@media (min-width: 60rem) {
  .block {
    border-top-width: 1px;
    padding: 0 0 var(--space-1);
  }
  .columns:not(.heads) {
    display: none;
  }
}
@media (max-width: 60rem) {
  .columns {
    display: none;
  }
}
</style>
