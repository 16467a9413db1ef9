<script setup lang="ts">
import Button from 'primevue/button'
import { RouterLink } from 'vue-router'
import { isPredicted } from '@/features/board/formats'
import type { WorkoutLine } from '@/lib/api/types'
import { clockText, dayText } from '@/lib/clockText'
import { plural } from '@/lib/text'
import { useFormatNames } from '@/lib/useFormatNames'
import TagsField from './TagsField.vue'

// The circuits that were found, one a line, with what can be done with each.
defineProps<{ circuits: WorkoutLine[]; compared: string[] }>()
const emit = defineEmits<{
  compare: [id: string]
  tags: [workout: WorkoutLine, tags: string[]]
  start: [id: string]
  copy: [workout: WorkoutLine]
  link: [id: string]
  remove: [workout: WorkoutLine]
}>()
const { named, labelOf } = useFormatNames()
const predicted = (workout: WorkoutLine) => workout.formats.some((id) => isPredicted(named(id)))
const formatNames = (workout: WorkoutLine) => workout.formats.map(labelOf).join(', ')
</script>

<template>
  <div class="scroll-x">
    <table class="ledger stacks">
      <thead>
        <tr>
          <th scope="col">
            <span class="visually-hidden">{{ $t('circuits.compare') }}</span>
          </th>
          <th scope="col">{{ $t('circuits.title') }}</th>
          <th scope="col">{{ $t('circuits.format') }}</th>
          <th scope="col" class="number">{{ $t('circuits.takes') }}</th>
          <th scope="col" class="number">{{ $t('common.slot') }}</th>
          <th scope="col" class="number">{{ $t('circuits.stations') }}</th>
          <th scope="col">{{ $t('circuits.changed') }}</th>
          <th scope="col">
            <span class="visually-hidden">{{ $t('circuits.what_to_do_with_it') }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="workout in circuits" :key="workout.id">
          <td class="pick">
            <input
              type="checkbox"
              :checked="compared.includes(workout.id)"
              :aria-label="$t('circuits.compare_title', { title: workout.title })"
              @change="emit('compare', workout.id)"
            />
          </td>
          <th scope="row">
            <RouterLink :to="{ name: 'board', params: { id: workout.id } }">{{ workout.title }}</RouterLink>
            <span v-if="!workout.ready" class="small quiet">{{ ' ' }}{{ $t('circuits.draft') }}</span>
            <br /><TagsField :tags="workout.tags" :title="workout.title" @save="emit('tags', workout, $event)" />
          </th>
          <td class="small">{{ formatNames(workout) }}</td>
          <td class="number">
            <span v-if="predicted(workout)" class="small quiet">{{ $t('common.about') }}{{ ' ' }}</span
            >{{ workout.total_s ? clockText(workout.total_s) : '–' }}
          </td>
          <td class="number slot">
            {{ workout.slot_minutes ? $t('circuits.slot_minutes_min', { slot_minutes: workout.slot_minutes }) : '–' }}
          </td>
          <td class="number">
            <span class="not-stacked">{{ workout.stations }}</span>
            <span class="stacked-only small quiet">{{ plural(workout.stations, 'station') }}</span>
          </td>
          <td class="small quiet">
            {{ dayText(workout.updated_at) }}<template v-if="workout.updated_by">, {{ workout.updated_by }}</template>
          </td>
          <td class="actions">
            <Button
              :label="$t('common.start_class')"
              :aria-label="$t('circuits.start_class_title', { title: workout.title })"
              :disabled="!workout.ready"
              size="small"
              variant="outlined"
              @click="emit('start', workout.id)"
            />
            <Button
              icon="pi pi-link"
              :aria-label="$t('circuits.copy_a_link_to_title', { title: workout.title })"
              :title="$t('circuits.copy_a_link')"
              size="small"
              variant="text"
              severity="secondary"
              @click="emit('link', workout.id)"
            />
            <Button
              as="a"
              icon="pi pi-download"
              :href="`/api/workouts/${workout.id}/file`"
              download
              :aria-label="$t('circuits.save_title_as_a_file', { title: workout.title })"
              :title="$t('circuits.save_as_a_file')"
              size="small"
              variant="text"
              severity="secondary"
            />
            <Button
              icon="pi pi-copy"
              :aria-label="$t('circuits.duplicate_title', { title: workout.title })"
              size="small"
              variant="text"
              severity="secondary"
              @click="emit('copy', workout)"
            />
            <Button
              icon="pi pi-trash"
              :aria-label="$t('circuits.delete_title', { title: workout.title })"
              size="small"
              variant="text"
              severity="secondary"
              @click="emit('remove', workout)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
th[scope='row'] {
  font-weight: 400;
}
.pick input {
  width: 1.1rem;
  height: 1.1rem;
  accent-color: var(--accent);
}
.slot {
  white-space: nowrap;
}
.actions {
  white-space: nowrap;
  text-align: right;
}
@media (max-width: 44rem) {
  .stacks tbody th[scope='row'] {
    flex: 1 0 calc(100% - 3rem);
  }
}
</style>
