<script setup lang="ts">
import { t } from '@/lib/text'
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
    said(t('common.saved'))
  })

const changing = useAttempt()
const current = ref('')
const password = ref('')
const changePassword = () =>
  changing.attempt(async () => {
    const body = { current: current.value, password: password.value }
    queries.setQueryData(['account'], await ask(api.PUT('/api/account/password', { body })))
    current.value = password.value = ''
    said(t('studio.your_password_was_changed_other_devices'))
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
    said(t('studio.every_other_device_was_signed_out'))
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
    <h1>{{ $t('studio.your_account') }}</h1>
    <PageState :loading="account.isPending.value" :error="account.error.value" @retry="account.refetch()">
      <template v-if="account.data.value">
        <p class="quiet">
          {{ account.data.value.email }} · {{ ROLES[account.data.value.role].label }}:
          {{ ROLES[account.data.value.role].says }}
        </p>
        <p v-if="account.data.value.role === 'owner'" class="row">
          <RouterLink :to="{ name: 'studio' }">{{ $t('studio.studio_settings') }}</RouterLink>
          <RouterLink :to="{ name: 'team' }">{{ $t('studio.team_and_roles') }}</RouterLink>
        </p>
        <div class="columns">
          <form :aria-label="$t('common.name')" novalidate @submit.prevent="rename">
            <h2>{{ $t('common.name') }}</h2>
            <TextField
              v-model="name"
              :label="$t('studio.your_name')"
              :error="naming.errors.value.get('/name')"
              :maxlength="80"
            />
            <p>
              <Button
                type="submit"
                :label="$t('common.save')"
                :loading="naming.busy.value"
                :disabled="name.trim() === account.data.value.name"
              />
            </p>
          </form>
          <form :aria-label="$t('studio.password')" novalidate @submit.prevent="changePassword">
            <h2>{{ $t('studio.password') }}</h2>
            <p v-if="account.data.value.password_changed_at" class="small quiet">
              {{
                $t('studio.last_changed_on_password_changed_at', {
                  password_changed_at: dateText(account.data.value.password_changed_at),
                })
              }}
            </p>
            <SecretField
              v-model="current"
              :label="$t('studio.current_password')"
              autocomplete="current-password"
              :error="changing.errors.value.get('/current')"
            />
            <SecretField
              v-model="password"
              :label="$t('common.new_password')"
              autocomplete="new-password"
              :error="changing.errors.value.get('/password')"
              :hint="$t('common.at_least_12_characters_a_few')"
            />
            <p>
              <Button
                type="submit"
                :label="$t('studio.change_password')"
                :loading="changing.busy.value"
                :disabled="!current || !password"
              />
            </p>
          </form>
        </div>
        <SecondFactor :account="account.data.value" @changed="account.refetch()" />
        <section aria-labelledby="devices">
          <h2 id="devices">{{ $t('studio.where_you_are_signed_in') }}</h2>
          <ul class="devices">
            <li v-for="device in account.data.value.sign_ins" :key="device.id">
              <span>
                <b>{{ device.device }}</b><template v-if="device.here">{{ $t('studio.this_one') }}</template>
                <span class="small quiet">
                  {{
                    $t('studio.since_since_last_seen_seen_at', {
                      since: dayText(device.since),
                      seen_at: dayText(device.seen_at),
                    })
                  }}</span
                >
              </span>
              <Button
                v-if="!device.here"
                :label="$t('studio.sign_out')"
                size="small"
                variant="text"
                severity="secondary"
                :aria-label="$t('studio.sign_out_device', { device: device.device })"
                @click="signOutDevice(device.id)"
              />
            </li>
          </ul>
          <p class="row">
            <Button
              :label="$t('studio.sign_out_all_other_devices')"
              variant="outlined"
              severity="secondary"
              :disabled="account.data.value.sign_ins.length < 2"
              @click="signOutOthers"
            />
            <Button
              :label="$t('studio.sign_out_everywhere')"
              variant="outlined"
              severity="secondary"
              @click="signOutEverywhere"
            />
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
