<script setup lang="ts">
import type { Variation } from '@/lib/api/types'
import LevelMark from '@/ui/LevelMark.vue'
import PositionFigure from '@/ui/PositionFigure.vue'
import { readable } from '@/lib/readable'

// One rung of a ladder: everything an instructor must know to offer it.
defineProps<{ rung: Variation }>()
/** What some must avoid, in words. */
const STRAINS = {
  overhead: 'hands overhead',
  head_low: 'the head below the hips',
  bends_forward: 'a spine that bends forward',
  straining: 'straining that invites held breath',
} as const
</script>

<template>
  <section :aria-label="rung.name">
    <PositionFigure :position="rung.position" />
    <h3>{{ rung.name }}</h3>
    <p class="marks"><LevelMark v-for="level in rung.levels" :key="level" :level="level" /></p>
    <p><b>A rep counts if:</b> {{ rung.standard }}</p>
    <ul>
      <li v-for="cue in rung.cues" :key="cue">{{ cue }}</li>
    </ul>
    <p class="small">{{ rung.breathing }}</p>
    <p v-for="caution in rung.cautions" :key="caution" class="small caution">{{ caution }}</p>
    <dl class="small">
      <dt>Demand</dt>
      <dd>
        {{ rung.demand.value }} <span class="quiet">{{ rung.demand.basis }}: {{ rung.demand.why }}</span>
      </dd>
      <dt>Made harder or easier by</dt>
      <dd>
        {{
          Object.entries(rung.levers)
            .map(([lever, how]) => `${readable(lever)}: ${how}`)
            .join('; ')
        }}
      </dd>
      <dt>Impact</dt>
      <dd>{{ rung.impact }}</dd>
      <dt>Loads</dt>
      <dd>{{ rung.joints.map(readable).join(', ') || 'no joint in particular' }}</dd>
      <template v-if="rung.strains.length">
        <dt>Asks for</dt>
        <dd>{{ rung.strains.map((strain) => STRAINS[strain]).join(', ') }}</dd>
      </template>
      <dt>Muscles</dt>
      <dd>{{ rung.muscles.join(', ') }}</dd>
      <dt>Equipment</dt>
      <dd>{{ [...rung.equipment, readable(rung.space)].join(', ') }}</dd>
      <dt>Counted</dt>
      <dd>
        {{
          rung.measure === 'reps'
            ? `${readable(rung.counting)}, ${readable(rung.sides)}`
            : rung.measure === 'hold'
              ? 'held for a time'
              : 'kept up for a time'
        }}<template v-if="rung.tempo">, tempo {{ rung.tempo }}</template>
      </dd>
      <dt>Before this</dt>
      <dd>{{ rung.prerequisite ?? 'nothing' }}</dd>
    </dl>
  </section>
</template>

<style scoped>
h3 {
  min-height: 2.3em;
}
ul {
  margin: 0;
  padding-left: 1.1em;
}
.marks {
  display: grid;
  font-size: var(--size--1);
  min-height: 2.6rem;
  align-content: start;
}
.caution {
  border-left: 3px solid var(--warn);
  padding-left: var(--space-2);
}
dl {
  margin: 0;
}
dt {
  color: var(--ink-soft);
}
dd {
  margin: 0 0 var(--space-1);
}
</style>
