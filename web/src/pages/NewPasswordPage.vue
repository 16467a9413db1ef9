<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import DoorLeaf from '@/features/doors/DoorLeaf.vue'
import PageState from '@/ui/PageState.vue'
import SecretField from '@/ui/SecretField.vue'
import { useAttempt } from '@/lib/useAttempt'

// A new password by a link that was sent.
const { token } = defineProps<{ token: string }>()
const params = { path: { token } }
const { attempt, busy, errors } = useAttempt()
const link = useQuery({
  queryKey: ['password-link', params.path.token],
  queryFn: () => ask(api.GET('/api/password-links/{token}', { params })),
  refetchOnWindowFocus: false,
  gcTime: 0,
})
const password = ref('')
const done = ref(false)
const save = () =>
  attempt(async () => {
    await ask(api.PUT('/api/password-links/{token}', { params, body: { password: password.value } }))
    done.value = true
  })
</script>

<template>
  <DoorLeaf :title="$t('pages.a_new_password')">
    <p v-if="done" role="status">
      {{ $t('pages.your_new_password_is_set_and') }}
      <RouterLink :to="{ name: 'sign-in' }">{{ $t('common.sign_in') }}</RouterLink>
    </p>
    <PageState v-else :loading="link.isPending.value" :error="link.error.value" @retry="link.refetch()">
      <form novalidate @submit.prevent="save">
        <p>{{ $t('pages.for_name', { name: link.data.value?.name }) }}</p>
        <SecretField
          v-model="password"
          :label="$t('common.new_password')"
          autocomplete="new-password"
          :error="errors.get('/password')"
          :hint="$t('common.at_least_12_characters_a_few')"
        />
        <Button type="submit" :label="$t('pages.set_the_password')" :loading="busy" fluid />
      </form>
    </PageState>
  </DoorLeaf>
</template>
