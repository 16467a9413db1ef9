<script setup lang="ts">
import { t } from '@/lib/text'
import SelectButton from 'primevue/selectbutton'
import { onBeforeRouteLeave } from 'vue-router'
import NumberField from '@/ui/NumberField.vue'
import { setKey, type Typed } from '@/lib/typed'
import ConflictFields from '@/ui/ConflictFields.vue'
import PageState from '@/ui/PageState.vue'
import { SINGLES } from './fields'
import LevelStandards from './LevelStandards.vue'
import RulesOff from './RulesOff.vue'
import TouchedCircuits from './TouchedCircuits.vue'
import { useStandards, type Keyed } from './useStandards'

// The numbers a studio plans with.
const standards = useStandards()
const { query, typed, defaults, errors, dirty, change } = standards
const single = (key: string) => (typed.value as Keyed)[key] as Typed
const standard = (key: string) => String((defaults.value as Keyed)[key] ?? '')
const DEPTHS = [
  { value: 'parallel', label: t('standards.thighs_level') },
  { value: 'full', label: t('standards.as_low_as_mobility_allows') },
]
onBeforeRouteLeave(() => !dirty.value || window.confirm(t('standards.leave_without_saving_the_changed_standards')))
</script>

<template>
  <div class="page">
    <h1>{{ $t('standards.studio_standards') }}</h1>
    <p class="quiet lead">{{ $t('standards.the_numbers_this_studio_plans_with') }}</p>
    <PageState :loading="query.isPending.value" :error="query.error.value" @retry="query.refetch()">
      <ConflictFields
        :visible="standards.versioned.met.value !== null"
        :what="$t('standards.the_standards_were')"
        :rows="standards.versioned.rows.value"
        @save="standards.resolve"
        @close="standards.versioned.close"
      />
      <div class="layout">
        <div>
          <section aria-labelledby="times">
            <h2 id="times">{{ $t('standards.times_and_targets') }}</h2>
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
            <h2 id="levels">{{ $t('common.by_level') }}</h2>
            <LevelStandards :standards="standards" />
          </section>
          <section aria-labelledby="depth">
            <h2 id="depth">{{ $t('standards.depth_of_a_squat') }}</h2>
            <SelectButton
              :model-value="typed.depth ?? 'parallel'"
              :options="DEPTHS"
              option-label="label"
              option-value="value"
              :allow-empty="false"
              :aria-label="$t('standards.depth_of_a_squat')"
              @update:model-value="(value) => change((draft) => setKey(draft, 'depth', value))"
            />
            <p class="small quiet says">{{ $t('standards.a_movement_standard_not_a_level') }}</p>
          </section>
          <section aria-labelledby="rules">
            <h2 id="rules">{{ $t('standards.what_the_review_leaves_out') }}</h2>
            <RulesOff :rules="query.data.value?.rules_off ?? []" />
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
