<script setup lang="ts">
import { t } from '@/lib/text'
import { scaleSqrt } from 'd3-scale'
import { computed, ref } from 'vue'
import Select from 'primevue/select'
import type { Estimate, PersonWhole } from '@/lib/api/types'
import EstimateHistory from './EstimateHistory.vue'
import LevelTally from '@/ui/LevelTally.vue'
import { readable } from '@/lib/readable'

// What an estimate predicts, fresh, at each variation of a pattern's ladders: a bar a
// variation, easiest first. A model to compare variations with, not a measurement.
const props = defineProps<{ person: PersonWhole }>()
const pattern = ref<string>(
  props.person.capacity.find((estimate) => estimate.source !== 'guess')?.pattern ??
    props.person.capacity[0]?.pattern ??
    'push',
)
const estimate = computed(() => props.person.capacity.find((held) => held.pattern === pattern.value))
const options = computed(() =>
  props.person.capacity.map((held) => ({ value: held.pattern, label: readable(held.pattern) })),
)
const longest = computed(() =>
  Math.max(
    1,
    ...(estimate.value?.ladders ?? []).flatMap((ladder) => ladder.variations.map((variation) => variation.amount ?? 0)),
  ),
)
const width = computed(() => scaleSqrt().domain([0, longest.value]).range([0, 100]))
const trust = (held: Estimate) =>
  held.factor < 1 ? t('people.counted_at_n', { n: Math.round(held.factor * 100) }) : t('people.counted_whole')
</script>

<template>
  <section :aria-label="$t('people.what_they_can_do')" class="capacity">
    <h2>{{ $t('people.what_they_can_do') }}</h2>
    <p class="small quiet">{{ $t('people.one_number_a_pattern_from_the') }}</p>
    <ul class="sources small">
      <li v-for="held in person.capacity" :key="held.pattern">
        <button
          type="button"
          class="source"
          :class="{ on: held.pattern === pattern, guess: held.source === 'guess' }"
          :aria-pressed="held.pattern === pattern"
          @click="pattern = held.pattern"
        >
          <b>{{ readable(held.pattern) }}</b> <span>{{ held.words }}, {{ trust(held) }}</span>
        </button>
      </li>
    </ul>
    <Select
      v-model="pattern"
      class="choose"
      :options="options"
      option-label="label"
      option-value="value"
      :aria-label="$t('people.pattern')"
    />
    <template v-if="estimate">
      <p class="small">
        <template v-if="estimate.strength !== null">
          {{ $t('people.strength_index') }} <b>{{ estimate.strength.toFixed(2) }}</b>
          {{ $t('people.in_units_of_the_ladders_demand') }}
        </template>
        <span v-if="estimate.rough" class="quiet"
          >{{ ' ' }}{{ $t('people.beyond_fifteen_reps_or_guessed_rough') }}</span
        >
      </p>
      <div class="histories">
        <EstimateHistory v-for="measure in estimate.history" :key="measure.unit" :measure="measure" />
      </div>
      <div class="ladders">
        <figure v-for="ladder in estimate.ladders" :key="ladder.movement">
          <figcaption>{{ ladder.name }}</figcaption>
          <div v-for="variation in ladder.variations" :key="variation.id" class="variation">
            <span class="name small"><LevelTally :level="variation.levels[0]!" /> {{ variation.name }}</span>
            <span class="track" aria-hidden="true"
              ><span
                class="bar"
                :class="variation.levels[0]"
                :style="{ width: `${width(variation.amount ?? 0)}%` }"
              ></span
            ></span>
            <span class="amount"
              >{{ variation.amount === null ? '–' : Math.floor(variation.amount)
              }}{{ variation.unit === 's' ? ` ${$t('common.s')}` : '' }}</span
            >
          </div>
        </figure>
      </div>
    </template>
  </section>
</template>

<style scoped>
.capacity {
  border-top: 2px solid var(--ink);
  padding-top: var(--space-3);
}
.histories {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(18rem, 1fr));
  gap: var(--space-4);
  margin: var(--space-3) 0;
}
.sources {
  list-style: none;
  padding: 0;
  margin: var(--space-3) 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: var(--space-1) var(--space-3);
}
.source {
  width: 100%;
  text-align: left;
  border: 0;
  border-left: 4px solid var(--rule);
  background: none;
  color: var(--ink);
  font: inherit;
  padding: var(--space-1) var(--space-2);
  min-height: var(--target);
  cursor: pointer;
}
.source.guess {
  border-left-style: dashed;
  color: var(--ink-soft);
}
.source.on {
  border-left-color: var(--accent);
  background: var(--paper-raised);
}
.choose {
  display: none;
}
.ladders {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(22rem, 100%), 1fr));
  gap: var(--space-3) var(--space-5);
}
figure {
  margin: 0;
}
figcaption {
  font-weight: 600;
  border-bottom: 1px solid var(--rule);
}
.variation {
  display: grid;
  grid-template-columns: 12rem 1fr 3.2rem;
  gap: var(--space-2);
  align-items: center;
}
.track {
  height: 0.7rem;
  background: var(--paper-sunk);
}
.bar {
  display: block;
  height: 100%;
  background: var(--hue);
}
.amount {
  text-align: right;
  font-weight: 700;
}
@media (max-width: 44rem) {
  .sources {
    display: none;
  }
  .choose {
    display: inline-flex;
  }
  .variation {
    grid-template-columns: 9rem 1fr 3rem;
  }
}
</style>
