<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import type { FitCell, FitPerson, FitStation } from '@/lib/api/types'
import type { Typed } from '@/lib/typed'
import NumberField from '@/ui/NumberField.vue'
import LevelTally from '@/ui/LevelTally.vue'
import TextField from '@/ui/TextField.vue'
import CellWays from './CellWays.vue'
import RoundsChart from './RoundsChart.vue'
import type { Fit } from './useFit'

// The cell that is looked at: the sentence, the ladder with where they stand on
// it, what each round would look like, and what the instructor decides instead.
const props = defineProps<{ fit: Fit; person: FitPerson; cell: FitCell; station: FitStation }>()
const emit = defineEmits<{ close: [] }>()
const now = computed(() => props.fit.shown(props.person, props.cell))
const number = ref<Typed>(undefined)
const why = ref('')
/** The cell, as text: what is typed stays while its numbers come anew. */
const place = computed(() => `${props.person.id}/${props.cell.block}/${props.cell.station}`)
watch([place, () => now.value.number], () => (number.value = now.value.number ?? undefined), { immediate: true })
watch(place, () => (why.value = ''))

function keep() {
  if (!now.value.variation) return
  void props.fit.send(props.person, props.cell, {
    variation: now.value.variation,
    number: typeof number.value === 'number' ? number.value : undefined,
    why: why.value || undefined,
  })
}
const chosen = computed(() => props.cell.kind === 'locked' || now.value.waiting)
const unit = computed(() => (['hold', 'work'].includes(props.cell.unit ?? '') ? 's' : ''))
</script>

<template>
  <aside class="panel" :aria-label="$t('fit.the_cell_looked_at')">
    <Button
      class="close"
      icon="pi pi-times"
      variant="text"
      size="small"
      :aria-label="$t('common.close')"
      @click="emit('close')"
    />
    <p class="small quiet">{{ station.name }} · {{ station.block_title }}</p>
    <h2>{{ person.name }}</h2>
    <p class="given" data-testid="given">
      <LevelTally v-if="cell.level" :level="cell.level" /> {{ now.name ?? $t('fit.sit_this_one_out') }}
      <b v-if="now.number">{{ now.number }} {{ unit }}</b>
      <span v-else-if="!now.waiting && now.variation" class="small quiet">{{ cell.target }}</span>
    </p>
    <p class="reason" role="status" aria-live="polite">{{ now.waiting ? $t('fit.working_it_out') : cell.reason }}</p>
    <RoundsChart
      v-if="cell.rounds && !now.waiting"
      :rounds="cell.rounds"
      :unit="cell.reserve?.unit ?? $t('fit.moves')"
    />
    <p v-if="cell.rounds" class="small quiet">
      {{ $t('fit.open_bar_n_that_the_model', { n: cell.reserve?.unit === 's' ? $t('fit.seconds') : $t('fit.reps') }) }}
    </p>
    <p v-if="cell.step_up" class="step">
      <span>{{ $t('fit.ready_for_more') }}</span>
      <Button
        :label="`${cell.step_up.name} ${cell.step_up.target}`"
        size="small"
        variant="outlined"
        aria-keyshortcuts="m"
        @click="fit.stepUp(person, cell)"
      />
    </p>
    <p v-for="step in cell.earlier" :key="step.level ?? step.target" class="small">
      {{ $t('fit.before_that', { name: step.name ?? step.target, target: step.short }) }}
    </p>
    <CellWays :fit="fit" :person="person" :cell="cell" />
    <form v-if="cell.kind !== 'waits'" class="own" @submit.prevent="keep">
      <NumberField
        v-model="number"
        :label="unit ? $t('fit.seconds_2') : $t('fit.number')"
        :error="fit.errors.value.get('/number')"
        width="3.4rem"
      />
      <TextField v-model="why" :label="$t('fit.why')" :hint="$t('fit.optional')" :maxlength="200" />
      <Button type="submit" :label="$t('fit.lock_it_so')" size="small" :disabled="!now.variation" />
      <Button
        v-if="chosen"
        :label="$t('fit.recalculate')"
        size="small"
        variant="outlined"
        severity="secondary"
        @click="fit.send(person, cell, null)"
      />
    </form>
    <p v-if="fit.errors.value.get('/variation')" class="small warn-text" role="alert">
      {{ $t('fit.this_version_get', { get: fit.errors.value.get('/variation') }) }}
    </p>
    <p class="small quiet keys">
      <kbd>{{ $t('fit.alt') }}</kbd> <kbd>{{ $t('fit.alt_2') }}</kbd> {{ $t('fit.version') }} <kbd>+</kbd> <kbd>−</kbd>
      {{ $t('fit.number_2') }} <kbd>{{ $t('fit.l') }}</kbd> {{ $t('fit.lock') }} <kbd>{{ $t('fit.u') }}</kbd>
      {{ $t('fit.recalculate_2') }}
      <template v-if="cell.step_up"
        ><kbd>{{ $t('fit.m') }}</kbd> {{ $t('fit.more') }}</template
      >
    </p>
    <p class="small quiet">{{ $t('fit.the_model_compares_versions_it_does') }}</p>
  </aside>
</template>

<style scoped>
.panel {
  border-left: 2px solid var(--ink);
  padding-left: var(--space-4);
  display: grid;
  gap: var(--space-2);
  align-content: start;
  /* It scrolls where there is more than fits; nothing is squeezed. */
  grid-auto-rows: max-content;
}
.close {
  display: none;
}
.step {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  align-items: center;
  color: var(--accent);
}
.panel p {
  margin: 0;
}
.given {
  font-size: var(--size-1);
}
.reason {
  min-height: 3.6em;
}
.own {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  align-items: end;
  border-top: 1px solid var(--rule);
  padding-top: var(--space-2);
}
@media (max-width: 60rem) {
  .panel {
    position: fixed;
    inset: auto 0 0;
    z-index: 3;
    max-height: 60dvh;
    overflow-y: auto;
    background: var(--paper);
    border-left: 0;
    border-top: 2px solid var(--ink);
    padding: var(--space-3);
  }
  .close {
    display: inline-flex;
    position: absolute;
    top: var(--space-1);
    right: var(--space-1);
  }
  .keys {
    display: none;
  }
}
</style>
