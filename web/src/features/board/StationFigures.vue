<script setup lang="ts">
import LevelMark from '@/ui/LevelMark.vue'
import FigureOf from '@/ui/figure/FigureOf.vue'
import { LEVELS, type Station } from '@/lib/api/types'
import { computed } from 'vue'
import { versionOf } from './level'
import { useBoard } from './useBoard'

// An opened station's three versions as they move.
const props = defineProps<{ station: Station }>()
const board = useBoard()
const shown = computed(() =>
  LEVELS.flatMap((level) => {
    const variation = props.station.levels[level].sits_out ? undefined : versionOf(board.movement, props.station, level)
    return variation ? [{ level, variation }] : []
  }),
)
</script>

<template>
  <div v-if="shown.length" class="figures">
    <figure v-for="{ level, variation } in shown" :key="level">
      <FigureOf
        :key="variation.id"
        :version="variation.id"
        :label="$t('figure.label', { name: variation.name, standard: variation.standard })"
        class="figure"
      />
      <figcaption class="small"><LevelMark :level="level" /> {{ variation.name }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--space-4);
}
figure {
  margin: 0;
  min-width: 0;
}
.figure {
  height: 5rem;
}
</style>
