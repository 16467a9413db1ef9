<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import Textarea from 'primevue/textarea'
import { useToast } from 'primevue/usetoast'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import { useQuestions } from '@/lib/api/queries'
import type { PersonWhole } from '@/lib/api/types'
import type { Picks } from '@/lib/conflict'
import ConflictFields from '@/ui/ConflictFields.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useVersioned } from '@/lib/useVersioned'
import { bodyOf, fieldsOf, wordsOf, type HealthFields } from './health'
import LimitsFields from './LimitsFields.vue'
import ScreeningFields from './ScreeningFields.vue'

// Health (private): limits, the screening, a note. Kept by consent only. It
// advises and does not diagnose.
const props = defineProps<{ person: PersonWhole }>()
const emit = defineEmits<{ saved: [person: PersonWhole] }>()
const toast = useToast()
const questions = useQuestions()
const { attempt, busy, errors } = useAttempt()

const fields = ref(fieldsOf(props.person))
const before = ref('')
const written = computed(() => JSON.stringify(bodyOf(fields.value)))
const dirty = computed(() => written.value !== before.value)

/** What is typed here stays while something else of the person is saved, over the version that was opened. */
let read = false
const version = ref(props.person.health_version)
let opened = fieldsOf(props.person)
watch(
  () => props.person,
  (person) => {
    if (read && dirty.value) return
    read = true
    fields.value = fieldsOf(person)
    version.value = person.health_version
    opened = fieldsOf(person)
    before.value = written.value
  },
  { immediate: true },
)

const versioned = useVersioned<HealthFields, PersonWhole>({
  labels: {
    consent: t('people.consent_to_keep_health_notes'),
    limits: t('people.limits'),
    screening: t('people.screening'),
    note: t('common.note'),
  },
  show: (shown, over) => {
    fields.value = { ...shown }
    version.value = over
  },
  opened: () => opened,
  put: async (typed, over) => {
    const now = await ask(
      api.PUT('/api/people/{id}/health', {
        params: { path: { id: props.person.id } },
        body: { ...bodyOf(typed), version: over },
      }),
    )
    before.value = written.value
    emit('saved', now)
    toast.add({ severity: 'success', summary: t('common.saved'), detail: t('people.health_notes'), life: 3000 })
  },
  read: (theirs) => ({ body: fieldsOf(theirs), version: theirs.health_version }),
  words: (value, key) => wordsOf(value, key, questions.data.value?.kinds ?? []),
})
const save = () => attempt(() => versioned.save({ ...fields.value }, version.value))
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
      <Checkbox v-model="fields.consent" input-id="consent" binary />
      <label for="consent">{{ $t('people.consent_to_keep_health_notes') }}</label>
    </p>
    <p v-if="!fields.consent" class="small" :class="person.consent_at ? 'warn-text' : 'quiet'">
      {{
        person.consent_at
          ? $t('people.saved_like_this_everything_below_is')
          : $t('people.without_their_consent_nothing_of_their')
      }}
    </p>
    <template v-else>
      <LimitsFields
        :limits="fields.limits"
        :error-at="(key: string) => errors.get(`/health/limits/${key}`)"
        :reach="person.health.limits?.length ? person.id : undefined"
        @change="fields.limits = $event"
      />
      <ScreeningFields
        :screening="fields.screening"
        :error-at="(key: string) => errors.get(`/health/screening/${key}`)"
        @change="fields.screening = $event"
      />
      <p>
        <label for="health-note" class="small quiet">{{ $t('common.note') }}</label>
        <Textarea id="health-note" v-model="fields.note" rows="2" maxlength="2000" fluid auto-resize />
      </p>
    </template>
    <div class="row">
      <Button
        type="submit"
        :label="fields.consent ? $t('common.save') : $t('people.save_without')"
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
.form :deep(.private-part) {
  border: 0;
  border-top: 1px solid var(--rule);
  padding: var(--space-2) 0 0;
  margin: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-2);
  justify-items: start;
  min-width: 0;
}
.form :deep(.private-part > legend) {
  font-weight: 600;
  padding-right: var(--space-2);
}
</style>
