<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { ref, watch } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { dateText, dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import SecretField from '@/ui/SecretField.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { ROLES } from './roles'
import SecondFactor from './SecondFactor.vue'
import { useSession } from '@/lib/session'

// One's own account.
const queries = useQueryClient()
const router = useRouter()
const session = useSession()
const toast = useToast()
const account = useQuery({ queryKey: ['account'], queryFn: () => ask(api.GET('/api/account')) })
const said = (summary: string) => toast.add({ severity: 'success', summary, life: 4000 })

const naming = useAttempt()
const name = ref('')
watch(
  () => account.data.value?.name,
  (now) => now && (name.value = now),
  { immediate: true },
)
const rename = () =>
  naming.attempt(async () => {
    queries.setQueryData(['account'], await ask(api.PUT('/api/account', { body: { name: name.value } })))
    await session.refresh()
    said('Saved')
  })

const changing = useAttempt()
const current = ref('')
const password = ref('')
const changePassword = () =>
  changing.attempt(async () => {
    const body = { current: current.value, password: password.value }
    queries.setQueryData(['account'], await ask(api.PUT('/api/account/password', { body })))
    current.value = password.value = ''
    said('Your password was changed. Other devices were signed out.')
  })

const devices = useAttempt()
const signOutDevice = (id: string) =>
  devices.attempt(async () =>
    queries.setQueryData(
      ['account'],
      await ask(api.DELETE('/api/account/sign-ins/{id}', { params: { path: { id } } })),
    ),
  )
const signOutOthers = () =>
  devices.attempt(async () => {
    await ask(api.DELETE('/api/account/sign-ins'))
    await account.refetch()
    said('Every other device was signed out')
  })
const signOutEverywhere = () =>
  devices.attempt(async () => {
    await ask(api.DELETE('/api/account/sign-ins', { params: { query: { all: true } } }))
    await session.leave()
    queries.clear()
    await router.push({ name: 'sign-in' })
  })
</script>

<template>
  <div class="page">
    <h1>Your account</h1>
    <PageState :loading="account.isPending.value" :error="account.error.value" @retry="account.refetch()">
      <template v-if="account.data.value">
        <p class="quiet">
          {{ account.data.value.email }} · {{ ROLES[account.data.value.role].label }}:
          {{ ROLES[account.data.value.role].says }}
        </p>
        <p v-if="account.data.value.role === 'owner'" class="row">
          <RouterLink :to="{ name: 'studio' }">Studio settings</RouterLink>
          <RouterLink :to="{ name: 'team' }">Team and roles</RouterLink>
        </p>
        <div class="columns">
          <form aria-label="Name" novalidate @submit.prevent="rename">
            <h2>Name</h2>
            <TextField v-model="name" label="Your name" :error="naming.errors.value.get('/name')" :maxlength="80" />
            <p>
              <Button
                type="submit"
                label="Save"
                :loading="naming.busy.value"
                :disabled="name.trim() === account.data.value.name"
              />
            </p>
          </form>
          <form aria-label="Password" novalidate @submit.prevent="changePassword">
            <h2>Password</h2>
            <p v-if="account.data.value.password_changed_at" class="small quiet">
              Last changed on {{ dateText(account.data.value.password_changed_at) }}
            </p>
            <SecretField
              v-model="current"
              label="Current password"
              autocomplete="current-password"
              :error="changing.errors.value.get('/current')"
            />
            <SecretField
              v-model="password"
              label="New password"
              autocomplete="new-password"
              :error="changing.errors.value.get('/password')"
              hint="At least 12 characters. A few words in a row are easy to remember."
            />
            <p>
              <Button
                type="submit"
                label="Change password"
                :loading="changing.busy.value"
                :disabled="!current || !password"
              />
            </p>
          </form>
        </div>
        <SecondFactor :account="account.data.value" @changed="account.refetch()" />
        <section aria-labelledby="devices">
          <h2 id="devices">Where you are signed in</h2>
          <ul class="devices">
            <li v-for="device in account.data.value.sign_ins" :key="device.id">
              <span>
                <b>{{ device.device }}</b><template v-if="device.here">, this one</template>
                <span class="small quiet">
                  · since {{ dayText(device.since) }}, last seen {{ dayText(device.seen_at) }}</span
                >
              </span>
              <Button
                v-if="!device.here"
                label="Sign out"
                size="small"
                variant="text"
                severity="secondary"
                :aria-label="`Sign out ${device.device}`"
                @click="signOutDevice(device.id)"
              />
            </li>
          </ul>
          <p class="row">
            <Button
              label="Sign out all other devices"
              variant="outlined"
              severity="secondary"
              :disabled="account.data.value.sign_ins.length < 2"
              @click="signOutOthers"
            />
            <Button label="Sign out everywhere" variant="outlined" severity="secondary" @click="signOutEverywhere" />
          </p>
        </section>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.columns {
  margin-top: var(--space-5);
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(22rem, 100%), 1fr));
  gap: var(--space-5) var(--space-6);
}
form {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}
section {
  border-top: 1px solid var(--rule);
  margin-top: var(--space-5);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-3);
  justify-items: start;
}
.devices {
  list-style: none;
  padding: 0;
  margin: 0;
  width: 100%;
}
.devices li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  justify-content: space-between;
  align-items: center;
  border-bottom: 1px solid var(--rule-soft);
  min-height: var(--target);
}
</style>
