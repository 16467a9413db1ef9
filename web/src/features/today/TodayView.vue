<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { clockText, dayText, peopleText, plural, todayHeadline } from '@/lib/clockText'
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
      kind: 'Continue',
      title: going.title,
      detail: `Running since ${dayText(going.started_at)}`,
      go: () => router.push({ name: 'floor', params: { id: going.id } }),
    }
  const unlogged = found.unlogged_runs[0]
  if (unlogged)
    return {
      kind: 'Log',
      title: unlogged.title,
      detail: `Ended ${dayText(unlogged.finished_at)}, not logged yet`,
      go: () => router.push({ name: 'log', params: { id: unlogged.id } }),
    }
  const waiting = found.open_runs[0]
  if (waiting)
    return {
      kind: 'Start',
      title: waiting.title,
      detail: `Opened ${dayText(waiting.created_at)}, ${clockText(waiting.total_s)}`,
      go: () => router.push({ name: 'floor', params: { id: waiting.id } }),
    }
  const coming = found.classes.find((held) => !held.run_id)
  if (coming) {
    const near = new Date(coming.starts_at ?? 0).getTime() - Date.now() < CHECK_IN_MS
    return {
      kind: near ? 'Check in' : 'Coming',
      button: near || !session.plans ? 'Check in' : 'Fit sheet',
      title: coming.title,
      detail: `${dayText(coming.starts_at)}, ${peopleText(coming.coming)}`,
      go: () => router.push({ name: near || !session.plans ? 'class' : 'fit', params: { id: coming.id } }),
    }
  }
  const ready = found.ready[0]
  if (ready && session.plans)
    return {
      kind: 'Start',
      button: 'Start class',
      title: ready.title,
      detail: `${plural(ready.stations, 'station')}, ${ready.total_s ? clockText(ready.total_s) : 'through the day'}`,
      go: () => openRun(ready.id),
    }
  const draft = found.drafts[0]
  if (draft)
    return {
      kind: 'Finish',
      title: draft.title,
      detail: 'A draft without a station',
      go: () => router.push({ name: 'board', params: { id: draft.id } }),
    }
  return null
})

async function discard(id: string, title: string) {
  try {
    await ask(api.DELETE('/api/runs/{id}', { params: { path: { id } } }))
    undoable(`“${title}” deleted`, async () => {
      await ask(api.POST('/api/runs/{id}/restore', { params: { path: { id } } }))
      await queries.invalidateQueries()
    })
    await queries.invalidateQueries()
  } catch (error) {
    toast.add({ severity: 'warn', summary: 'Not deleted', detail: wording(error), life: 5000 })
  }
}
</script>

<template>
  <div class="page">
    <p class="quiet">
      {{ todayHeadline() }} ·
      {{ session.session?.studio.name }}
    </p>
    <h1>Today</h1>
    <p v-if="session.session?.studio.demo" class="demo small">
      This is the demo: everybody and everything in it is made up.
      <template v-if="session.role === 'owner'">
        <RouterLink :to="{ name: 'studio' }">Throw it away</RouterLink> when you have seen enough, and set up your own
        studio with the code that the start command printed.
      </template>
    </p>
    <PageState :loading="today.isPending.value" :error="today.error.value" @retry="today.refetch()">
      <section v-if="next" class="next" aria-label="Next">
        <div>
          <p class="small quiet">Next</p>
          <h2>{{ next.kind }}: {{ next.title }}</h2>
          <p class="quiet">{{ next.detail }}</p>
        </div>
        <Button :label="next.button ?? next.kind" size="large" :loading="opening" @click="next.go" />
      </section>
      <section v-else class="next" aria-label="Next">
        <div>
          <h2>Plan the first circuit</h2>
          <p class="quiet">There is nothing to run or to log yet.</p>
        </div>
        <Button label="To the circuits" size="large" @click="router.push({ name: 'circuits' })" />
      </section>

      <div v-if="data" class="columns">
        <section v-if="data.open_runs.length || data.unlogged_runs.length" aria-label="To finish">
          <h3>To finish</h3>
          <ul class="lines">
            <li v-for="run in [...data.unlogged_runs, ...data.open_runs]" :key="run.id">
              <RouterLink :to="{ name: run.state === 'finished' ? 'log' : 'floor', params: { id: run.id } }">{{
                run.title
              }}</RouterLink>
              <span class="quiet small"
                >{{ run.state === 'finished' ? 'to log' : run.state }} ·
                {{ dayText(run.started_at ?? run.created_at) }}</span
              >
              <Button
                v-if="session.plans"
                icon="pi pi-times"
                :aria-label="`Delete ${run.title}`"
                variant="text"
                severity="secondary"
                size="small"
                @click="discard(run.id, run.title)"
              />
            </li>
          </ul>
        </section>
        <section aria-label="Classes coming">
          <h3>Classes coming</h3>
          <ul class="lines">
            <li v-for="held in data.classes" :key="held.id">
              <RouterLink :to="{ name: 'class', params: { id: held.id } }">{{ held.title }}</RouterLink>
              <span class="quiet small">{{ dayText(held.starts_at) }} · {{ peopleText(held.coming) }}</span>
              <RouterLink
                v-if="session.plans"
                class="small"
                :to="{ name: 'fit', params: { id: held.id } }"
                :aria-label="`Fit sheet of ${held.title}, ${dayText(held.starts_at)}`"
                >Fit sheet</RouterLink
              >
            </li>
            <li v-if="!data.classes.length" class="quiet">No class is planned.</li>
          </ul>
        </section>
        <section v-if="session.plans" aria-label="Ready to run">
          <h3>Ready to run</h3>
          <ul class="lines">
            <li v-for="workout in data.ready" :key="workout.id">
              <RouterLink :to="{ name: 'board', params: { id: workout.id } }">{{ workout.title }}</RouterLink>
              <span class="quiet small">{{ clockText(workout.total_s) }}</span>
              <Button
                label="Start class"
                :aria-label="`Start class: ${workout.title}`"
                size="small"
                variant="outlined"
                @click="openRun(workout.id)"
              />
            </li>
            <li v-if="!data.ready.length" class="quiet">None yet.</li>
          </ul>
        </section>
        <section v-if="session.plans" aria-label="Drafts to finish">
          <h3>Drafts to finish</h3>
          <ul class="lines">
            <li v-for="workout in data.drafts" :key="workout.id">
              <RouterLink :to="{ name: 'board', params: { id: workout.id } }">{{ workout.title }}</RouterLink>
              <span class="quiet small">{{ dayText(workout.updated_at) }}</span>
            </li>
            <li v-if="!data.drafts.length" class="quiet">None: every circuit can be run.</li>
          </ul>
        </section>
        <section aria-label="Last logged">
          <h3>Last logged</h3>
          <ul class="lines">
            <li v-for="run in data.last_logged" :key="run.id">
              <RouterLink :to="{ name: 'run', params: { id: run.id } }">{{ run.title }}</RouterLink>
              <span class="quiet small"
                >{{ dayText(run.started_at) }} · {{ run.present }} present<template v-if="run.pains">
                  · <span class="warn-text">{{ plural(run.pains, 'pain') }} noted</span></template
                ></span
              >
            </li>
            <li v-if="!data.last_logged.length" class="quiet">Nothing yet.</li>
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
