<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import { computed } from 'vue'

import { LEVELS, type Block, type Station } from '@/lib/api/types'
import { duplicateStation } from './document'
import { stepVersion } from './level'
import { setKey } from '@/lib/typed'
import { useBoard } from './useBoard'

// What can be done with several stations at once. Each is one step back.
const board = useBoard()
const count = computed(() => board.selection.value.size)

function change(label: string, work: (block: Block, index: number, station: Station) => void) {
  const chosen = board.selection.value
  board.edit(label, (draft) => {
    for (const block of draft.blocks)
      for (let index = (block.stations?.length ?? 0) - 1; index >= 0; index--) {
        const station = block.stations![index]!
        if (chosen.has(`${block.id}/${station.id}`)) work(block, index, station)
      }
  })
}

const step = (by: 1 | -1) =>
  change(by > 0 ? t('board.harder_versions') : t('board.easier_versions'), (_block, _index, station) => {
    for (const level of LEVELS) stepVersion(board.movement, station, level, by)
  })
const sides = (value: Station['sides']) =>
  change(t('board.sides'), (_block, _index, station) => setKey(station, 'sides', value === 'both' ? undefined : value))

function remove() {
  change(t('board.remove_stations'), (block, index) => void block.stations!.splice(index, 1))
  board.clearSelection()
}
</script>

<template>
  <div v-if="count" class="bar" role="toolbar" :aria-label="$t('board.the_chosen_stations')">
    <b role="status">{{ $t('board.plural_chosen', { plural: plural(count, 'station') }) }}</b>
    <Button :label="$t('board.harder_versions')" size="small" variant="outlined" @click="step(1)" />
    <Button :label="$t('board.easier_versions')" size="small" variant="outlined" @click="step(-1)" />
    <Button :label="$t('board.half_a_side')" size="small" variant="outlined" @click="sides('split')" />
    <Button :label="$t('board.both_sides_at_once')" size="small" variant="outlined" @click="sides('both')" />
    <Button
      :label="$t('board.copy')"
      size="small"
      variant="outlined"
      @click="change($t('board.copy_stations'), duplicateStation)"
    />
    <Button :label="$t('board.remove')" size="small" variant="outlined" severity="danger" @click="remove" />
    <Button :label="$t('board.let_go')" size="small" variant="text" @click="board.clearSelection()" />
  </div>
</template>

<style scoped>
.bar {
  /* It moves nothing under the pointer. */
  position: fixed;
  bottom: 4rem;
  left: 50%;
  transform: translateX(-50%);
  width: max-content;
  max-width: 94vw;
  z-index: 6;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2);
  background: var(--accent-wash);
  border: 1px solid var(--accent);
  padding: var(--space-2) var(--space-3);
}
</style>
