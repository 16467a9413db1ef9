<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import SelectButton from 'primevue/selectbutton'
import Textarea from 'primevue/textarea'
import { useToast } from 'primevue/usetoast'
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { useQuestions } from '@/lib/api/queries'
import type { HealthNotes, Limit, PersonWhole } from '@/lib/api/types'

import { plainWords, type Picks } from '@/lib/conflict'
import ConflictFields from '@/ui/ConflictFields.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useVersioned } from '@/lib/useVersioned'
import LimitRow from './LimitRow.vue'
import RuledOut from './RuledOut.vue'
import { todayText } from './words'

// Health (private): limits, the screening, a note. Kept by consent only. It
// advises and does not diagnose.
const props = defineProps<{ person: PersonWhole }>()
const emit = defineEmits<{ saved: [person: PersonWhole] }>()
const toast = useToast()
const questions = useQuestions()
const { attempt, busy, errors } = useAttempt()

const consent = ref(false)
const limits = ref<Limit[]>([])
const answers = ref<Record<string, boolean>>({})
const answeredOn = ref('')
const clearedOn = ref('')
const clearedBy = ref('')
const clearedNote = ref('')
const note = ref('')
const before = ref('')

const YES_NO = [
  { value: true, label: t('people.yes') },
  { value: false, label: t('people.no') },
]
const unanswered = computed(
  () => (questions.data.value?.questions ?? []).filter(({ id }) => answers.value[id] === undefined).length,
)
const anyYes = computed(() => Object.values(answers.value).some(Boolean))
const health = computed<HealthNotes>(() => ({
  limits: limits.value,
  note: note.value || undefined,
  screening: Object.keys(answers.value).length
    ? {
        answers: answers.value,
        answered_on: answeredOn.value || undefined,
        cleared_on: clearedOn.value || undefined,
        cleared_by: clearedBy.value || undefined,
        cleared_note: clearedNote.value || undefined,
      }
    : undefined,
}))
const body = computed(() => (consent.value ? { consent: true, health: health.value } : { consent: false }))
const dirty = computed(() => JSON.stringify(body.value) !== before.value)

const limitText = (limit: Limit) => {
  const kind = questions.data.value?.kinds.find((held) => held.kind === limit.kind)?.words ?? limit.kind
  const side = limit.side && limit.side !== 'both' ? `${limit.side} ` : ''
  const parts = [limit.until && t('people.until_until', { until: limit.until }), limit.note].filter(Boolean)
  return `${limit.severity}: ${side}${kind}${parts.length ? ` (${parts.join(', ')})` : ''}`
}
function screeningText(screening: HealthFields['screening']) {
  if (!screening) return t('people.not_answered')
  const yes = Object.values(screening.answers).filter(Boolean).length
  const cleared = screening.cleared_on ? t('people.cleared_on_cleared_on', { cleared_on: screening.cleared_on }) : ''
  return `${yes ? t('people.yes_to_plural', { plural: plural(yes, 'question') }) : t('people.no_to_all')}${cleared}`
}

/** The saved notes, in the shape of this form. */
interface HealthFields {
  consent: boolean
  limits: Limit[]
  screening: NonNullable<HealthNotes['screening']> | null
  note: string
}
const typed = computed<HealthFields>(() => ({
  consent: consent.value,
  limits: limits.value,
  screening: health.value.screening ?? null,
  note: note.value,
}))
const fieldsOf = (person: PersonWhole): HealthFields => ({
  consent: person.consent_at !== null,
  limits: (person.health.limits ?? []).map((limit) => ({ ...limit })),
  screening: person.health.screening ?? null,
  note: person.health.note ?? '',
})
function fill(fields: HealthFields) {
  consent.value = fields.consent
  limits.value = fields.limits.map((limit) => ({ ...limit }))
  answers.value = { ...(fields.screening?.answers ?? {}) }
  answeredOn.value = fields.screening?.answered_on ?? ''
  clearedOn.value = fields.screening?.cleared_on ?? ''
  clearedBy.value = fields.screening?.cleared_by ?? ''
  clearedNote.value = fields.screening?.cleared_note ?? ''
  note.value = fields.note
}

