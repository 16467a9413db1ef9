<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import DoorLeaf from '@/features/doors/DoorLeaf.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'

const { attempt, busy, errors } = useAttempt()
const email = ref('')
const sent = ref('')
const send = () =>
  attempt(async () => {
    sent.value = (await ask(api.POST('/api/password-links', { body: { email: email.value } }))).sent
  })
</script>

<template>
  <DoorLeaf :title="$t('pages.forgot_your_password')">
    <p v-if="sent" role="status">{{ $t('pages.sent_it_works_once_for_an', { sent }) }}</p>
    <form v-else novalidate @submit.prevent="send">
      <p class="quiet">{{ $t('pages.we_send_a_link_to_set') }}</p>
      <TextField
        v-model="email"
        :label="$t('common.e_mail')"
        type="email"
        :error="errors.get('/email')"
        :maxlength="200"
        autofocus
      />
      <Button type="submit" :label="$t('pages.send_the_link')" :loading="busy" fluid />
    </form>
    <p class="small">
      <RouterLink :to="{ name: 'sign-in' }">{{ $t('pages.back_to_sign_in') }}</RouterLink>
    </p>
  </DoorLeaf>
</template>
