<script setup lang="ts">
import { t } from '@/lib/text'
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { onMounted, ref, useTemplateRef, watch } from 'vue'
import { readable } from '@/lib/readable'
import LabelledField from '@/ui/LabelledField.vue'
import { faultsOf, faultsText, leversOf, leversText, linesOf, type VariationDocument } from './form'
import { LEVELS } from '@/lib/api/types'
import LevelTally from '@/ui/LevelTally.vue'
import FigureField from './FigureField.vue'
import VersionPlacing from './VersionPlacing.vue'

// One version of the studio's own ladder, folded to a line until it is worked on.
const props = defineProps<{
  variation: VariationDocument
  errorAt: (key: string) => string | undefined
  wrong: boolean
  opened: boolean
  guessedName?: string
  derived?: { name: string; because: string }[]
}>()
const emit = defineEmits<{ change: [work: (variation: VariationDocument) => void] }>()
const open = ref(props.opened)
const body = useTemplateRef('body')
// What must be corrected is never folded away.
watch(
  () => props.wrong,
  (wrong) => wrong && (open.value = true),
)
onMounted(() => {
  if (props.opened && !props.variation.name) body.value?.querySelector('input')?.focus()
})

const TEXTS = [
  { key: 'name', label: t('common.name') },
  { key: 'standard', label: t('movements.a_rep_counts_if') },
  { key: 'breathing', label: t('movements.breathing') },
] as const
const LINES = [
  { key: 'cues', name: t('movements.cues'), label: t('movements.cues_a_line_each') },
  { key: 'cautions', name: t('movements.cautions'), label: t('movements.cautions_a_line_each') },
] as const
const number = (text: string | undefined) => (/^\d+(\.\d+)?$/.test((text ?? '').trim()) ? Number(text) : (text ?? ''))
const typedIn = (event: Event) => (event.target as HTMLInputElement).value
const targetKey = () => (props.variation.measure === 'hold' ? 'hold_s' : 'reps')
</script>

<template>
  <details class="variation" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>
      <span class="name">{{ variation.name || $t('movements.a_version_without_a_name') }}</span>
      <LevelTally v-for="level in LEVELS.filter((one) => variation.levels.includes(one))" :key="level" :level="level" />
      <span class="small quiet">{{
        $t('movements.demand_and_joints', {
          demand: variation.demand.value,
          joints: variation.joints.map(readable).join(', ') || $t('movements.no_joint_in_particular'),
        })
      }}</span>
      <span v-if="variation.guessed_from" class="small warn-text">{{ $t('movements.a_guess') }}</span>
    </summary>
    <fieldset ref="body" :aria-label="variation.name || $t('movements.a_version_without_a_name')">
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
        <LabelledField
          v-for="text in TEXTS"
          :key="text.key"
          class="wide"
          :label="text.label"
          :error="errorAt(text.key)"
        >
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
        <FigureField :variation="variation" :error-at="errorAt" @change="emit('change', $event)" />
        <VersionPlacing :variation="variation" :error-at="errorAt" @change="emit('change', $event)" />
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
  </details>
</template>

<style scoped>
.derived {
  margin-bottom: var(--space-2);
}
.variation {
  border-top: 2px solid var(--ink);
  padding: var(--space-2) 0;
}
summary {
  cursor: pointer;
  min-height: 2rem;
}
summary > * {
  margin-right: var(--space-3);
}
.name {
  font-family: var(--font-display);
  font-weight: 600;
  font-size: var(--size-1);
}
fieldset {
  border: 0;
  margin: 0;
  padding: var(--space-2) 0;
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
