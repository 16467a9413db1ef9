<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import DoorLeaf from './DoorLeaf.vue'
import PageState from '@/ui/PageState.vue'
import SecretField from '@/ui/SecretField.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { ROLES } from '@/features/studio/roles'
import { useSession } from '@/lib/session'

const { token } = defineProps<{ token: string }>()

// An invitation, by its link.
const params = { path: { token } }
const router = useRouter()
const session = useSession()
const { attempt, busy, errors } = useAttempt()
const invitation = useQuery({
  queryKey: ['invitation', params.path.token],
  queryFn: () => ask(api.GET('/api/invitations/{token}', { params })),
  refetchOnWindowFocus: false,
  gcTime: 0,
})
const name = ref('')
const password = ref('')
watch(
  () => invitation.data.value?.name,
  (given) => given && (name.value ||= given),
  { immediate: true },
)
const join = () =>
  attempt(async () => {
    const body = { name: name.value, password: password.value }
    await session.entered(await ask(api.POST('/api/invitations/{token}', { params, body })))
    await router.push({ name: 'today' })
  })
</script>

<template>
  <DoorLeaf
    :title="
      invitation.data.value
        ? $t('doors.join_studio', { studio: invitation.data.value.studio })
        : $t('doors.an_invitation')
    "
  >
    <PageState :loading="invitation.isPending.value" :error="invitation.error.value" @retry="invitation.refetch()">
      <form v-if="invitation.data.value" novalidate @submit.prevent="join">
        <p>
          {{
            $t('doors.you_are_invited_as_someone_who', {
              someone: ROLES[invitation.data.value.role].someone,
              says: ROLES[invitation.data.value.role].says,
              email: invitation.data.value.email,
            })
          }}
        </p>
        <p v-if="errors.get('/email')" class="warn-text" role="alert">
          {{ $t('doors.that_address_get', { get: errors.get('/email') }) }}
        </p>
        <TextField v-model="name" :label="$t('doors.your_name')" :error="errors.get('/name')" :maxlength="80" />
        <SecretField
          v-model="password"
          :label="$t('doors.password')"
          autocomplete="new-password"
          :error="errors.get('/password')"
          :hint="$t('common.at_least_12_characters_a_few')"
        />
        <Button type="submit" :label="$t('doors.join')" :loading="busy" fluid />
      </form>
    </PageState>
  </DoorLeaf>
</template>
