<script setup lang="ts">
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import Textarea from 'primevue/textarea'
import { useId } from 'vue'
import { headed, readable } from '@/lib/readable'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import LabelledField from '@/ui/LabelledField.vue'
import { faultsOf, faultsText, leversOf, leversText, linesOf, wordsOf, type VariationDocument } from './form'
import KitField from './KitField.vue'

// One variation of the studio's own ladder.
const props = defineProps<{
  variation: VariationDocument
  errorAt: (key: string) => string | undefined
  guessedName?: string
  derived?: { name: string; because: string }[]
}>()
const emit = defineEmits<{ change: [work: (variation: VariationDocument) => void] }>()
const id = useId()

const TEXTS = [
  { key: 'name', label: t('common.name') },
  { key: 'standard', label: t('movements.a_rep_counts_if') },
  { key: 'breathing', label: t('movements.breathing') },
] as const
const SINGLE = ['impact', 'position', 'space', 'sides', 'counting', 'measure'] as const
const SEVERAL = [
  { key: 'levels', words: 'levels' },
  { key: 'weight_on', words: 'weight_on' },
  { key: 'joints', words: 'joints' },
  { key: 'moves', words: 'joints' },
  { key: 'strains', words: 'strains' },
] as const
const EITHER = [
  { key: 'hold', label: t('movements.something_to_hold') },
  { key: 'gets_down', label: t('movements.gets_down_to_the_floor') },
] as const
const YES_NO = [
  { value: true, label: t('movements.yes') },
  { value: false, label: t('movements.no') },
]
const LINES = [
  { key: 'cues', name: t('movements.cues'), label: t('movements.cues_a_line_each') },
  { key: 'cautions', name: t('movements.cautions'), label: t('movements.cautions_a_line_each') },
] as const
const options = (key: keyof typeof MOVEMENT_WORDS) =>
  MOVEMENT_WORDS[key].map((value) => ({ value, label: readable(value) }))
const number = (text: string | undefined) => (/^\d+(\.\d+)?$/.test((text ?? '').trim()) ? Number(text) : (text ?? ''))
const typedIn = (event: Event) => (event.target as HTMLInputElement).value
const targetKey = () => (props.variation.measure === 'hold' ? 'hold_s' : 'reps')

function setMeasure(measure: string) {
  emit('change', (variation) => {
    variation.measure = measure
    variation.target = measure === 'reps' ? { reps: 8 } : measure === 'hold' ? { hold_s: 20 } : {}
    if (measure === 'reps') variation.tempo ??= '2-0-1-0'
  })
}
</script>

