<script setup lang="ts">
import { plural } from '@/lib/text'
import Button from 'primevue/button'
import { ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Account } from '@/lib/api/types'

import SecretField from '@/ui/SecretField.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'

// A code from an app beside the password: begun with the password, on once a
// code has been given, and off again with the password.
defineProps<{ account: Account }>()
const emit = defineEmits<{ changed: [] }>()
const { attempt, busy, errors } = useAttempt()
const password = ref('')
const code = ref('')
const begun = ref<{ secret: string; svg: string } | null>(null)
const recovery = ref<string[]>([])

const begin = () =>
  attempt(async () => {
    begun.value = await ask(api.POST('/api/account/second-factor', { body: { password: password.value } }))
    password.value = ''
  })
const confirm = () =>
  attempt(async () => {
    recovery.value = (await ask(api.PUT('/api/account/second-factor', { body: { code: code.value } }))).recovery_codes
    begun.value = null
    code.value = ''
    emit('changed')
  })
const off = () =>
  attempt(async () => {
    await ask(api.POST('/api/account/second-factor/off', { body: { password: password.value } }))
    password.value = ''
    recovery.value = []
    emit('changed')
  })
const picture = (svg: string) => `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`
</script>

<template>
  <section aria-labelledby="second">
    <h2 id="second">{{ $t('studio.a_second_step_at_sign_in') }}</h2>
    <div v-if="recovery.length" class="codes" role="status">
      <p>
        <b>{{ $t('studio.it_is_on') }}</b> {{ $t('studio.keep_these_recovery_codes_each_signs') }}
      </p>
      <ul>
        <li v-for="one in recovery" :key="one" class="figure">{{ one }}</li>
      </ul>
      <Button :label="$t('studio.i_have_kept_them')" size="small" @click="recovery = []" />
    </div>
    <template v-else-if="account.second_factor">
      <p>{{ $t('studio.on_a_code_is_asked_for', { plural: plural(account.recovery_codes_left, 'recovery_code') }) }}</p>
      <form novalidate @submit.prevent="off">
        <SecretField
          v-model="password"
          :label="$t('studio.password')"
          autocomplete="current-password"
          :error="errors.get('/password')"
        />
        <Button
          type="submit"
          :label="$t('studio.switch_it_off')"
          variant="outlined"
          severity="secondary"
          :loading="busy"
          :disabled="!password"
        />
      </form>
    </template>
    <form v-else-if="begun" novalidate @submit.prevent="confirm">
      <p>{{ $t('studio.scan_this_with_an_app_for') }}</p>
      <img :src="picture(begun.svg)" :alt="$t('studio.code_to_be_scanned_by_an')" width="180" height="180" />
      <p class="small">
        {{ $t('studio.key') }} <b class="figure" data-testid="secret">{{ begun.secret.match(/.{1,4}/g)?.join(' ') }}</b>
      </p>
      <TextField v-model="code" :label="$t('studio.code')" :error="errors.get('/code')" :maxlength="10" autofocus />
      <p class="row">
        <Button type="submit" :label="$t('studio.switch_it_on')" :loading="busy" :disabled="!code" />
        <Button :label="$t('studio.not_now')" variant="text" severity="secondary" @click="begun = null" />
      </p>
    </form>
    <template v-else>
      <p class="quiet">{{ $t('studio.off_with_it_on_a_stolen') }}</p>
      <form novalidate @submit.prevent="begin">
        <SecretField
          v-model="password"
          :label="$t('studio.password')"
          autocomplete="current-password"
          :error="errors.get('/password')"
        />
        <Button
          type="submit"
          :label="$t('studio.set_it_up')"
          variant="outlined"
          severity="secondary"
          :loading="busy"
          :disabled="!password"
        />
      </form>
    </template>
  </section>
</template>

<style scoped>
section {
  border-top: 1px solid var(--rule);
  margin-top: var(--space-5);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-3);
  justify-items: start;
}
form {
  display: grid;
  gap: var(--space-3);
  justify-items: start;
  max-width: 26rem;
}
.codes ul {
  columns: 2;
  max-width: 20rem;
  list-style: none;
  padding: 0;
  line-height: 2;
}
img {
  background: #fff;
}
</style>