/** What is typed here stays while something else of the person is saved, over the version that was opened. */
let read = false
const version = ref(props.person.health_version)
let opened = fieldsOf(props.person)
watch(
  () => props.person,
  (person) => {
    if (read && dirty.value) return
    read = true
    fill(fieldsOf(person))
    version.value = person.health_version
    opened = fieldsOf(person)
    before.value = JSON.stringify(body.value)
  },
  { immediate: true },
)

function answer(id: string, value: boolean) {
  answers.value = { ...answers.value, [id]: value }
  answeredOn.value ||= todayText()
}
function allNo() {
  answers.value = Object.fromEntries((questions.data.value?.questions ?? []).map((question) => [question.id, false]))
  answeredOn.value = todayText()
}
function change(index: number, limit: Limit) {
  limits.value = limits.value.map((held, at) => (at === index ? limit : held))
}

/** Several limits at once, beside those that stand there already. */
const advice = ref('')
function setTogether(preset: { kinds: string[]; advice: string }) {
  const held = new Set(limits.value.map((limit) => limit.kind))
  const more = preset.kinds.filter((kind) => !held.has(kind)).map((kind): Limit => ({ kind, severity: 'avoid' }))
  limits.value = [...limits.value, ...more]
  advice.value = preset.advice
}

const LABELS = {
  consent: t('people.consent_to_keep_health_notes'),
  limits: t('people.limits'),
  screening: t('people.screening'),
  note: t('common.note'),
}
const bodyFrom = (fields: HealthFields) =>
  fields.consent
    ? {
        consent: true,
        health: {
          limits: fields.limits,
          note: fields.note || undefined,
          screening: fields.screening ?? undefined,
        },
      }
    : { consent: false }
const versioned = useVersioned<HealthFields, PersonWhole>({
  labels: LABELS,
  show: (body, over) => {
    fill(body)
    version.value = over
  },
  opened: () => opened,
  put: async (fields, over) => {
    const now = await ask(
      api.PUT('/api/people/{id}/health', {
        params: { path: { id: props.person.id } },
        body: { ...bodyFrom(fields), version: over },
      }),
    )
    before.value = JSON.stringify(body.value)
    emit('saved', now)
    toast.add({ severity: 'success', summary: t('common.saved'), detail: t('people.health_notes'), life: 3000 })
  },
  read: (theirs) => ({ body: fieldsOf(theirs), version: theirs.health_version }),
  words: (value, key) => {
    if (key === 'limits') return (value as Limit[]).map(limitText).join('; ') || 'none'
    if (key === 'screening') return screeningText(value as HealthFields['screening'])
    return plainWords(value)
  },
})
const save = () => attempt(() => versioned.save(typed.value, version.value))
const resolve = (picks: Picks) => attempt(() => versioned.resolve(picks))
</script>

