<script setup lang="ts">
import MultiSelect from 'primevue/multiselect'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import { headed, readable } from '@/lib/readable'
import { t } from '@/lib/text'
import LabelledField from '@/ui/LabelledField.vue'
import SelectField from '@/ui/SelectField.vue'
import type { VariationDocument } from './form'
import KitField from './KitField.vue'

// How the body is placed in a version, what that loads, and with what kit: what its flags follow from.
defineProps<{ variation: VariationDocument; errorAt: (key: string) => string | undefined }>()
const emit = defineEmits<{ change: [work: (variation: VariationDocument) => void] }>()

const SINGLE = ['impact', 'position', 'space', 'sides', 'counting', 'measure'] as const
const SEVERAL = [
  { key: 'levels', words: 'levels' },
  { key: 'weight_on', words: 'weight_on' },
  { key: 'joints', words: 'joints' },
  { key: 'moves', words: 'joints' },
  { key: 'strains', words: 'strains' },
  { key: 'muscles', words: 'muscles' },
] as const
const EITHER = [
  { key: 'hold', label: t('movements.something_to_hold') },
  { key: 'gets_down', label: t('movements.gets_down_to_the_floor') },
] as const
const YES_NO = [
  { value: true, label: t('movements.yes') },
  { value: false, label: t('movements.no') },
]
const options = (key: keyof typeof MOVEMENT_WORDS) =>
  MOVEMENT_WORDS[key].map((value) => ({ value, label: readable(value) }))
// A word that was typed before there was a list goes with the next choice.
const known = (words: keyof typeof MOVEMENT_WORDS, values: string[]) =>
  values.filter((value) => (MOVEMENT_WORDS[words] as readonly string[]).includes(value))

function setMeasure(measure: string) {
  emit('change', (variation) => {
    variation.measure = measure
    variation.target = measure === 'reps' ? { reps: 8 } : measure === 'hold' ? { hold_s: 20 } : {}
    if (measure === 'reps') variation.tempo ??= '2-0-1-0'
  })
}
</script>

<template>
  <div class="contents">
    <SelectField
      v-for="key in SINGLE"
      :key="key"
      :label="headed(key)"
      :spoken="readable(key)"
      :options="options(key)"
      size="small"
      :model-value="variation[key]"
      @update:model-value="key === 'measure' ? setMeasure($event) : emit('change', (held) => void (held[key] = $event))"
    />
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
        @update:model-value="emit('change', (held) => void (held[key] = known(words, $event)))"
      />
    </LabelledField>
    <SelectField
      v-for="{ key, label } in EITHER"
      :key="key"
      :label="label"
      :options="YES_NO"
      size="small"
      :model-value="variation[key]"
      @update:model-value="emit('change', (held) => void (held[key] = $event))"
    />
    <KitField
      :kit="variation.kit"
      :error="errorAt('kit')"
      @change="(kit) => emit('change', (held) => void (held.kit = kit))"
    />
  </div>
</template>

<style scoped>
.contents {
  display: contents;
}
</style>
