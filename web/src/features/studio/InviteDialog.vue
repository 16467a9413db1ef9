<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useToast } from 'primevue/usetoast'
import { reactive, ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Team } from '@/lib/api/types'
import SelectField from '@/ui/SelectField.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { ROLE_OPTIONS, ROLES, type Role } from './roles'

// Somebody is invited; the link is shown once, to be handed on.
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ invited: [team: Team] }>()
const toast = useToast()
const { attempt, busy, errors } = useAttempt()

const form = reactive({ name: '', email: '', role: 'instructor' as Role })
const link = ref<{ url: string; mailed: boolean; name: string } | null>(null)
watch(open, (now) => {
  if (!now) return
  Object.assign(form, { name: '', email: '', role: 'instructor' })
  errors.value = new Map()
  link.value = null
})
const invite = () =>
  attempt(async () => {
    const answer = await ask(api.POST('/api/team/invitations', { body: { ...form } }))
    emit('invited', answer.team)
    link.value = { url: answer.url, mailed: answer.mailed, name: form.name }
  })
async function copy() {
  if (!link.value) return
  await navigator.clipboard.writeText(link.value.url)
  toast.add({
    severity: 'success',
    summary: t('studio.copied'),
    detail: t('studio.the_link_is_on_the_clipboard'),
    life: 3000,
  })
}
</script>

<template>
  <Dialog v-model:visible="open" modal :header="$t('studio.invite_a_colleague')" :style="{ width: 'min(32rem, 96vw)' }">
    <div v-if="link" class="form">
      <p role="status">
        {{
          $t('studio.n_it_works_once_for_seven', {
            n: link.mailed ? $t('studio.the_invitation_was_sent_by_mail') : $t('studio.no_mail_server_is_set_so_2'),
          })
        }}
      </p>
      <p class="url" data-testid="invitation-link">{{ link.url }}</p>
      <p class="row">
        <Button :label="$t('studio.copy_the_link')" icon="pi pi-copy" @click="copy" />
        <Button :label="$t('studio.done')" variant="outlined" severity="secondary" @click="open = false" />
      </p>
    </div>
    <form v-else class="form" novalidate @submit.prevent="invite">
      <TextField
        v-model="form.name"
        :label="$t('common.name')"
        :error="errors.get('/name')"
        :maxlength="80"
        autofocus
      />
      <TextField
        v-model="form.email"
        :label="$t('common.e_mail')"
        type="email"
        :error="errors.get('/email')"
        :maxlength="200"
      />
      <SelectField v-model="form.role" :label="$t('studio.role')" :options="ROLE_OPTIONS">
        <span class="small quiet">{{ ROLES[form.role].label }}: {{ ROLES[form.role].says }}</span>
      </SelectField>
      <div class="row dialog-buttons"><Button type="submit" :label="$t('studio.invite')" :loading="busy" /></div>
    </form>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: var(--space-3);
}
.url {
  overflow-wrap: anywhere;
  background: var(--paper-sunk);
  padding: var(--space-2) var(--space-3);
}
</style>
