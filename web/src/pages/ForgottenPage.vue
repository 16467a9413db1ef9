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
  <DoorLeaf title="Forgot your password?">
    <p v-if="sent" role="status">{{ sent }} It works once, for an hour.</p>
    <form v-else novalidate @submit.prevent="send">
      <p class="quiet">We send a link to set a new one.</p>
      <TextField v-model="email" label="E-mail" type="email" :error="errors.get('/email')" :maxlength="200" autofocus />
      <Button type="submit" label="Send the link" :loading="busy" fluid />
    </form>
    <p class="small"><RouterLink :to="{ name: 'sign-in' }">Back to sign in</RouterLink></p>
  </DoorLeaf>
</template>
