<script setup lang="ts">
import { readable } from '@/lib/readable'
import { LEVELS, type Level } from '@/lib/api/types'

// A tap for a level: a round done, or a set; and one taken back.
defineProps<{ level: Level; rounds?: number; when?: string }>()
defineEmits<{ tap: []; back: [] }>()
</script>

<template>
  <div class="tally">
    <button
      type="button"
      class="count"
      :aria-keyshortcuts="String(LEVELS.indexOf(level) + 1)"
      :aria-label="
        rounds === undefined
          ? $t('floor.a_set_done_by_level', { level: readable(level) })
          : $t('floor.rounds_rounds_for_level_one_more', { rounds, level: readable(level) })
      "
      @click="$emit('tap')"
    >
      <template v-if="rounds === undefined">{{ when ?? $t('floor.set_done') }}</template>
      <template v-else
        ><span class="figure">{{ rounds }}</span
        >{{ $t('common.rounds') }}</template
      >
      <kbd aria-hidden="true">{{ LEVELS.indexOf(level) + 1 }}</kbd>
    </button>
    <button
      type="button"
      class="back"
      :aria-label="
        rounds === undefined
          ? $t('floor.one_set_less_for_level', { level: readable(level) })
          : $t('floor.one_round_less_for_level', { level: readable(level) })
      "
      @click="$emit('back')"
    >
      −
    </button>
  </div>
</template>

<style scoped>
.tally {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.5vw;
}
.count,
.back {
  font: inherit;
  color: var(--ink);
  background: var(--paper-raised);
  border: 2px solid var(--hue);
  border-radius: var(--corner);
  min-height: max(2.75rem, min(7vh, 6vw));
  cursor: pointer;
}
.count {
  display: flex;
  align-items: center;
  justify-content: center;
  flex-wrap: wrap;
  column-gap: 0.6em;
  min-width: 0;
  font-size: max(1rem, min(2.6vh, 2.7vw));
}
.count .figure {
  font-size: max(1.8rem, min(6.5vh, 6vw));
  line-height: 1;
}
.back {
  min-width: 3.2rem;
  font-size: 1.6rem;
}
</style>
