<script setup lang="ts">
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import Textarea from 'primevue/textarea'
import { useId } from 'vue'
import { readable } from '@/lib/readable'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import { leversOf, leversText, linesOf, wordsOf, type RungDocument } from './form'

// One rung of the studio's own ladder.
const props = defineProps<{ rung: RungDocument; errorAt: (key: string) => string | undefined }>()
const emit = defineEmits<{ change: [work: (rung: RungDocument) => void] }>()
const id = useId()

const TEXTS = [
  { key: 'name', label: t('common.name') },
  { key: 'standard', label: t('movements.a_rep_counts_if') },
  { key: 'breathing', label: t('movements.breathing') },
] as const
const SINGLE = ['impact', 'position', 'space', 'sides', 'counting', 'measure'] as const
const SEVERAL = ['levels', 'joints', 'strains', 'equipment'] as const
const LINES = [
  { key: 'cues', label: t('movements.cues_a_line_each') },
  { key: 'cautions', label: t('movements.cautions_a_line_each') },
] as const
const options = (key: keyof typeof MOVEMENT_WORDS) =>
  MOVEMENT_WORDS[key].map((value) => ({ value, label: readable(value) }))
const number = (text: string | undefined) => (/^\d+(\.\d+)?$/.test((text ?? '').trim()) ? Number(text) : (text ?? ''))
const targetKey = () => (props.rung.measure === 'hold' ? 'hold_s' : 'reps')

function setMeasure(measure: string) {
  emit('change', (rung) => {
    rung.measure = measure
    rung.target = measure === 'reps' ? { reps: 8 } : measure === 'hold' ? { hold_s: 20 } : {}
    if (measure === 'reps') rung.tempo ??= '2-0-1-0'
  })
}
</script>

