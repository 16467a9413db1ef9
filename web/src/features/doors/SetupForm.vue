<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Message from 'primevue/message'
import Select from 'primevue/select'
import { computed, reactive, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import DoorLeaf from './DoorLeaf.vue'
import PageState from '@/ui/PageState.vue'
import SecretField from '@/ui/SecretField.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { dateLanguages } from '@/features/studio/dateLanguages'
import { useSession } from '@/lib/session'

// The first run: a studio of one's own, once, with the code that the start command printed.
const router = useRouter()
const session = useSession()
const { attempt, busy, errors } = useAttempt()
const setup = useQuery({ queryKey: ['setup'], queryFn: () => ask(api.GET('/api/setup')), refetchOnWindowFocus: false })
const here = Intl.DateTimeFormat().resolvedOptions().timeZone
const form = reactive({ code: '', studio: '', name: '', email: '', password: '' })
const chosenZone = ref<string | null>(null)
const chosenLocale = ref<string | null>(null)
const zone = computed({
  get: () => chosenZone.value ?? (setup.data.value?.time_zones.includes(here) ? here : 'UTC'),
  set: (value) => (chosenZone.value = value),
})
const locale = computed({
  get: () =>
    chosenLocale.value ?? (setup.data.value?.date_locales.includes(navigator.language) ? navigator.language : 'en-GB'),
  set: (value) => (chosenLocale.value = value),
})
const languages = computed(() => dateLanguages(setup.data.value?.date_locales ?? []))

const begin = () =>
  attempt(async () => {
    await session.entered(
      await ask(api.POST('/api/setup', { body: { ...form, time_zone: zone.value, date_locale: locale.value } })),
    )
    await router.push({ name: 'today' })
  })

const lookAtDemo = () =>
  attempt(async () => {
    const demo = await ask(api.POST('/api/setup/demo', { body: { code: form.code } }))
    await session.signIn(demo.email, demo.password)
    await router.push({ name: 'today' })
  })
</script>

<template>
  <DoorLeaf :title="$t('doors.set_up_your_studio')" wide>
    <PageState :loading="setup.isPending.value" :error="setup.error.value" @retry="setup.refetch()">
      <template v-if="setup.data.value && !setup.data.value.needed">
        <p>{{ $t('doors.a_studio_has_been_set_up') }}</p>
        <p>
          <RouterLink :to="{ name: 'sign-in' }">{{ $t('common.sign_in') }}</RouterLink>
        </p>
      </template>
      <form v-else novalidate @submit.prevent="begin">
        <p class="quiet">{{ $t('doors.this_is_done_once_the_code') }}</p>
        <div class="pairs">
          <TextField
            v-model="form.code"
            :label="$t('doors.set_up_code')"
            :error="errors.get('/code')"
            :maxlength="40"
            autofocus
          />
          <TextField
            v-model="form.studio"
            :label="$t('doors.name_of_the_studio')"
            :error="errors.get('/studio')"
            :maxlength="120"
          />
          <label class="field">
            <span class="small quiet">{{ $t('doors.time_zone') }}</span>
            <Select
              v-model="zone"
              :options="setup.data.value?.time_zones ?? []"
              filter
              :aria-label="$t('doors.time_zone')"
              fluid
            />
          </label>
          <label class="field">
            <span class="small quiet">{{ $t('doors.dates_are_written_as') }}</span>
            <Select
              v-model="locale"
              :options="languages"
              option-value="value"
              option-label="label"
              :aria-label="$t('doors.dates_are_written_as')"
              fluid
            />
          </label>
          <TextField v-model="form.name" :label="$t('doors.your_name')" :error="errors.get('/name')" :maxlength="80" />
          <TextField
            v-model="form.email"
            :label="$t('doors.your_e_mail')"
            type="email"
            :error="errors.get('/email')"
            :maxlength="200"
          />
          <SecretField
            v-model="form.password"
            :label="$t('doors.password')"
            autocomplete="new-password"
            :error="errors.get('/password')"
            :hint="$t('common.at_least_12_characters_a_few')"
            class="whole"
          />
        </div>
        <Message v-if="errors.size" severity="warn" :closable="false" role="alert">{{
          $t('doors.some_fields_need_another_look')
        }}</Message>
        <Button type="submit" :label="$t('doors.set_up_the_studio')" :loading="busy" fluid />
        <template v-if="!setup.data.value?.demo">
          <p class="small quiet">{{ $t('doors.want_to_look_around_first_the') }}</p>
          <p>
            <Button
              :label="$t('doors.look_at_the_demo_first')"
              variant="outlined"
              severity="secondary"
              :disabled="busy"
              @click="lookAtDemo"
            />
          </p>
        </template>
        <p v-else class="small quiet">
          {{ $t('doors.the_demo_is_here_already') }}
          <RouterLink :to="{ name: 'sign-in' }">{{ $t('doors.sign_in') }}</RouterLink>
          {{ $t('doors.to_look_around_your_own_studio') }}
        </p>
      </form>
    </PageState>
  </DoorLeaf>
</template>

<style scoped>
.pairs {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(18rem, 100%), 1fr));
  gap: var(--space-3) var(--space-4);
  align-items: start;
}
.whole {
  grid-column: 1 / -1;
}
.field {
  display: grid;
  gap: var(--space-1);
}
</style>
