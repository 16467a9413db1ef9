<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { reactive, ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Team } from '@/lib/api/types'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useUndoToast } from '@/lib/useUndoToast'
import { ROLE_OPTIONS, ROLES, type Role } from './roles'

// The people of the team, for owners.
const queries = useQueryClient()
const toast = useToast()
const undoable = useUndoToast()
const team = useQuery({ queryKey: ['team'], queryFn: () => ask(api.GET('/api/team')) })
const { attempt, busy, errors } = useAttempt()
const changing = useAttempt()
const taken = (now: Team) => queries.setQueryData(['team'], now)

const inviting = ref(false)
const form = reactive({ name: '', email: '', role: 'instructor' as Role })
const link = ref<{ url: string; mailed: boolean; name: string } | null>(null)
function openInvitation() {
  Object.assign(form, { name: '', email: '', role: 'instructor' })
  errors.value = new Map()
  link.value = null
  inviting.value = true
}
const invite = () =>
  attempt(async () => {
    const answer = await ask(api.POST('/api/team/invitations', { body: { ...form } }))
    taken(answer.team)
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

const withdraw = (id: string) =>
  changing.attempt(async () => taken(await ask(api.DELETE('/api/team/invitations/{id}', { params: { path: { id } } }))))
const change = async (id: string, body: { role?: Role; disabled?: boolean }) => {
  const ok = await changing.attempt(async () =>
    taken(await ask(api.PUT('/api/team/{id}', { params: { path: { id } }, body }))),
  )
  const refused = [...changing.errors.value.values()][0]
  if (!ok && refused)
    toast.add({
      severity: 'warn',
      summary: t('studio.not_changed'),
      detail: t('studio.that_refused', { refused }),
      life: 6000,
    })
  await team.refetch()
  return ok
}
async function disable(member: Team['members'][number]) {
  if (await change(member.id, { disabled: true }))
    undoable(t('studio.name_is_signed_out_everywhere_and', { name: member.name }), async () => {
      await change(member.id, { disabled: false })
    })
}
</script>

<template>
  <div class="page">
    <div class="row spread">
      <h1>{{ $t('studio.team') }}</h1>
      <Button :label="$t('studio.invite_a_colleague')" icon="pi pi-plus" @click="openInvitation" />
    </div>
    <PageState :loading="team.isPending.value" :error="team.error.value" @retry="team.refetch()">
      <template v-if="team.data.value">
        <div class="scroll-x">
          <table class="ledger team">
            <thead>
              <tr>
                <th scope="col">{{ $t('common.name') }}</th>
                <th scope="col">{{ $t('studio.role') }}</th>
                <th scope="col">{{ $t('studio.second_step') }}</th>
                <th scope="col">{{ $t('studio.last_seen') }}</th>
                <th scope="col">
                  <span class="sr-only">{{ $t('studio.actions') }}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="member in team.data.value.members" :key="member.id" :class="{ off: member.disabled }">
                <th scope="row">
                  {{ member.name }}<template v-if="member.you">{{ ' ' }}{{ $t('studio.you') }}</template>
                  <span class="small quiet">{{ member.email }}</span>
                </th>
                <td>
                  <Select
                    :model-value="member.role"
                    :options="ROLE_OPTIONS"
                    option-value="value"
                    option-label="label"
                    :aria-label="$t('studio.role_of_name', { name: member.name })"
                    :disabled="member.disabled"
                    @update:model-value="change(member.id, { role: $event })"
                  />
                </td>
                <td data-label="Second step">{{ member.second_factor ? $t('studio.on') : $t('studio.off') }}</td>
                <td data-label="Last seen">
                  {{
                    member.disabled
                      ? $t('studio.disabled')
                      : member.seen_at
                        ? dayText(member.seen_at)
                        : $t('studio.not_yet')
                  }}
                </td>
                <td class="end">
                  <Button
                    v-if="member.disabled"
                    :label="$t('studio.enable')"
                    size="small"
                    variant="text"
                    :aria-label="$t('studio.enable_name', { name: member.name })"
                    @click="change(member.id, { disabled: false })"
                  />
                  <Button
                    v-else-if="!member.you"
                    :label="$t('studio.disable')"
                    size="small"
                    variant="text"
                    severity="secondary"
                    :aria-label="$t('studio.disable_name', { name: member.name })"
                    @click="disable(member)"
                  />
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <section v-if="team.data.value.invitations.length" aria-labelledby="invited">
          <h2 id="invited">{{ $t('studio.invited') }}</h2>
          <ul class="invited">
            <li v-for="invitation in team.data.value.invitations" :key="invitation.id">
              <span>
                {{ invitation.name }} <span class="small quiet">{{ invitation.email }}</span>,
                {{ ROLES[invitation.role].label.toLowerCase() }},
                {{
                  invitation.expired
                    ? $t('studio.expired')
                    : $t('studio.until_expires_at', { expires_at: dayText(invitation.expires_at) })
                }}
              </span>
              <Button
                :label="$t('studio.withdraw')"
                size="small"
                variant="text"
                severity="secondary"
                :aria-label="$t('studio.withdraw_the_invitation_of_name', { name: invitation.name })"
                @click="withdraw(invitation.id)"
              />
            </li>
          </ul>
        </section>
        <dl class="roles small quiet">
          <template v-for="role in ROLES" :key="role.label">
            <dt>{{ role.label }}</dt>
            <dd>{{ role.says }}</dd>
          </template>
        </dl>
      </template>
    </PageState>
    <Dialog
      v-model:visible="inviting"
      modal
      :header="$t('studio.invite_a_colleague')"
      :style="{ width: 'min(32rem, 96vw)' }"
    >
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
          <Button :label="$t('studio.done')" variant="outlined" severity="secondary" @click="inviting = false" />
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
        <label class="field">
          <span class="small quiet">{{ $t('studio.role') }}</span>
          <Select
            v-model="form.role"
            :options="ROLE_OPTIONS"
            option-value="value"
            option-label="label"
            :aria-label="$t('studio.role')"
          />
          <span class="small quiet">{{ ROLES[form.role].label }}: {{ ROLES[form.role].says }}</span>
        </label>
        <p><Button type="submit" :label="$t('studio.invite')" :loading="busy" /></p>
      </form>
    </Dialog>
  </div>
</template>

<style scoped>
.ledger {
  margin-top: var(--space-4);
}
section {
  margin-top: var(--space-5);
}
th .small {
  display: block;
  font-weight: 400;
}
.off {
  color: var(--ink-soft);
}
.end {
  text-align: right;
}
.invited {
  list-style: none;
  padding: 0;
}
.invited li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-2);
  border-bottom: 1px solid var(--rule-soft);
}
.roles {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-1) var(--space-3);
  margin-top: var(--space-5);
}
.roles dd {
  margin: 0;
}
.form,
.field {
  display: grid;
  gap: var(--space-3);
}
.url {
  overflow-wrap: anywhere;
  background: var(--paper-sunk);
  padding: var(--space-2) var(--space-3);
}
@media (max-width: 44rem) {
  .team thead {
    display: none;
  }
  .team,
  .team tbody {
    display: block;
  }
  .team tr {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: var(--space-1) var(--space-3);
    align-items: center;
    border-bottom: 1px solid var(--rule);
    padding: var(--space-2) 0;
  }
  .team td,
  .team th {
    border: 0;
    padding: 0;
  }
  .team td[data-label]::before {
    content: attr(data-label) ': ';
    color: var(--ink-soft);
    font-size: var(--size--1);
  }
}
.sr-only {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
