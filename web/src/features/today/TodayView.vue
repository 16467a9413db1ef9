<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { clockText, dayText, todayHeadline } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useOpenRun } from '@/lib/useOpenRun'
import { useUndoToast } from '@/lib/useUndoToast'
import { useSession } from '@/lib/session'

const session = useSession()
const router = useRouter()
const toast = useToast()
const undoable = useUndoToast()
const queries = useQueryClient()
const { openRun, opening } = useOpenRun()
const today = useQuery({ queryKey: ['today'], queryFn: () => ask(api.GET('/api/today')) })
const data = computed(() => today.data.value)

/** From so long before a class people are checked in; until then its fit is looked over. */
const CHECK_IN_MS = 90 * 60_000

interface Next {
  kind: string
  /** What stands on the button, where it is not the kind. */
  button?: string
  title: string
  detail: string
  go: () => unknown
}
/** The one thing to do next. */
const next = computed<Next | null>(() => {
  const found = data.value
  if (!found) return null
  const going = found.open_runs.find((run) => run.state === 'running')
  if (going)
    return {
      kind: t('common.continue'),
      title: going.title,
      detail: t('today.running_since_started_at', { started_at: dayText(going.started_at) }),
      go: () => router.push({ name: 'floor', params: { id: going.id } }),
    }
  const unlogged = found.unlogged_runs[0]
  if (unlogged)
    return {
      kind: t('today.log'),
      title: unlogged.title,
      detail: t('today.ended_finished_at_not_logged_yet', { finished_at: dayText(unlogged.finished_at) }),
      go: () => router.push({ name: 'log', params: { id: unlogged.id } }),
    }
  const waiting = found.open_runs[0]
  if (waiting)
    return {
      kind: t('common.start'),
      title: waiting.title,
      detail: t('today.opened_created_at_total_s', {
        created_at: dayText(waiting.created_at),
        total_s: clockText(waiting.total_s),
      }),
      go: () => router.push({ name: 'floor', params: { id: waiting.id } }),
    }
  const coming = found.classes.find((held) => !held.run_id)
  if (coming) {
    const near = new Date(coming.starts_at ?? 0).getTime() - Date.now() < CHECK_IN_MS
    return {
      kind: near ? t('today.check_in') : t('today.coming'),
      button: near || !session.plans ? t('today.check_in') : t('common.fit_sheet'),
      title: coming.title,
      detail: `${dayText(coming.starts_at)}, ${plural(coming.coming, 'person')}`,
      go: () => router.push({ name: near || !session.plans ? 'class' : 'fit', params: { id: coming.id } }),
    }
  }
  const ready = found.ready[0]
  if (ready && session.plans)
    return {
      kind: t('common.start'),
      button: t('common.start_class'),
      title: ready.title,
      detail: `${plural(ready.stations, 'station')}, ${ready.total_s ? clockText(ready.total_s) : t('today.through_the_day')}`,
      go: () => openRun(ready.id),
    }
  const draft = found.drafts[0]
  if (draft)
    return {
      kind: t('today.finish'),
      title: draft.title,
      detail: t('today.a_draft_without_a_station'),
      go: () => router.push({ name: 'board', params: { id: draft.id } }),
    }
  return null
})

async function discard(id: string, title: string) {
  try {
    await ask(api.DELETE('/api/runs/{id}', { params: { path: { id } } }))
    undoable(t('today.title_deleted', { title }), async () => {
      await ask(api.POST('/api/runs/{id}/restore', { params: { path: { id } } }))
      await queries.invalidateQueries()
    })
    await queries.invalidateQueries()
  } catch (error) {
    toast.add({ severity: 'warn', summary: t('today.not_deleted'), detail: wording(error), life: 5000 })
  }
}
</script>

