<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import { readable } from '@/lib/readable'
import { clockText } from '@/lib/clockText'
import { standing } from '@/lib/running/fold'
import { LEVELS, type FitPerson, type Level, type RunEvent } from '@/lib/api/types'
import LevelMark from '@/ui/LevelMark.vue'
import type { RunFeed } from './useRunEvents'

// Who came late, who left, and who follows another level from now on: the log takes it from here.
const props = defineProps<{ people: FitPerson[]; feed: RunFeed; atS: number }>()
const levels = LEVELS.map((level) => ({ value: level, label: readable(level) }))

const told = computed(() => standing(props.feed.events.value).filter((event) => event.person_id))
const last = (person: string, kind: RunEvent['kind']) =>
  told.value.findLast((event) => event.kind === kind && event.person_id === person)
const levelOf = (person: FitPerson): Level => last(person.id, 'follows')?.level ?? person.level

/** Said twice it is taken back. */
function mark(person: string, kind: 'late' | 'gone') {
  const before = last(person, kind)
  if (before) props.feed.takeBack(before.id)
  else props.feed.happen(kind, { person_id: person, at_s: Math.round(props.atS * 10) / 10 })
}
</script>

<template>
  <section :aria-label="$t('floor.who_is_here')">
    <h2>{{ $t('floor.who_is_here') }}</h2>
    <p class="small quiet">{{ $t('floor.the_log_takes_it_from_here') }}</p>
    <ul>
      <li v-for="person in people" :key="person.id" :class="{ gone: last(person.id, 'gone') }">
        <span class="name">{{ person.name }}</span>
        <Select
          :model-value="levelOf(person)"
          :options="levels"
          option-label="label"
          option-value="value"
          size="small"
          :aria-label="$t('floor.level_of_name', { name: person.name })"
          @update:model-value="feed.happen('follows', { person_id: person.id, level: $event })"
        >
          <template #value="{ value }"><LevelMark :level="value" /></template>
          <template #option="{ option }"><LevelMark :level="option.value" /></template>
        </Select>
        <Button
          v-for="kind in ['late', 'gone'] as const"
          :key="kind"
          size="small"
          :variant="last(person.id, kind) ? 'outlined' : 'text'"
          severity="secondary"
          :aria-pressed="Boolean(last(person.id, kind))"
          :aria-label="`${person.name}: ${kind === 'late' ? $t('floor.came_late') : $t('floor.left_early')}`"
          :label="
            last(person.id, kind)
              ? `${kind === 'late' ? $t('floor.came_late') : $t('floor.left_early')} ${clockText(last(person.id, kind)!.at_s ?? 0)}`
              : kind === 'late'
                ? $t('floor.came_late')
                : $t('floor.left_early')
          "
          @click="mark(person.id, kind)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: var(--space-5);
}
ul {
  list-style: none;
  padding: 0;
  margin: var(--space-2) 0;
  columns: 28rem;
  column-gap: var(--space-5);
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto auto;
  gap: var(--space-2);
  align-items: center;
  border-bottom: 1px solid var(--rule-soft);
  padding: var(--space-1) 0;
  break-inside: avoid;
}
.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 600;
}
.gone .name {
  color: var(--ink-soft);
  text-decoration: line-through;
}
@media (max-width: 44rem) {
  li {
    grid-template-columns: minmax(0, 1fr) auto auto;
  }
  .name {
    grid-column: 1 / -1;
  }
}
</style>
