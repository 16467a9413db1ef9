<script setup lang="ts">
import { t } from '@/lib/text'
import type { Variation } from '@/lib/api/types'
import LevelMark from '@/ui/LevelMark.vue'
import PositionFigure from '@/ui/PositionFigure.vue'
import { readable } from '@/lib/readable'
import { weightText } from '@/lib/units'

// One rung of a ladder: everything an instructor must know to offer it.
defineProps<{ rung: Variation }>()
/** What some must avoid, in words. */
const STRAINS = {
  overhead: t('movements.hands_overhead'),
  head_low: t('movements.the_head_below_the_hips'),
  bends_forward: t('movements.a_spine_that_bends_forward'),
  twists: t('movements.twisting_under_load'),
  straining: t('movements.straining_that_invites_held_breath'),
} as const

/** “bottle”, “2 × bottle, 1.5 kg”. */
function pieceText({ item, count, load_kg }: Variation['kit'][number]) {
  const piece = count > 1 ? t('movements.kit_piece', { count, item: readable(item) }) : readable(item)
  return load_kg ? t('movements.kit_load', { piece, load: weightText(load_kg) }) : piece
}
const placed = (rung: Variation) => [
  ...rung.weight_on.map(readable),
  ...(rung.hold ? [t('movements.something_to_hold').toLowerCase()] : []),
  ...(rung.gets_down ? [t('movements.gets_down_to_the_floor').toLowerCase()] : []),
]
</script>

<template>
  <section :aria-label="rung.name">
    <PositionFigure :position="rung.position" />
    <h3>{{ rung.name }}</h3>
    <p class="marks"><LevelMark v-for="level in rung.levels" :key="level" :level="level" /></p>
    <p>
      <b>{{ $t('movements.a_rep_counts_if_2') }}</b> {{ rung.standard }}
    </p>
    <ul>
      <li v-for="cue in rung.cues" :key="cue">{{ cue }}</li>
    </ul>
    <ul class="faults" :aria-label="$t('movements.faults')">
      <li v-for="fault in rung.faults" :key="fault.see">{{ $t('movements.see_say', fault) }}</li>
    </ul>
    <p class="small">{{ rung.breathing }}</p>
    <p v-for="caution in rung.cautions" :key="caution" class="small caution">{{ caution }}</p>
    <dl class="small">
      <dt>{{ $t('movements.demand') }}</dt>
      <dd>
        {{ rung.demand.value }} <span class="quiet">{{ rung.demand.basis }}: {{ rung.demand.why }}</span>
      </dd>
      <dt>{{ $t('movements.made_harder_or_easier_by') }}</dt>
      <dd>
        {{
          Object.entries(rung.levers)
            .map(([lever, how]) => `${readable(lever)}: ${how}`)
            .join('; ')
        }}
      </dd>
      <dt>{{ $t('movements.impact') }}</dt>
      <dd>{{ rung.impact }}</dd>
      <dt>{{ $t('movements.loads') }}</dt>
      <dd>{{ rung.joints.map(readable).join(', ') || $t('movements.no_joint_in_particular') }}</dd>
      <template v-if="rung.strains.length">
        <dt>{{ $t('movements.asks_for') }}</dt>
        <dd>{{ rung.strains.map((strain) => STRAINS[strain]).join(', ') }}</dd>
      </template>
      <dt>{{ $t('movements.muscles') }}</dt>
      <dd>{{ rung.muscles.join(', ') }}</dd>
      <dt>{{ $t('movements.equipment') }}</dt>
      <dd>{{ [...rung.kit.map(pieceText), readable(rung.space)].join(', ') }}</dd>
      <dt>{{ $t('movements.weight_on') }}</dt>
      <dd>{{ placed(rung).join(', ') }}</dd>
      <dt>{{ $t('movements.counted') }}</dt>
      <dd>
        {{
          rung.measure === 'reps'
            ? `${readable(rung.counting)}, ${readable(rung.sides)}`
            : rung.measure === 'hold'
              ? $t('movements.held_for_a_time')
              : $t('movements.kept_up_for_a_time')
        }}<template v-if="rung.tempo">{{ $t('movements.tempo_tempo', { tempo: rung.tempo }) }}</template>
      </dd>
      <dt>{{ $t('movements.before_this') }}</dt>
      <dd>{{ rung.prerequisite ?? $t('movements.nothing') }}</dd>
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
.faults {
  list-style: none;
  padding: 0;
  font-size: var(--size--1);
  border-left: 3px solid var(--rule);
  padding-left: var(--space-2);
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
