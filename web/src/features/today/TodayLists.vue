<script setup lang="ts">
import Button from 'primevue/button'
import { RouterLink } from 'vue-router'
import type { TodayAnswer } from '@/lib/api/types'
import { clockText, dayText } from '@/lib/clockText'
import { useSession } from '@/lib/session'
import { plural } from '@/lib/text'

// What is open, what is coming, what is ready, and what was last.
defineProps<{ data: TodayAnswer }>()
const emit = defineEmits<{ discard: [id: string, title: string]; start: [workout: string] }>()
const session = useSession()
</script>

<template>
  <div class="columns">
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
            @click="emit('discard', run.id, run.title)"
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
            @click="emit('start', workout.id)"
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
              $t('today.started_at_present_present', {
                started_at: dayText(run.started_at ?? run.created_at),
                present: run.present,
              })
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
</template>

<style scoped>
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
