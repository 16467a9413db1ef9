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
  <DoorLeaf title="Set up your studio" wide>
    <PageState :loading="setup.isPending.value" :error="setup.error.value" @retry="setup.refetch()">
      <template v-if="setup.data.value && !setup.data.value.needed">
        <p>A studio has been set up here already. Sign in, or ask its owner for an invitation.</p>
        <p><RouterLink :to="{ name: 'sign-in' }">Sign in</RouterLink></p>
      </template>
      <form v-else novalidate @submit.prevent="begin">
        <p class="quiet">
          This is done once. The code was printed where the server was started; it keeps strangers from setting up your
          studio before you do.
        </p>
        <div class="pairs">
          <TextField v-model="form.code" label="Set-up code" :error="errors.get('/code')" :maxlength="40" autofocus />
          <TextField v-model="form.studio" label="Name of the studio" :error="errors.get('/studio')" :maxlength="120" />
          <label class="field">
            <span class="small quiet">Time zone</span>
            <Select v-model="zone" :options="setup.data.value?.time_zones ?? []" filter aria-label="Time zone" fluid />
          </label>
          <label class="field">
            <span class="small quiet">Dates are written as</span>
            <Select
              v-model="locale"
              :options="languages"
              option-value="value"
              option-label="label"
              aria-label="Dates are written as"
              fluid
            />
          </label>
          <TextField v-model="form.name" label="Your name" :error="errors.get('/name')" :maxlength="80" />
          <TextField
            v-model="form.email"
            label="Your e-mail"
            type="email"
            :error="errors.get('/email')"
            :maxlength="200"
          />
          <SecretField
            v-model="form.password"
            label="Password"
            autocomplete="new-password"
            :error="errors.get('/password')"
            hint="At least 12 characters. A few words in a row are easy to remember."
            class="whole"
          />
        </div>
        <Message v-if="errors.size" severity="warn" :closable="false" role="alert"
          >Some fields need another look.</Message
        >
        <Button type="submit" label="Set up the studio" :loading="busy" fluid />
        <template v-if="!setup.data.value?.demo">
          <p class="small quiet">
            Want to look around first? The demo is a made-up studio with people, circuits and classes. You can throw it
            away again.
          </p>
          <p>
            <Button
              label="Look at the demo first"
              variant="outlined"
              severity="secondary"
              :disabled="busy"
              @click="lookAtDemo"
            />
          </p>
        </template>
        <p v-else class="small quiet">
          The demo is here already: <RouterLink :to="{ name: 'sign-in' }">sign in</RouterLink> to look around. Your own
          studio stands beside it; the demo can be thrown away under “Studio”.
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