<template>
  <form :aria-label="$t('people.health_private')" class="form" @submit.prevent="save">
    <ConflictFields
      :visible="versioned.met.value !== null"
      :what="$t('people.these_health_notes_were')"
      :rows="versioned.rows.value"
      @save="resolve"
      @close="versioned.close"
    />
    <h2>{{ $t('people.health_private') }}</h2>
    <p class="row">
      <Checkbox v-model="consent" input-id="consent" binary />
      <label for="consent">{{ $t('people.consent_to_keep_health_notes') }}</label>
    </p>
    <p v-if="!consent" class="small" :class="person.consent_at ? 'warn-text' : 'quiet'">
      {{
        person.consent_at
          ? $t('people.saved_like_this_everything_below_is')
          : $t('people.without_their_consent_nothing_of_their')
      }}
    </p>
    <template v-else>
      <fieldset>
        <legend>{{ $t('people.limits') }}</legend>
        <p class="small quiet">{{ $t('people.a_limit_is_never_trained_through') }}</p>
        <LimitRow
          v-for="(limit, index) in limits"
          :key="index"
          :limit="limit"
          :kinds="questions.data.value?.kinds ?? []"
          :error="errors.get(`/health/limits/${index}/until`) ?? errors.get(`/health/limits/${index}/kind`)"
          :number="index + 1"
          @change="change(index, $event)"
          @remove="limits = limits.filter((_, at) => at !== index)"
        />
        <Button
          :label="$t('people.add_a_limit')"
          icon="pi pi-plus"
          size="small"
          variant="outlined"
          @click="limits = [...limits, { kind: 'knee', severity: 'avoid' }]"
        />
        <div class="presets" role="group" :aria-label="$t('people.set_several_at_once')">
          <span class="small quiet">{{ $t('people.set_several_at_once') }}</span>
          <Button
            v-for="preset in questions.data.value?.presets ?? []"
            :key="preset.id"
            :label="preset.words"
            size="small"
            severity="secondary"
            variant="outlined"
            @click="setTogether(preset)"
          />
        </div>
        <p v-if="advice" class="small warn-text" role="status">
          {{ advice }} {{ $t('people.a_beginning_for_what_a_professional') }}
        </p>
        <RuledOut :limits="limits" />
        <RouterLink
          v-if="person.health.limits?.length"
          :to="{ name: 'person-reach', params: { id: person.id } }"
          class="small"
          >{{ $t('people.what_they_get_instead') }}</RouterLink
        >
      </fieldset>
      <fieldset>
        <legend>{{ $t('people.screening') }}</legend>
        <p class="small quiet">{{ $t('people.their_own_answers_a_yes_is') }}</p>
        <p v-if="unanswered && answeredOn" class="small warn-text" role="status">
          {{ $t('people.plural_not_answered_yet', { plural: plural(unanswered, 'question') }) }}
        </p>
        <p><Button :label="$t('people.no_to_all_2')" size="small" variant="outlined" @click="allNo" /></p>
        <div v-for="question in questions.data.value?.questions ?? []" :key="question.id" class="question">
          <span :id="`q-${question.id}`" class="small">{{ question.question }}</span>
          <SelectButton
            :model-value="answers[question.id]"
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
            v-model="answeredOn"
            :label="$t('people.answered_on')"
            type="date"
            :error="errors.get('/health/screening/answered_on')"
          />
          <template v-if="anyYes">
            <TextField
              v-model="clearedOn"
              :label="$t('people.cleared_by_a_professional_on')"
              type="date"
              :error="errors.get('/health/screening/cleared_on')"
            />
            <TextField v-model="clearedBy" :label="$t('people.by_whom')" :maxlength="120" />
            <TextField v-model="clearedNote" :label="$t('people.what_they_said')" :maxlength="300" />
          </template>
        </div>
      </fieldset>
      <p>
        <label for="health-note" class="small quiet">{{ $t('common.note') }}</label>
        <Textarea id="health-note" v-model="note" rows="2" maxlength="2000" fluid auto-resize />
      </p>
    </template>
    <div class="row">
      <Button
        type="submit"
        :label="consent ? $t('common.save') : $t('people.save_without')"
        :loading="busy"
        :disabled="!dirty"
      />
      <span v-if="dirty" class="small quiet">{{ $t('people.not_saved_yet') }}</span>
    </div>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}
fieldset {
  border: 0;
  border-top: 1px solid var(--rule);
  padding: var(--space-2) 0 0;
  margin: 0;
  display: grid;
  gap: var(--space-2);
  justify-items: start;
  min-width: 0;
}
legend {
  font-weight: 600;
  padding-right: var(--space-2);
}
.presets {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  align-items: center;
}
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
</style>
