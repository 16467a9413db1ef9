<script setup lang="ts">
import SelectButton from 'primevue/selectbutton'
import { onBeforeRouteLeave } from 'vue-router'
import NumberField from '@/ui/NumberField.vue'
import { setKey, type Typed } from '@/lib/typed'
import ConflictFields from '@/ui/ConflictFields.vue'
import PageState from '@/ui/PageState.vue'
import { SINGLES } from './fields'
import LevelStandards from './LevelStandards.vue'
import TouchedCircuits from './TouchedCircuits.vue'
import { useStandards, type Keyed } from './useStandards'

// The numbers a studio plans with.
const standards = useStandards()
const { query, typed, defaults, errors, dirty, change } = standards
const single = (key: string) => (typed.value as Keyed)[key] as Typed
const standard = (key: string) => String((defaults.value as Keyed)[key] ?? '')
const DEPTHS = [
  { value: 'parallel', label: 'Thighs level' },
  { value: 'full', label: 'As low as mobility allows' },
]
onBeforeRouteLeave(() => !dirty.value || window.confirm('Leave without saving the changed standards?'))
</script>

<template>
  <div class="page">
    <h1>Studio standards</h1>
    <p class="quiet lead">
      The numbers this studio plans with. They travel inside each circuit, so a circuit keeps its own until you bring it
      along. House estimates, all of them: change them where your people show you better.
    </p>
    <PageState :loading="query.isPending.value" :error="query.error.value" @retry="query.refetch()">
      <ConflictFields
        :visible="standards.versioned.met.value !== null"
        what="The standards were"
        :rows="standards.versioned.rows.value"
        @save="standards.resolve"
        @close="standards.versioned.close"
      />
      <div class="layout">
        <div>
          <section aria-labelledby="times">
            <h2 id="times">Times and targets</h2>
            <dl>
              <template v-for="field in SINGLES" :key="field.key">
                <dt>
                  <NumberField
                    :label="field.label"
                    :unit="field.unit"
                    :hint="standard(field.key)"
                    width="4rem"
                    :model-value="single(field.key)"
                    :error="errors.get(`/${field.key}`)"
                    @update:model-value="(value) => change((draft) => setKey(draft, field.key, value))"
                  />
                </dt>
                <dd class="small quiet">{{ field.says }}</dd>
              </template>
            </dl>
          </section>
          <section aria-labelledby="levels">
            <h2 id="levels">By level</h2>
            <LevelStandards :standards="standards" />
          </section>
          <section aria-labelledby="depth">
            <h2 id="depth">Depth of a squat</h2>
            <SelectButton
              :model-value="typed.depth ?? 'parallel'"
              :options="DEPTHS"
              option-label="label"
              option-value="value"
              :allow-empty="false"
              aria-label="Depth of a squat"
              @update:model-value="(value) => change((draft) => setKey(draft, 'depth', value))"
            />
            <p class="small quiet says">
              A movement standard, not a level. Level thighs can be judged at a glance in a mixed class; full depth is
              for who has shown it; with a sore knee it is as far as is free of pain.
            </p>
          </section>
        </div>
        <TouchedCircuits :standards="standards" />
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.lead {
  max-width: 46rem;
}
.layout {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  gap: var(--space-5);
  align-items: start;
}
section {
  border-top: 2px solid var(--ink);
  padding: var(--space-3) 0 var(--space-4);
  margin-top: var(--space-4);
}
h2 {
  margin-bottom: var(--space-2);
}
dl {
  display: grid;
  grid-template-columns: minmax(15rem, auto) 1fr;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  margin: 0;
}
dd {
  margin: 0;
}
.says {
  font-weight: 400;
  max-width: 26rem;
}
@media (max-width: 60rem) {
  .layout {
    grid-template-columns: minmax(0, 1fr);
  }
  dl {
    grid-template-columns: 1fr;
  }
}
</style>
