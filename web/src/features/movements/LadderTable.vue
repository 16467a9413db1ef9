<script setup lang="ts">
import { computed } from 'vue'
import type { Movement, Variation } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import BodyJoints from '@/ui/BodyJoints.vue'
import LevelTally from '@/ui/LevelTally.vue'
import FigureOf from '@/ui/figure/FigureOf.vue'
import { pieceText } from './words'

// A ladder at a glance: its versions side by side, the easiest on the left, with what changes
// from one to the next. One of them is opened for the rest.
const props = defineProps<{ movement: Movement; open: string; dimmed: Set<string> }>()
defineEmits<{ open: [id: string] }>()

const needs = (variation: Variation) => [
  ...variation.kit.map(pieceText),
  ...(variation.hold ? [t('movements.something_to_hold').toLowerCase()] : []),
  ...(variation.gets_down ? [t('movements.gets_down_to_the_floor').toLowerCase()] : []),
  ...(variation.impact === 'none' ? [] : [t('movements.impact_impact', { impact: readable(variation.impact) })]),
]
const columns = computed(() => ({
  gridTemplateColumns: `repeat(${props.movement.ladder.length}, minmax(8.6rem, 1fr))`,
}))
</script>

<template>
  <div
    class="scroll-x"
    tabindex="0"
    role="region"
    :aria-label="$t('movements.ladder_of_name', { name: movement.name })"
  >
    <div class="ladder" :style="columns">
      <section
        v-for="variation in movement.ladder"
        :key="variation.id"
        :aria-label="variation.name"
        class="variation"
        :class="{ here: variation.id === open, dim: dimmed.has(variation.id) }"
      >
        <div class="pictures">
          <FigureOf
            :version="variation.id"
            :label="$t('figure.label', { name: variation.name, standard: variation.standard })"
            class="figure"
          />
          <BodyJoints :loaded="variation.joints" :moved="variation.moves" />
        </div>
        <h3>
          <button
            type="button"
            :aria-expanded="variation.id === open"
            aria-controls="version"
            @click="$emit('open', variation.id)"
          >
            {{ variation.name }}
          </button>
        </h3>
        <p class="marks">
          <LevelTally v-for="level in variation.levels" :key="level" :level="level" />
          <span v-if="variation.guessed_from" class="warn-text">{{ $t('movements.a_guess') }}</span>
        </p>
        <p class="change">{{ Object.values(variation.levers).join('; ') }}</p>
        <ul>
          <li v-for="cue in variation.cues" :key="cue">{{ cue }}</li>
        </ul>
        <ul class="faults" :aria-label="$t('movements.faults')">
          <li v-for="fault in variation.faults" :key="fault.see">{{ $t('movements.see_say', fault) }}</li>
        </ul>
        <p class="joints">
          <b>{{ $t('movements.loads') }}</b>
          {{ variation.joints.map(readable).join(', ') || $t('movements.no_joint_in_particular') }}
        </p>
        <p class="quiet">{{ needs(variation).join(', ') || $t('movements.nothing_needed') }}</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.ladder {
  display: grid;
  grid-template-rows: repeat(8, auto);
  border-top: 2px solid var(--ink);
  border-bottom: 2px solid var(--ink);
}
.variation {
  display: grid;
  grid-row: span 8;
  grid-template-rows: subgrid;
  gap: var(--space-1);
  padding: var(--space-2);
  border-left: 1px solid var(--rule);
  font-size: var(--size--1);
  line-height: 1.25;
  min-width: 0;
}
.variation:first-child {
  border-left: 0;
}
.variation.here {
  background: var(--accent-wash);
}
.variation.dim > * {
  opacity: 0.55;
}
.pictures {
  display: flex;
  justify-content: space-between;
  align-items: end;
}
.figure {
  flex: 1;
  height: 5.4rem;
}
.pictures :deep(svg:last-child) {
  flex: none;
}
h3 {
  font-size: var(--size-0);
  margin: 0;
  line-height: 1.15;
}
h3 button {
  all: unset;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 0.15em;
  text-decoration-thickness: 1px;
  min-height: 1.5rem;
}
h3 button:focus-visible {
  outline: 2px solid var(--accent);
  outline-offset: 2px;
}
.marks {
  display: flex;
  gap: var(--space-3);
}
p,
ul {
  margin: 0;
}
ul {
  padding-left: 1em;
}
.change {
  font-style: italic;
}
.faults {
  list-style: none;
  padding-left: var(--space-2);
  border-left: 3px solid var(--rule);
}
.joints b {
  font-weight: 600;
}
</style>
