<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useToast } from 'primevue/usetoast'
import { api, ask, wording } from '@/lib/api/client'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useBoard } from './useBoard'

// Every version that was saved. One that is brought back is an edit like any other: undo takes it away again.
const visible = defineModel<boolean>('visible', { required: true })
const board = useBoard()
const toast = useToast()

const revisions = useQuery({
  queryKey: ['revisions', board.id, board.autosave.version],
  queryFn: async () =>
    (await ask(api.GET('/api/workouts/{id}/revisions', { params: { path: { id: board.id } } }))).revisions,
  enabled: visible,
})

async function bringBack(number: number) {
  try {
    const path = { id: board.id, number }
    const revision = await ask(api.GET('/api/workouts/{id}/revisions/{number}', { params: { path } }))
    board.replace(`Bring back version ${number}`, revision.document)
    visible.value = false
    toast.add({
      severity: 'info',
      summary: t('board.version_number_is_back', { number }),
      detail: t('board.undo_takes_it_away_again'),
      life: 5000,
    })
  } catch (error) {
    toast.add({ severity: 'warn', summary: t('board.not_brought_back'), detail: wording(error), life: 5000 })
  }
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    :header="$t('board.history')"
    :style="{ width: 'min(34rem, 94vw)' }"
  >
    <PageState :loading="revisions.isPending.value" :error="revisions.error.value" @retry="revisions.refetch()">
      <table class="ledger">
        <thead>
          <tr>
            <th scope="col" class="number">{{ $t('board.version') }}</th>
            <th scope="col">{{ $t('board.title') }}</th>
            <th scope="col">{{ $t('common.saved') }}</th>
            <th scope="col">
              <span class="visually-hidden">{{ $t('board.what_to_do_with_it') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="revision in revisions.data.value ?? []" :key="revision.number">
            <td class="number">{{ revision.number }}</td>
            <td>{{ revision.title }}</td>
            <td class="small quiet">
              {{ dayText(revision.saved_at) }}<template v-if="revision.saved_by">, {{ revision.saved_by }}</template>
            </td>
            <td>
              <span v-if="revision.number === board.autosave.version.value" class="small quiet">{{
                $t('board.current')
              }}</span>
              <Button
                v-else
                :label="$t('board.bring_back')"
                :aria-label="$t('board.bring_back_version_number', { number: revision.number })"
                size="small"
                variant="outlined"
                @click="bringBack(revision.number)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </PageState>
  </Dialog>
</template>
