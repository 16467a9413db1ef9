<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed, reactive, ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { StudioForm, StudioSettings } from '@/lib/api/types'
import type { Picks } from '@/lib/conflict'
import { useSession } from '@/lib/session'
import { t } from '@/lib/text'
import { useAttempt } from '@/lib/useAttempt'
import { useVersioned } from '@/lib/useVersioned'
import ConflictFields from '@/ui/ConflictFields.vue'
import NumberField from '@/ui/NumberField.vue'
import SelectField from '@/ui/SelectField.vue'
import TextField from '@/ui/TextField.vue'
import { dateLanguages } from './dateLanguages'

// The studio's name, how it writes days, weeks and loads, and how long it keeps what it need not keep.
const props = defineProps<{ studio: StudioSettings }>()
const queries = useQueryClient()
const session = useSession()
const toast = useToast()
const { attempt, busy, errors } = useAttempt()

const UNITS = [
  { value: 'metric', label: t('studio.kilograms_and_centimetres') },
  { value: 'imperial', label: t('studio.pounds_and_inches') },
]
const WEEK_STARTS = [
  { value: 'monday', label: t('studio.monday') },
  { value: 'sunday', label: t('studio.sunday') },
  { value: 'saturday', label: t('studio.saturday') },
]
const GOING_UP = [
  { value: 'offered', label: t('studio.offered_to_who_is_ready') },
  { value: 'taken', label: t('studio.taken_up_to_the_reserve') },
]
type Fields = Omit<StudioForm, 'version'> & Pick<StudioSettings, 'units' | 'week_start' | 'going_up'>
const fieldsOf = (held: StudioSettings): Fields => ({
  name: held.name,
  time_zone: held.time_zone,
  date_locale: held.date_locale,
  units: held.units,
  week_start: held.week_start,
  going_up: held.going_up,
  audit_days: held.audit_days,
  retention_days: held.retention_days,
})
const form = reactive<Fields>({
  name: '',
  time_zone: 'UTC',
  date_locale: 'en-GB',
  units: 'metric',
  week_start: 'monday',
  going_up: 'offered',
  audit_days: 730,
  retention_days: 1095,
})
const version = ref(0)
let opened: Fields = { ...form }
function read(now: StudioSettings) {
  Object.assign(form, fieldsOf(now))
  version.value = now.version
  opened = fieldsOf(now)
}
watch(
  () => props.studio,
  (now) => {
    // What is typed here stays, whatever comes from the server meanwhile.
    if (!version.value || JSON.stringify({ ...opened, ...form }) === JSON.stringify(opened)) read(now)
  },
  { immediate: true },
)
const languages = computed(() => dateLanguages(props.studio.date_locales))
const versioned = useVersioned<Fields, StudioSettings>({
  labels: {
    name: t('common.name'),
    time_zone: t('studio.time_zone'),
    date_locale: t('studio.dates_are_written_as'),
    units: t('studio.loads_and_heights_are_in'),
    week_start: t('studio.the_week_begins_on'),
    going_up: t('studio.steps_up_in_the_fit_are'),
    audit_days: t('studio.days_that_actions_are_kept'),
    retention_days: t('studio.days_that_archived_people_are_kept'),
  },
  show: (body, over) => {
    Object.assign(form, body)
    version.value = over
  },
  opened: () => opened,
  put: async (body, over) => {
    const now = await ask(api.PUT('/api/studio', { body: { ...body, version: over } }))
    read(now)
    queries.setQueryData(['studio'], now)
    await session.refresh()
    toast.add({ severity: 'success', summary: t('common.saved'), life: 3000 })
  },
  read: (theirs) => ({ body: fieldsOf(theirs), version: theirs.version }),
})
const save = () => attempt(() => versioned.save({ ...form }, version.value))
const resolve = (picks: Picks) => attempt(() => versioned.resolve(picks))
</script>

<template>
  <div>
    <ConflictFields
      :visible="versioned.met.value !== null"
      :what="$t('studio.these_settings_were')"
      :rows="versioned.rows.value"
      @save="resolve"
      @close="versioned.close"
    />
    <form class="form" novalidate :aria-label="$t('studio.settings')" @submit.prevent="save">
      <TextField v-model="form.name" :label="$t('common.name')" :error="errors.get('/name')" :maxlength="120" />
      <SelectField
        v-model="form.time_zone"
        :label="$t('studio.time_zone_classes_are_at_this')"
        :spoken="$t('studio.time_zone')"
        :options="studio.time_zones.map((value) => ({ value, label: value }))"
        filter
      />
      <SelectField v-model="form.date_locale" :label="$t('studio.dates_are_written_as')" :options="languages" />
      <SelectField v-model="form.units" :label="$t('studio.loads_and_heights_are_in')" :options="UNITS" />
      <SelectField v-model="form.week_start" :label="$t('studio.the_week_begins_on')" :options="WEEK_STARTS" />
      <SelectField v-model="form.going_up" :label="$t('studio.steps_up_in_the_fit_are')" :options="GOING_UP" />
      <NumberField
        :model-value="form.retention_days"
        :label="$t('studio.archived_people_are_offered_for_erasure')"
        :unit="$t('studio.days')"
        :error="errors.get('/retention_days')"
        width="5rem"
        @update:model-value="form.retention_days = Number($event ?? 0)"
      />
      <NumberField
        :model-value="form.audit_days"
        :label="$t('studio.who_did_what_is_kept_for')"
        :unit="$t('studio.days')"
        :error="errors.get('/audit_days')"
        width="5rem"
        @update:model-value="form.audit_days = Number($event ?? 0)"
      />
      <p><Button type="submit" :label="$t('common.save')" :loading="busy" /></p>
    </form>
  </div>
</template>

<style scoped>
.form {
  margin-top: var(--space-4);
  display: grid;
  gap: var(--space-3);
  max-width: 30rem;
}
</style>