<template>
  <div class="page">
    <p class="quiet">
      {{ todayHeadline() }} ·
      {{ session.session?.studio.name }}
    </p>
    <h1>{{ $t('common.today') }}</h1>
    <p v-if="session.session?.studio.demo" class="demo small">
      {{ $t('today.this_is_the_demo_everybody_and') }}
      <template v-if="session.role === 'owner'">
        <RouterLink :to="{ name: 'studio' }">{{ $t('today.throw_it_away') }}</RouterLink>
        {{ $t('today.when_you_have_seen_enough_and') }}
      </template>
    </p>
    <PageState :loading="today.isPending.value" :error="today.error.value" @retry="today.refetch()">
      <section v-if="next" class="next" :aria-label="$t('today.next')">
        <div>
          <p class="small quiet">{{ $t('today.next') }}</p>
          <h2>{{ next.kind }}: {{ next.title }}</h2>
          <p class="quiet">{{ next.detail }}</p>
        </div>
        <Button :label="next.button ?? next.kind" size="large" :loading="opening" @click="next.go" />
      </section>
      <section v-else class="next" :aria-label="$t('today.next')">
        <div>
          <h2>{{ $t('today.plan_the_first_circuit') }}</h2>
          <p class="quiet">{{ $t('today.there_is_nothing_to_run_or') }}</p>
        </div>
        <Button :label="$t('today.to_the_circuits')" size="large" @click="router.push({ name: 'circuits' })" />
      </section>

      <div v-if="data" class="columns">
        <section v-if="data.open_runs.length || data.unlogged_runs.length" :aria-label="$t('today.to_finish')">
          <h3>{{ $t('today.to_finish') }}</h3>
          <ul class="lines">
            <li v-for="run in [...data.unlogged_runs, ...data.open_runs]" :key="run.id">
              <RouterLink :to="{ name: run.state === 'finished' ? 'log' : 'floor', params: { id: run.id } }">{{
                run.title
              }}</RouterLink>
              <span class="quiet small"
                >{{ run.state === 'finished' ? $t('today.to_log') : run.state }} ·
                {{ dayText(run.started_at ?? run.created_at) }}</span
              >
              <Button
                v-if="session.plans"
                icon="pi pi-times"
                :aria-label="$t('today.delete_title', { title: run.title })"
                variant="text"
                severity="secondary"
                size="small"
                @click="discard(run.id, run.title)"
              />
            </li>
          </ul>
        </section>
        <section :aria-label="$t('today.classes_coming')">
          <h3>{{ $t('today.classes_coming') }}</h3>
          <ul class="lines">
            <li v-for="held in data.classes" :key="held.id">
              <RouterLink :to="{ name: 'class', params: { id: held.id } }">{{ held.title }}</RouterLink>
              <span class="quiet small">{{ dayText(held.starts_at) }} · {{ plural(held.coming, 'person') }}</span>
              <RouterLink
                v-if="session.plans"
                class="small"
                :to="{ name: 'fit', params: { id: held.id } }"
                :aria-label="
                  $t('today.fit_sheet_of_title_starts_at', { title: held.title, starts_at: dayText(held.starts_at) })
                "
                >{{ $t('common.fit_sheet') }}</RouterLink
              >
            </li>
            <li v-if="!data.classes.length" class="quiet">{{ $t('today.no_class_is_planned') }}</li>
          </ul>
        </section>
        <section v-if="session.plans" :aria-label="$t('today.ready_to_run')">
          <h3>{{ $t('today.ready_to_run') }}</h3>
          <ul class="lines">
            <li v-for="workout in data.ready" :key="workout.id">
              <RouterLink :to="{ name: 'board', params: { id: workout.id } }">{{ workout.title }}</RouterLink>
              <span class="quiet small">{{ clockText(workout.total_s) }}</span>
              <Button
                :label="$t('common.start_class')"
                :aria-label="$t('today.start_class_title', { title: workout.title })"
                size="small"
                variant="outlined"
                @click="openRun(workout.id)"
              />
            </li>
            <li v-if="!data.ready.length" class="quiet">{{ $t('today.none_yet') }}</li>
          </ul>
        </section>
        <section v-if="session.plans" :aria-label="$t('today.drafts_to_finish')">
          <h3>{{ $t('today.drafts_to_finish') }}</h3>
          <ul class="lines">
            <li v-for="workout in data.drafts" :key="workout.id">
              <RouterLink :to="{ name: 'board', params: { id: workout.id } }">{{ workout.title }}</RouterLink>
              <span class="quiet small">{{ dayText(workout.updated_at) }}</span>
            </li>
            <li v-if="!data.drafts.length" class="quiet">{{ $t('today.none_every_circuit_can_be_run') }}</li>
          </ul>
        </section>
        <section :aria-label="$t('today.last_logged')">
          <h3>{{ $t('today.last_logged') }}</h3>
          <ul class="lines">
            <li v-for="run in data.last_logged" :key="run.id">
              <RouterLink :to="{ name: 'run', params: { id: run.id } }">{{ run.title }}</RouterLink>
              <span class="quiet small"
                >{{
                  $t('today.started_at_present_present', { started_at: dayText(run.started_at), present: run.present })
                }}<template v-if="run.pains">
                  ·
                  <span class="warn-text">{{
                    $t('today.plural_noted', { plural: plural(run.pains, 'pain') })
                  }}</span></template
                ></span
              >
            </li>
            <li v-if="!data.last_logged.length" class="quiet">{{ $t('today.nothing_yet') }}</li>
          </ul>
        </section>
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.demo {
  margin: var(--space-2) 0 var(--space-4);
  border-left: 4px solid var(--rule);
  padding-left: var(--space-3);
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
  justify-content: space-between;
  border-top: 2px solid var(--ink);
  border-bottom: 2px solid var(--ink);
  padding: var(--space-5) 0;
  margin: var(--space-4) 0 var(--space-5);
}
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(20rem, 1fr));
  gap: var(--space-5);
}
.lines {
  list-style: none;
  margin: var(--space-2) 0 0;
  padding: 0;
}
.lines li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1) var(--space-3);
  border-bottom: 1px solid var(--rule-soft);
  padding: var(--space-2) 0;
  min-height: 3rem;
}
.lines li > span {
  margin-left: auto;
}
</style>
