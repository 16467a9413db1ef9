<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import SelectButton from 'primevue/selectbutton'
import { computed } from 'vue'
import { useQuestions } from '@/lib/api/queries'
import TextField from '@/ui/TextField.vue'
import type { Screening } from './health'
import { todayText } from './words'

// A person's own answers to the screening, with their day; after a yes, who cleared it.
const props = defineProps<{ screening: Screening | null; errorAt: (key: string) => string | undefined }>()
const emit = defineEmits<{ change: [screening: Screening] }>()
const questions = useQuestions()

const YES_NO = [
  { value: true, label: t('people.yes') },
  { value: false, label: t('people.no') },
]
const held = computed<Screening>(() => props.screening ?? { answers: {} })
const set = (fields: Partial<Screening>) => emit('change', { ...held.value, ...fields })
const asked = computed(() => questions.data.value?.questions ?? [])
const unanswered = computed(() => asked.value.filter(({ id }) => held.value.answers[id] === undefined).length)
const anyYes = computed(() => Object.values(held.value.answers).some(Boolean))

function answer(id: string, value: boolean) {
  set({ answers: { ...held.value.answers, [id]: value }, answered_on: held.value.answered_on || todayText() })
}
function allNo() {
  set({ answers: Object.fromEntries(asked.value.map(({ id }) => [id, false])), answered_on: todayText() })
}
const CLEARED = [
  { key: 'cleared_on', label: t('people.cleared_by_a_professional_on'), type: 'date', length: undefined },
  { key: 'cleared_by', label: t('people.by_whom'), type: 'text', length: 120 },
  { key: 'cleared_note', label: t('people.what_they_said'), type: 'text', length: 300 },
] as const
</script>

<template>
  <fieldset class="private-part">
    <legend>{{ $t('people.screening') }}</legend>
    <p class="small quiet">{{ $t('people.their_own_answers_a_yes_is') }}</p>
    <p v-if="unanswered && held.answered_on" class="small warn-text" role="status">
      {{ $t('people.plural_not_answered_yet', { plural: plural(unanswered, 'question') }) }}
    </p>
    <p><Button :label="$t('people.no_to_all_2')" size="small" variant="outlined" @click="allNo" /></p>
    <div v-for="question in asked" :key="question.id" class="question">
      <span :id="`q-${question.id}`" class="small">{{ question.question }}</span>
      <SelectButton
        :model-value="held.answers[question.id]"
        :options="YES_NO"
        option-value="value"
        option-label="label"
        size="small"
        :allow-empty="false"
        :aria-labelledby="`q-${question.id}`"
        @update:model-value="answer(question.id, $event)"
      />
    </div>
    <div class="pair">
      <TextField
        :model-value="held.answered_on ?? ''"
        :label="$t('people.answered_on')"
        type="date"
        :error="errorAt('answered_on')"
        @update:model-value="set({ answered_on: $event })"
      />
      <template v-if="anyYes">
        <TextField
          v-for="{ key, label, type, length } in CLEARED"
          :key="key"
          :model-value="held[key] ?? ''"
          :label="label"
          :type="type"
          :maxlength="length"
          :error="errorAt(key)"
          @update:model-value="set({ [key]: $event })"
        />
      </template>
    </div>
  </fieldset>
</template>

<style scoped>
.question {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  justify-content: space-between;
  width: 100%;
  border-bottom: 1px solid var(--rule-soft);
  padding-bottom: var(--space-1);
}
.question :deep(.p-selectbutton) {
  flex: none;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: var(--space-2) var(--space-3);
  width: 100%;
}
.pair > :nth-child(4) {
  grid-column: 1 / -1;
}
</style>
