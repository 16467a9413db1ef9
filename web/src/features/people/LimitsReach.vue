<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import ToggleSwitch from 'primevue/toggleswitch'
import { api, ask } from '@/lib/api/client'
import { headed } from '@/lib/readable'
import PageState from '@/ui/PageState.vue'

// What somebody's limits change, exercise by exercise, to be read with them: what is as
// ever, what they get instead, where they sit out.
const { id } = defineProps<{ id: string }>()
const person = useQuery({
  queryKey: ['person', id],
  queryFn: () => ask(api.GET('/api/people/{id}', { params: { path: { id } } })),
})
const reach = useQuery({
  queryKey: ['person', id, 'reach'],
  queryFn: () => ask(api.GET('/api/people/{id}/reach', { params: { path: { id } } })),
})
const changedOnly = ref(true)
const ladders = computed(() => reach.data.value?.ladders ?? [])
const shown = computed(() => ladders.value.filter((ladder) => !changedOnly.value || ladder.changes))
const patterns = computed(() => [...new Set(shown.value.map((ladder) => ladder.pattern))])
const counts = computed(() => ({
  changed: ladders.value.filter((ladder) => ladder.changes).length,
  all: ladders.value.length,
  out: ladders.value.filter((ladder) => !ladder.instead).length,
}))
</script>

<template>
  <div class="page">
    <p class="small">
      <RouterLink :to="{ name: 'person', params: { id } }">{{
        person.data.value?.name ?? $t('common.people')
      }}</RouterLink>
    </p>
    <PageState
      :loading="reach.isPending.value || person.isPending.value"
      :error="reach.error.value ?? person.error.value"
      @retry="reach.refetch()"
    >
      <h1>{{ $t('people.what_the_limits_change_for_name', { name: person.data.value?.name }) }}</h1>
      <p v-if="!reach.data.value?.limits.length">{{ $t('people.no_limit_holds_today') }}</p>
      <template v-else>
        <p>
          <b>{{ reach.data.value.limits.join(' · ') }}</b>
        </p>
        <p class="row spread">
          <span role="status">{{ $t('people.changed_of_all_exercises_change_out', counts) }}</span>
          <label class="row small"
            ><ToggleSwitch v-model="changedOnly" input-id="changed-only" /> {{ $t('people.only_what_changes') }}</label
          >
        </p>
        <p class="small quiet">{{ $t('people.a_limit_is_never_trained_through') }}</p>
        <div class="patterns">
          <section v-for="pattern in patterns" :key="pattern" :aria-label="headed(pattern)">
            <h2>{{ headed(pattern) }}</h2>
            <dl>
              <template v-for="ladder in shown.filter((held) => held.pattern === pattern)" :key="ladder.movement">
                <dt>{{ ladder.name }}</dt>
                <dd v-if="!ladder.instead" class="warn-text">{{ $t('people.sits_out_see_the_instructor') }}</dd>
                <dd v-else :class="{ quiet: !ladder.changes }">
                  {{ ladder.instead.name }}
                  <span v-if="ladder.instead.kind === 'muscles'" class="quiet">{{
                    $t('people.most_of_the_same_muscles')
                  }}</span>
                </dd>
              </template>
            </dl>
          </section>
        </div>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.patterns {
  columns: 22rem;
  column-gap: var(--space-6);
  margin-top: var(--space-3);
}
section {
  break-inside: avoid;
  margin-bottom: var(--space-3);
}
h2 {
  font-size: var(--size-0);
  margin: 0;
  border-bottom: 1px solid var(--ink);
}
dl {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: 0 var(--space-3);
  margin: 0;
  font-size: var(--size--1);
}
dt,
dd {
  margin: 0;
  padding: 1px 0;
  border-bottom: 1px solid var(--rule-soft);
}
dt {
  color: var(--ink-soft);
}
@media print {
  label {
    display: none;
  }
}
</style>
