<script setup lang="ts">
import { t } from '@/lib/text'
import type { Variation } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import { pieceText } from './words'

// The rest of one version: what makes a rep count, how to breathe, what to mind, and where its numbers come from.
defineProps<{ rung: Variation }>()
/** What some must avoid, in words. */
const STRAINS = {
  overhead: t('movements.hands_overhead'),
  head_low: t('movements.the_head_below_the_hips'),
  bends_forward: t('movements.a_spine_that_bends_forward'),
  twists: t('movements.twisting_under_load'),
  straining: t('movements.straining_that_invites_held_breath'),
} as const
const counted = (rung: Variation) =>
  rung.measure === 'reps'
    ? `${readable(rung.counting)}, ${readable(rung.sides)}`
    : rung.measure === 'hold'
      ? t('movements.held_for_a_time')
      : t('movements.kept_up_for_a_time')
</script>

<template>
  <section :aria-label="$t('movements.more_on_name', { name: rung.name })" class="version">
    <div>
      <h3>{{ rung.name }}</h3>
      <p>
        <b>{{ $t('movements.a_rep_counts_if_2') }}</b> {{ rung.standard }}
      </p>
      <p class="small">{{ rung.breathing }}</p>
      <p v-for="caution in rung.cautions" :key="caution" class="small caution">{{ caution }}</p>
      <p v-if="rung.also.length" class="small quiet">
        {{ $t('movements.also_called', { names: rung.also.join(', ') }) }}
      </p>
    </div>
    <dl class="small">
      <dt>{{ $t('movements.demand') }}</dt>
      <dd>
        {{ rung.demand.value }} <span class="quiet">{{ rung.demand.basis }}: {{ rung.demand.why }}</span>
      </dd>
      <template v-if="rung.strains.length">
        <dt>{{ $t('movements.asks_for') }}</dt>
        <dd>{{ rung.strains.map((strain) => STRAINS[strain]).join(', ') }}</dd>
      </template>
      <dt>{{ $t('movements.muscles') }}</dt>
      <dd>{{ rung.muscles.join(', ') }}</dd>
      <dt>{{ $t('movements.equipment') }}</dt>
      <dd>{{ [...rung.kit.map(pieceText), readable(rung.space)].join(', ') }}</dd>
      <dt>{{ $t('movements.weight_on') }}</dt>
      <dd>{{ rung.weight_on.map(readable).join(', ') }}</dd>
      <dt>{{ $t('movements.counted') }}</dt>
      <dd>
        {{ counted(rung)
        }}<template v-if="rung.tempo">{{ $t('movements.tempo_tempo', { tempo: rung.tempo }) }}</template>
      </dd>
      <dt>{{ $t('movements.before_this') }}</dt>
      <dd>{{ rung.prerequisite ?? $t('movements.nothing') }}</dd>
    </dl>
  </section>
</template>

<style scoped>
.version {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(18rem, 1fr));
  gap: var(--space-2) var(--space-5);
  border-top: 1px solid var(--rule);
  padding-top: var(--space-2);
}
h3 {
  margin: 0;
}
p {
  margin: var(--space-1) 0;
}
.caution {
  border-left: 3px solid var(--warn);
  padding-left: var(--space-2);
}
dl {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: var(--space-1) var(--space-3);
  margin: 0;
  align-content: start;
}
dt {
  color: var(--ink-soft);
}
dd {
  margin: 0;
}
</style>