<template>
  <fieldset class="variation">
    <legend>{{ variation.name || $t('movements.a_version_without_a_name') }}</legend>
    <p v-if="variation.guessed_from" class="small warn-text" role="status">
      {{ $t('movements.a_guess_taken_from_name', { name: guessedName }) }}
      <button type="button" class="link" @click="emit('change', (held) => void delete held.guessed_from)">
        {{ $t('movements.i_have_looked_through_it') }}
      </button>
    </p>
    <p v-if="derived?.length" class="small warn-text derived">
      {{
        $t('movements.counted_as_well_flags', {
          flags: derived.map((flag) => `${readable(flag.name)} (${flag.because})`).join(', '),
        })
      }}
    </p>
    <div class="fields">
      <LabelledField v-for="text in TEXTS" :key="text.key" class="wide" :label="text.label" :error="errorAt(text.key)">
        <InputText
          :model-value="variation[text.key]"
          :invalid="Boolean(errorAt(text.key))"
          size="small"
          @update:model-value="emit('change', (held) => void (held[text.key] = $event ?? ''))"
        />
      </LabelledField>
      <LabelledField :label="$t('movements.demand')" :error="errorAt('demand/value')">
        <InputText
          :model-value="String(variation.demand.value)"
          :invalid="Boolean(errorAt('demand'))"
          size="small"
          class="short"
          inputmode="decimal"
          @update:model-value="emit('change', (held) => void (held.demand.value = number($event)))"
        />
      </LabelledField>
      <LabelledField
        class="wide"
        :label="$t('movements.why_that_demand')"
        :name="$t('movements.why')"
        :error="errorAt('demand/why')"
      >
        <InputText
          :model-value="variation.demand.why"
          size="small"
          :placeholder="$t('movements.anchors_which_versions_it_lies_between')"
          :invalid="Boolean(errorAt('demand/why'))"
          @update:model-value="emit('change', (held) => void (held.demand.why = $event ?? ''))"
        />
      </LabelledField>
      <LabelledField
        class="wide"
        :label="$t('movements.made_harder_or_easier_by')"
        :name="$t('movements.levers')"
        :error="errorAt('levers')"
      >
        <InputText
          :model-value="leversText(variation.levers)"
          size="small"
          :placeholder="$t('movements.range_half_way_support_a_chair')"
          :invalid="Boolean(errorAt('levers'))"
          @change="emit('change', (held) => void (held.levers = leversOf(typedIn($event))))"
        />
      </LabelledField>
      <LabelledField v-for="key in SINGLE" :key="key" :for="`${id}-${key}`" :label="headed(key)">
        <Select
          :input-id="`${id}-${key}`"
          :aria-label="readable(key)"
          :model-value="variation[key]"
          :options="options(key)"
          option-label="label"
          option-value="value"
          size="small"
          @update:model-value="
            key === 'measure' ? setMeasure($event) : emit('change', (held) => void (held[key] = $event))
          "
        />
      </LabelledField>
      <LabelledField
        v-for="{ key, words } in SEVERAL"
        :key="key"
        :label="headed(key)"
        :name="readable(key)"
        :error="errorAt(key)"
      >
        <MultiSelect
          :aria-label="readable(key)"
          :model-value="variation[key]"
          :options="options(words)"
          option-label="label"
          option-value="value"
          size="small"
          :placeholder="$t('movements.none')"
          :invalid="Boolean(errorAt(key))"
          @update:model-value="emit('change', (held) => void (held[key] = $event))"
        />
      </LabelledField>
      <LabelledField v-for="{ key, label } in EITHER" :key="key" :for="`${id}-${key}`" :label="label">
        <Select
          :input-id="`${id}-${key}`"
          :aria-label="label"
          :model-value="variation[key]"
          :options="YES_NO"
          option-label="label"
          option-value="value"
          size="small"
          @update:model-value="emit('change', (held) => void (held[key] = $event))"
        />
      </LabelledField>
      <KitField
        :kit="variation.kit"
        :error="errorAt('kit')"
        @change="(kit) => emit('change', (held) => void (held.kit = kit))"
      />
      <LabelledField :label="$t('movements.muscles')" :error="errorAt('muscles')">
        <InputText
          :model-value="variation.muscles.join(', ')"
          size="small"
          :invalid="Boolean(errorAt('muscles'))"
          @change="emit('change', (held) => void (held.muscles = wordsOf(typedIn($event))))"
        />
      </LabelledField>
      <LabelledField v-if="variation.measure === 'reps'" :label="$t('movements.tempo')" :error="errorAt('tempo')">
        <InputText
          :model-value="variation.tempo ?? ''"
          size="small"
          class="short"
          :invalid="Boolean(errorAt('tempo'))"
          @update:model-value="emit('change', (held) => void (held.tempo = $event ?? ''))"
        />
      </LabelledField>
      <LabelledField
        v-if="variation.measure !== 'time'"
        :label="variation.measure === 'hold' ? $t('movements.target_seconds') : $t('movements.target_reps')"
        :name="$t('movements.target')"
        :error="errorAt('target')"
      >
        <InputText
          :model-value="String(variation.target[targetKey()] ?? '')"
          size="small"
          class="short"
          inputmode="numeric"
          :invalid="Boolean(errorAt('target'))"
          @update:model-value="emit('change', (held) => void (held.target = { [targetKey()]: number($event) }))"
        />
      </LabelledField>
      <LabelledField class="wide" :label="$t('movements.before_this')">
        <InputText
          :model-value="variation.prerequisite ?? ''"
          size="small"
          :placeholder="$t('movements.nothing')"
          @update:model-value="emit('change', (held) => void (held.prerequisite = $event || null))"
        />
      </LabelledField>
      <LabelledField
        v-for="text in LINES"
        :key="text.key"
        class="wide"
        :label="text.label"
        :name="text.name"
        :error="errorAt(text.key)"
      >
        <Textarea
          :model-value="variation[text.key].join('\n')"
          rows="3"
          :invalid="Boolean(errorAt(text.key))"
          @change="emit('change', (held) => void (held[text.key] = linesOf(typedIn($event))))"
        />
      </LabelledField>
      <LabelledField
        class="wide"
        :label="$t('movements.faults_a_line_each')"
        :name="$t('movements.faults')"
        :error="errorAt('faults')"
      >
        <Textarea
          :model-value="faultsText(variation.faults)"
          rows="3"
          :invalid="Boolean(errorAt('faults'))"
          @change="emit('change', (held) => void (held.faults = faultsOf(typedIn($event))))"
        />
      </LabelledField>
    </div>
    <slot />
  </fieldset>
</template>

<style scoped>
.derived {
  margin-bottom: var(--space-2);
}
.variation {
  border: 0;
  border-top: 2px solid var(--ink);
  padding: var(--space-3) 0;
  margin: var(--space-4) 0 0;
}
legend {
  font-family: var(--font-display);
  font-weight: 600;
  font-size: var(--size-1);
  padding-right: var(--space-3);
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: var(--space-3);
}
.wide {
  grid-column: span 2;
}
.short {
  max-width: 7rem;
}
@media (max-width: 40rem) {
  .wide {
    grid-column: auto;
  }
}
</style>
