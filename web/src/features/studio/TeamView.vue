<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Team } from '@/lib/api/types'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useUndoToast } from '@/lib/useUndoToast'
import InviteDialog from './InviteDialog.vue'
import { ROLE_OPTIONS, ROLES, type Role } from './roles'

// The people of the team, for owners.
const queries = useQueryClient()
const toast = useToast()
const undoable = useUndoToast()
const team = useQuery({ queryKey: ['team'], queryFn: () => ask(api.GET('/api/team')) })
const changing = useAttempt()
const taken = (now: Team) => queries.setQueryData(['team'], now)

const inviting = ref(false)
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
      <Button :label="$t('studio.invite_a_colleague')" icon="pi pi-plus" @click="inviting = true" />
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
    <InviteDialog v-model="inviting" @invited="taken" />
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