<template>
  <fieldset class="rung">
    <legend>{{ rung.name || $t('movements.a_version_without_a_name') }}</legend>
    <div class="fields">
      <label v-for="text in TEXTS" :key="text.key" class="wide"
        >{{ text.label }}
        <InputText
          :model-value="rung[text.key]"
          :invalid="Boolean(errorAt(text.key))"
          size="small"
          @update:model-value="emit('change', (held) => void (held[text.key] = $event ?? ''))"
        />
        <span v-if="errorAt(text.key)" class="small warn-text" role="alert"
          >{{ text.label }} {{ errorAt(text.key) }}</span
        >
      </label>
      <label
        >{{ $t('movements.demand') }}
        <InputText
          :model-value="String(rung.demand.value)"
          :invalid="Boolean(errorAt('demand'))"
          size="small"
          class="short"
          inputmode="decimal"
          @update:model-value="emit('change', (held) => void (held.demand.value = number($event)))"
        />
        <span v-if="errorAt('demand/value')" class="small warn-text" role="alert">{{
          $t('movements.demand_error_at', { error_at: errorAt('demand/value') })
        }}</span>
      </label>
      <label class="wide"
        >{{ $t('movements.why_that_demand') }}
        <InputText
          :model-value="rung.demand.why"
          size="small"
          :placeholder="$t('movements.anchors_which_versions_it_lies_between')"
          :invalid="Boolean(errorAt('demand/why'))"
          @update:model-value="emit('change', (held) => void (held.demand.why = $event ?? ''))"
        />
        <span v-if="errorAt('demand/why')" class="small warn-text" role="alert">{{
          $t('movements.why_error_at', { error_at: errorAt('demand/why') })
        }}</span>
      </label>
      <label class="wide"
        >{{ $t('movements.by') }}
        <InputText
          :model-value="leversText(rung.levers)"
          size="small"
          :placeholder="$t('movements.range_half_way_support_a_chair')"
          :invalid="Boolean(errorAt('levers'))"
          @change="emit('change', (held) => void (held.levers = leversOf(($event.target as HTMLInputElement).value)))"
        />
        <span v-if="errorAt('levers')" class="small warn-text" role="alert">{{
          $t('movements.levers_error_at', { error_at: errorAt('levers') })
        }}</span>
      </label>
      <label v-for="key in SINGLE" :key="key" :for="`${id}-${key}`"
        >{{ readable(key) }}
        <Select
          :input-id="`${id}-${key}`"
          :aria-label="readable(key)"
          :model-value="rung[key]"
          :options="options(key)"
          option-label="label"
          option-value="value"
          size="small"
          @update:model-value="
            key === 'measure' ? setMeasure($event) : emit('change', (held) => void (held[key] = $event))
          "
        />
      </label>
      <label v-for="key in SEVERAL" :key="key"
        >{{ readable(key) }}
        <MultiSelect
          :aria-label="readable(key)"
          :model-value="rung[key]"
          :options="options(key)"
          option-label="label"
          option-value="value"
          size="small"
          :placeholder="$t('movements.none')"
          :invalid="Boolean(errorAt(key))"
          @update:model-value="emit('change', (held) => void (held[key] = $event))"
        />
        <span v-if="errorAt(key)" class="small warn-text" role="alert">{{ readable(key) }} {{ errorAt(key) }}</span>
      </label>
      <label
        >{{ $t('movements.muscles') }}
        <InputText
          :model-value="rung.muscles.join(', ')"
          size="small"
          :invalid="Boolean(errorAt('muscles'))"
          @change="emit('change', (held) => void (held.muscles = wordsOf(($event.target as HTMLInputElement).value)))"
        />
        <span v-if="errorAt('muscles')" class="small warn-text" role="alert">{{
          $t('movements.muscles_error_at', { error_at: errorAt('muscles') })
        }}</span>
      </label>
      <label v-if="rung.measure === 'reps'"
        >{{ $t('movements.tempo') }}
        <InputText
          :model-value="rung.tempo ?? ''"
          size="small"
          class="short"
          :invalid="Boolean(errorAt('tempo'))"
          @update:model-value="emit('change', (held) => void (held.tempo = $event ?? ''))"
        />
        <span v-if="errorAt('tempo')" class="small warn-text" role="alert">{{
          $t('movements.tempo_error_at', { error_at: errorAt('tempo') })
        }}</span>
      </label>
      <label v-if="rung.measure !== 'time'"
        >{{ rung.measure === 'hold' ? $t('movements.target_seconds') : $t('movements.target_reps') }}
        <InputText
          :model-value="String(rung.target[targetKey()] ?? '')"
          size="small"
          class="short"
          inputmode="numeric"
          :invalid="Boolean(errorAt('target'))"
          @update:model-value="emit('change', (held) => void (held.target = { [targetKey()]: number($event) }))"
        />
        <span v-if="errorAt('target')" class="small warn-text" role="alert">{{
          $t('movements.target_error_at', { error_at: errorAt('target') })
        }}</span>
      </label>
      <label class="wide"
        >{{ $t('movements.first') }}
        <InputText
          :model-value="rung.prerequisite ?? ''"
          size="small"
          :placeholder="$t('movements.nothing')"
          @update:model-value="emit('change', (held) => void (held.prerequisite = $event || null))"
        />
      </label>
      <label v-for="text in LINES" :key="text.key" class="wide"
        >{{ text.label }}
        <Textarea
          :model-value="rung[text.key].join('\n')"
          rows="3"
          :invalid="Boolean(errorAt(text.key))"
          @change="
            emit('change', (held) => void (held[text.key] = linesOf(($event.target as HTMLTextAreaElement).value)))
          "
        />
        <span v-if="errorAt(text.key)" class="small warn-text" role="alert"
          >{{ text.label.split(',')[0] }} {{ errorAt(text.key) }}</span
        >
      </label>
    </div>
    <slot />
  </fieldset>
</template>

<style scoped>
.rung {
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
label {
  display: grid;
  gap: var(--space-1);
  font-size: var(--size--1);
  color: var(--ink-soft);
  align-content: start;
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
