<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Message from 'primevue/message'
import { nextTick, ref, watch } from 'vue'
import { useQuery } from '@tanstack/vue-query'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { api, ask, Refusal, wording } from '@/lib/api/client'
import DoorLeaf from './DoorLeaf.vue'
import { useSession } from '@/lib/session'

const session = useSession()
const router = useRouter()
const route = useRoute()
const email = ref('')
const password = ref('')
const code = ref('')
/** The password was right, and a code is asked for. */
const second = ref(false)
const problem = ref('')
const fields = ref(new Map<string, string>())
const busy = ref(false)
const setup = useQuery({ queryKey: ['setup'], queryFn: () => ask(api.GET('/api/setup')), staleTime: Infinity })
/** Nobody can sign in to an empty installation: it is set up first. */
watch(
  () => setup.data.value,
  (now) => now?.needed && !now.demo && void router.replace({ name: 'setup' }),
  { immediate: true },
)

async function attempt(work: () => Promise<void>) {
  busy.value = true
  problem.value = ''
  fields.value = new Map()
  try {
    await work()
  } catch (error) {
    if (error instanceof Refusal && error.status === 422) fields.value = error.fields()
    else problem.value = wording(error)
  } finally {
    busy.value = false
  }
}

const enter = () =>
  attempt(async () => {
    second.value = await session.signIn(email.value, password.value)
    if (!second.value) return onward()
    await nextTick()
    document.getElementById('code')?.focus()
  })

const giveCode = () =>
  attempt(async () => {
    try {
      await session.giveCode(code.value)
    } catch (error) {
      // Too long ago: the password is asked for again.
      if (error instanceof Refusal && error.status === 401) second.value = false
      throw error
    }
    await onward()
  })

async function onward() {
  const next =
    typeof route.query.next === 'string' && route.query.next.startsWith('/') && !route.query.next.startsWith('//')
      ? route.query.next
      : '/'
  await router.push(next)
}
</script>

<template>
  <DoorLeaf :title="$t('doors.three_levels_one_clock')">
    <p class="quiet">{{ $t('doors.plan_one_bodyweight_circuit_for_people') }}</p>
    <Message v-if="problem" severity="warn" :closable="false" role="alert">{{ problem }}</Message>
    <form v-if="!second" novalidate @submit.prevent="enter">
      <div class="field">
        <label for="email">{{ $t('common.e_mail') }}</label>
        <InputText
          id="email"
          v-model="email"
          type="email"
          autocomplete="username"
          autofocus
          fluid
          :invalid="fields.has('/email')"
          :aria-describedby="fields.has('/email') ? 'email-error' : undefined"
        />
        <span v-if="fields.has('/email')" id="email-error" class="small warn-text" role="alert">{{
          $t('doors.the_e_mail_get', { get: fields.get('/email') })
        }}</span>
      </div>
      <div class="field">
        <label for="password">{{ $t('doors.password') }}</label>
        <InputText
          id="password"
          v-model="password"
          type="password"
          autocomplete="current-password"
          fluid
          :invalid="fields.has('/password')"
          :aria-describedby="fields.has('/password') ? 'password-error' : undefined"
        />
        <span v-if="fields.has('/password')" id="password-error" class="small warn-text" role="alert">{{
          $t('doors.the_password_get', { get: fields.get('/password') })
        }}</span>
      </div>
      <Button type="submit" :label="$t('common.sign_in')" :loading="busy" fluid />
      <p class="row spread small">
        <RouterLink :to="{ name: 'forgotten' }">{{ $t('doors.forgot_your_password') }}</RouterLink>
        <RouterLink v-if="setup.data.value?.needed" :to="{ name: 'setup' }">{{
          $t('doors.set_up_your_studio')
        }}</RouterLink>
      </p>
    </form>
    <form v-else novalidate @submit.prevent="giveCode">
      <div class="field">
        <label for="code">{{ $t('doors.code_from_your_app_or_a') }}</label>
        <InputText
          id="code"
          v-model="code"
          autocomplete="one-time-code"
          inputmode="text"
          fluid
          :invalid="fields.has('/code')"
          :aria-describedby="fields.has('/code') ? 'code-error' : undefined"
        />
        <span v-if="fields.has('/code')" id="code-error" class="small warn-text" role="alert">{{
          $t('doors.the_code_get', { get: fields.get('/code') })
        }}</span>
      </div>
      <Button type="submit" :label="$t('common.continue')" :loading="busy" fluid />
      <Button :label="$t('doors.back')" variant="text" severity="secondary" @click="second = false" />
    </form>
  </DoorLeaf>
</template>

<style scoped>
.field {
  display: grid;
  gap: var(--space-1);
}
</style>
