<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { computed, reactive, ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import type { StudioForm, StudioSettings } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import { dateText } from '@/lib/clockText'
import type { Picks } from '@/lib/conflict'
import ConflictFields from '@/ui/ConflictFields.vue'
import PageState from '@/ui/PageState.vue'
import SecretField from '@/ui/SecretField.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useVersioned } from '@/lib/useVersioned'
import { dateLanguages } from './dateLanguages'
import AuditTrail from './AuditTrail.vue'
import { useSession } from '@/lib/session'

// The studio itself, for its owners: settings, what is kept, who did what, and the end of it.
const queries = useQueryClient()
const router = useRouter()
const session = useSession()
const toast = useToast()
const studio = useQuery({
  queryKey: ['studio'],
  queryFn: () => ask(api.GET('/api/studio')),
  refetchOnWindowFocus: false,
})
const { attempt, busy, errors } = useAttempt()

const UNITS = [
  { value: 'metric', label: t('studio.kilograms_and_centimetres') },
  { value: 'imperial', label: t('studio.pounds_and_inches') },
]
type Fields = Omit<StudioForm, 'version'>
const fieldsOf = (held: StudioSettings): Fields => ({
  name: held.name,
  time_zone: held.time_zone,
  date_locale: held.date_locale,
  units: held.units,
  audit_days: held.audit_days,
  retention_days: held.retention_days,
})
const form = reactive<Fields>({
  name: '',
  time_zone: 'UTC',
  date_locale: 'en-GB',
  units: 'metric',
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
  () => studio.data.value,
  (now) => {
    // What is typed here stays, whatever comes from the server meanwhile.
    if (now && (!version.value || JSON.stringify({ ...opened, ...form }) === JSON.stringify(opened))) read(now)
  },
  { immediate: true },
)
const languages = computed(() => dateLanguages(studio.data.value?.date_locales ?? []))
const versioned = useVersioned<Fields, StudioSettings>({
  labels: {
    name: t('common.name'),
    time_zone: t('studio.time_zone'),
    date_locale: t('studio.dates_are_written_as'),
    units: t('studio.loads_and_heights_are_in'),
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

const ending = ref(false)
const typed = ref('')
const password = ref('')
const end = useAttempt()
const remove = () =>
  end.attempt(async () => {
    await ask(api.DELETE('/api/studio', { body: { name: typed.value, password: password.value } }))
    const demo = studio.data.value?.demo
    await session.leave()
    queries.clear()
    await router.push({ name: demo ? 'setup' : 'sign-in' })
    toast.add({
      severity: 'success',
      summary: demo ? t('studio.the_demo_is_gone') : t('studio.the_studio_is_deleted'),
      life: 6000,
    })
  })
</script>

<template>
  <div class="page">
    <h1>{{ $t('common.studio') }}</h1>
    <PageState :loading="studio.isPending.value" :error="studio.error.value" @retry="studio.refetch()">
      <template v-if="studio.data.value">
        <ConflictFields
          :visible="versioned.met.value !== null"
          :what="$t('studio.these_settings_were')"
          :rows="versioned.rows.value"
          @save="resolve"
          @close="versioned.close"
        />
        <p>
          <RouterLink :to="{ name: 'team' }">{{ $t('studio.team_and_roles') }}</RouterLink>
        </p>
        <form class="form" novalidate :aria-label="$t('studio.settings')" @submit.prevent="save">
          <TextField v-model="form.name" :label="$t('common.name')" :error="errors.get('/name')" :maxlength="120" />
          <label class="field">
            <span class="small quiet">{{ $t('studio.time_zone_classes_are_at_this') }}</span>
            <Select
              v-model="form.time_zone"
              :options="studio.data.value.time_zones"
              filter
              :aria-label="$t('studio.time_zone')"
            />
          </label>
          <label class="field">
            <span class="small quiet">{{ $t('studio.dates_are_written_as') }}</span>
            <Select
              v-model="form.date_locale"
              :options="languages"
              option-value="value"
              option-label="label"
              :aria-label="$t('studio.dates_are_written_as')"
            />
          </label>
          <label class="field">
            <span class="small quiet">{{ $t('studio.loads_and_heights_are_in') }}</span>
            <Select
              v-model="form.units"
              :options="UNITS"
              option-value="value"
              option-label="label"
              :aria-label="$t('studio.loads_and_heights_are_in')"
            />
          </label>
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

        <section v-if="studio.data.value.due_for_erasure.length" aria-labelledby="due">
          <h2 id="due">{{ $t('studio.archived_for_a_long_time') }}</h2>
          <p class="small quiet">{{ $t('studio.look_at_each_once_more_and') }}</p>
          <ul>
            <li v-for="person in studio.data.value.due_for_erasure" :key="person.id">
              <RouterLink :to="{ name: 'person', params: { id: person.id } }">{{ person.name }}</RouterLink>{{
                $t('studio.archived_on_archived_at', { archived_at: dateText(person.archived_at) })
              }}
            </li>
          </ul>
        </section>

        <section aria-labelledby="export">
          <h2 id="export">{{ $t('studio.take_everything_along') }}</h2>
          <p class="small quiet">{{ $t('studio.every_row_of_this_studio_as') }}</p>
          <p>
            <a href="/api/studio/export" download="studio.zip">{{ $t('studio.export_the_whole_studio_zip') }}</a>
          </p>
        </section>

        <AuditTrail />

        <section aria-labelledby="end">
          <h2 id="end">
            {{ studio.data.value.demo ? $t('studio.throw_the_demo_away') : $t('studio.delete_the_studio') }}
          </h2>
          <p class="small quiet">
            {{
              studio.data.value.demo
                ? $t('studio.the_made_up_people_circuits_and')
                : $t('studio.everything_of_this_studio_is_gone')
            }}
          </p>
          <Button
            :label="studio.data.value.demo ? $t('studio.throw_the_demo_away_2') : $t('studio.delete_the_studio_2')"
            severity="warn"
            variant="outlined"
            @click="ending = true"
          />
        </section>
        <Dialog
          v-model:visible="ending"
          modal
          :header="studio.data.value.demo ? $t('studio.throw_the_demo_away') : $t('studio.delete_the_studio')"
          :style="{ width: 'min(32rem, 96vw)' }"
        >
          <form class="form" novalidate @submit.prevent="remove">
            <p>
              {{ $t('studio.there_is_no_way_back_type') }} <b>{{ studio.data.value.name }}</b>{{
                $t('studio.and_your_password')
              }}
            </p>
            <TextField
              v-model="typed"
              :label="$t('studio.name_of_the_studio')"
              :error="end.errors.value.get('/name')"
              autofocus
            />
            <SecretField
              v-model="password"
              :label="$t('studio.password')"
              autocomplete="current-password"
              :error="end.errors.value.get('/password')"
            />
            <p class="row">
              <Button :label="$t('studio.keep_it')" severity="secondary" variant="outlined" @click="ending = false" />
              <Button
                type="submit"
                :label="$t('studio.delete_for_good')"
                severity="warn"
                :loading="end.busy.value"
                :disabled="typed.trim() !== studio.data.value.name || !password"
              />
            </p>
          </form>
        </Dialog>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.form {
  margin-top: var(--space-4);
}
.form,
.field {
  display: grid;
  gap: var(--space-3);
  max-width: 30rem;
}
.field {
  gap: var(--space-1);
}
section {
  border-top: 1px solid var(--rule);
  margin-top: var(--space-5);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-3);
  justify-items: start;
}
</style>
