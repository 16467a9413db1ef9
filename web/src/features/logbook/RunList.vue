<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { useRuns } from '@/lib/api/queries'
import { clockText, dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import type { RunLine } from '@/lib/api/types'

const runs = useRuns()
const words = ref('')
const shown = computed(() =>
  (runs.data.value ?? []).filter((run) =>
    [run.title, run.led_by ?? ''].join(' ').toLowerCase().includes(words.value.trim().toLowerCase()),
  ),
)
const STATES: Record<RunLine['state'], string> = {
  ready: t('logbook.opened_not_started'),
  running: t('logbook.running'),
  finished: t('logbook.to_log'),
  logged: t('logbook.logged'),
}

function place(run: RunLine) {
  if (run.state === 'logged') return { name: 'run', params: { id: run.id } }
  return { name: run.state === 'finished' ? 'log' : 'floor', params: { id: run.id } }
}
</script>

<template>
  <div class="page">
    <h1>{{ $t('common.logbook') }}</h1>
    <PageState :loading="runs.isPending.value" :error="runs.error.value" @retry="runs.refetch()">
      <div class="row tools">
        <InputText
          v-model="words"
          type="search"
          :placeholder="$t('logbook.circuit_or_instructor')"
          :aria-label="$t('logbook.search_runs')"
        />
        <span class="quiet small" role="status">{{ plural(shown.length, 'run') }}</span>
      </div>
      <div v-if="shown.length" class="scroll-x">
        <table class="ledger">
          <thead>
            <tr>
              <th scope="col">{{ $t('common.when') }}</th>
              <th scope="col">{{ $t('logbook.circuit') }}</th>
              <th scope="col">{{ $t('logbook.led_by') }}</th>
              <th scope="col" class="number">{{ $t('logbook.planned') }}</th>
              <th scope="col" class="number">{{ $t('common.present') }}</th>
              <th scope="col" class="number">{{ $t('logbook.mean_effort') }}</th>
              <th scope="col">{{ $t('logbook.noted') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="run in shown" :key="run.id">
              <td>{{ dayText(run.started_at ?? run.created_at) }}</td>
              <td>
                <RouterLink :to="place(run)">{{ run.title }}</RouterLink>
              </td>
              <td>{{ run.led_by }}</td>
              <td class="number">{{ clockText(run.total_s) }}</td>
              <td class="number">{{ run.state === 'logged' ? run.present : '–' }}</td>
              <td class="number">{{ run.mean_effort ?? '–' }}</td>
              <td>
                <span v-if="run.state === 'logged' && run.pains" class="warn-text">{{
                  plural(run.pains, 'pain')
                }}</span>
                <span v-else class="quiet">{{ run.state === 'logged' ? '' : STATES[run.state] }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="runs.hasNextPage.value">
        <Button
          :label="$t('common.show_older')"
          size="small"
          variant="outlined"
          severity="secondary"
          :loading="runs.isFetchingNextPage.value"
          @click="runs.fetchNextPage()"
        />
      </p>
      <p v-if="!shown.length" class="quiet">
        {{ words ? $t('logbook.no_run_has_words', { words }) : $t('logbook.nothing_has_been_run_yet') }}
      </p>
    </PageState>
  </div>
</template>

<style scoped>
.tools {
  margin: var(--space-4) 0 var(--space-2);
}
</style>
