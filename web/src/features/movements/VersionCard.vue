<script setup lang="ts">
import { t } from '@/lib/text'
import type { Variation } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import VersionFigure from './VersionFigure.vue'
import { pieceText } from './words'

// The rest of one version: what makes a rep count, how to breathe, what to mind, and where its numbers come from.
defineProps<{ variation: Variation }>()
/** What some must avoid, in words. */
const STRAINS = {
  overhead: t('movements.hands_overhead'),
  head_low: t('movements.the_head_below_the_hips'),
  bends_forward: t('movements.a_spine_that_bends_forward'),
  twists: t('movements.twisting_under_load'),
  straining: t('movements.straining_that_invites_held_breath'),
} as const
const counted = (variation: Variation) =>
  variation.measure === 'reps'
    ? `${readable(variation.counting)}, ${readable(variation.sides)}`
    : variation.measure === 'hold'
      ? t('movements.held_for_a_time')
      : t('movements.kept_up_for_a_time')
</script>

<template>
  <section :aria-label="$t('movements.more_on_name', { name: variation.name })" class="version">
    <VersionFigure :variation="variation" />
    <div>
      <h3>{{ variation.name }}</h3>
      <p>
        <b>{{ $t('movements.a_rep_counts_if_2') }}</b> {{ variation.standard }}
      </p>
      <p class="small">{{ variation.breathing }}</p>
      <p v-for="caution in variation.cautions" :key="caution" class="small caution">{{ caution }}</p>
      <p v-if="variation.also.length" class="small quiet">
        {{ $t('movements.also_called', { names: variation.also.join(', ') }) }}
      </p>
    </div>
    <dl class="small">
      <dt>{{ $t('movements.demand') }}</dt>
      <dd>
        {{ variation.demand.value }} <span class="quiet">{{ variation.demand.basis }}: {{ variation.demand.why }}</span>
      </dd>
      <template v-if="variation.strains.length">
        <dt>{{ $t('movements.asks_for') }}</dt>
        <dd>{{ variation.strains.map((strain) => STRAINS[strain]).join(', ') }}</dd>
      </template>
      <dt>{{ $t('movements.muscles') }}</dt>
      <dd>{{ variation.muscles.join(', ') }}</dd>
      <dt>{{ $t('movements.equipment') }}</dt>
      <dd>{{ [...variation.kit.map(pieceText), readable(variation.space)].join(', ') }}</dd>
      <dt>{{ $t('movements.weight_on') }}</dt>
      <dd>{{ variation.weight_on.map(readable).join(', ') }}</dd>
      <dt>{{ $t('movements.counted') }}</dt>
      <dd>
        {{ counted(variation)
        }}<template v-if="variation.tempo">{{ $t('movements.tempo_tempo', { tempo: variation.tempo }) }}</template>
      </dd>
      <dt>{{ $t('movements.before_this') }}</dt>
      <dd>{{ variation.prerequisite ?? $t('movements.nothing') }}</dd>
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
