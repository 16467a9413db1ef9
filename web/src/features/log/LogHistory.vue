<script setup lang="ts">
import { readable } from '@/lib/readable'
import { plural, t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useSession } from '@/lib/session'

// The log as it was written each time; an earlier one can be brought back, and is
// then the newest: nothing of the history is lost.
const props = defineProps<{ runId: string; version: number }>()
const visible = defineModel<boolean>('visible', { required: true })
const queries = useQueryClient()
const toast = useToast()
const session = useSession()
const { attempt, busy } = useAttempt()
const params = { path: { id: props.runId } }
const revisions = useQuery({
  queryKey: ['runs', props.runId, 'revisions'],
  queryFn: async () => (await ask(api.GET('/api/runs/{id}/log/revisions', { params }))).revisions,
  enabled: visible,
  staleTime: 0,
})
const open = ref<number | null>(null)
const shown = useQuery({
  queryKey: ['runs', props.runId, 'revisions', open],
  queryFn: () =>
    ask(
      api.GET('/api/runs/{id}/log/revisions/{number}', {
        params: { path: { id: props.runId, number: String(open.value) } },
      }),
    ),
  enabled: () => open.value !== null,
})
interface Line {
  name: string | null
  present: boolean
  effort?: number
  pain?: string
  note?: string
  exceptions?: unknown[]
}
const lines = () => (shown.data.value?.attendances ?? []) as unknown as Line[]
const words = (line: Line) =>
  [
    line.present ? t('log.present') : t('log.absent'),
    line.effort !== undefined && t('log.effort_effort', { effort: line.effort }),
    line.pain && t('log.pain_replace_all', { replace_all: readable(line.pain) }),
    line.exceptions?.length && t('log.count_not_as_planned', { count: line.exceptions.length }),
    line.note,
  ]
    .filter(Boolean)
    .join(', ')

const bringBack = (number: number) =>
  attempt(async () => {
    await ask(
      api.POST('/api/runs/{id}/log/revisions/{number}/bring', {
        params: { path: { id: props.runId, number: String(number) } },
      }),
    )
    await queries.invalidateQueries({ queryKey: ['runs'] })
    await queries.invalidateQueries({ queryKey: ['log', props.runId] })
    visible.value = false
    toast.add({ severity: 'success', summary: t('log.version_number_is_the_log_again', { number }), life: 4000 })
  })
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="$t('log.earlier_logs')" :style="{ width: 'min(44rem, 96vw)' }">
    <PageState :loading="revisions.isPending.value" :error="revisions.error.value" @retry="revisions.refetch()">
      <p v-if="!revisions.data.value?.length" class="quiet">{{ $t('log.this_log_has_not_been_written') }}</p>
      <ol class="list">
        <li v-for="revision in revisions.data.value" :key="revision.number">
          <div class="row spread">
            <span>
              <b>{{ $t('log.version_number', { number: revision.number }) }}</b>
              <span v-if="revision.number === version" class="quiet">{{ ' ' }}{{ $t('log.as_it_is_now') }}</span>
              <span class="small quiet">
                · {{ dayText(revision.at) }}<template v-if="revision.by">, {{ revision.by }}</template
                >{{
                  $t('log.present_present_of_people', {
                    present: plural(revision.present, 'person'),
                    people: revision.people,
                  })
                }}</span
              >
            </span>
            <span v-if="session.plans" class="row">
              <Button
                :label="open === revision.number ? $t('log.close') : $t('log.look')"
                size="small"
                variant="text"
                severity="secondary"
                :aria-expanded="open === revision.number"
                @click="open = open === revision.number ? null : revision.number"
              />
              <Button
                v-if="revision.number !== version"
                :label="$t('log.bring_back')"
                size="small"
                variant="outlined"
                :aria-label="$t('log.bring_version_number_back', { number: revision.number })"
                :loading="busy"
                @click="bringBack(revision.number)"
              />
            </span>
          </div>
          <PageState
            v-if="open === revision.number"
            :loading="shown.isPending.value"
            :error="shown.error.value"
            @retry="shown.refetch()"
          >
            <p v-if="shown.data.value?.note" class="small">{{ shown.data.value.note }}</p>
            <ul class="small">
              <li v-for="(line, index) in lines()" :key="index">
                {{ line.name ?? $t('log.erased') }}: {{ words(line) }}
              </li>
            </ul>
          </PageState>
        </li>
      </ol>
    </PageState>
  </Dialog>
</template>

<style scoped>
.list {
  list-style: none;
  padding: 0;
}
.list > li {
  border-bottom: 1px solid var(--rule-soft);
  padding: var(--space-2) 0;
}
</style>
