<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { ClassLine } from '@/lib/api/types'
import { clockText, dayText } from '@/lib/clockText'
import { useSession } from '@/lib/session'
import { plural } from '@/lib/text'
import { byWeek, weekText } from './weeks'

// Classes that come or have been, week by week as the studio counts them.
const props = defineProps<{ title: string; lines: ClassLine[]; toCome: boolean; thisWeek: string }>()
const emit = defineEmits<{ cancel: [held: ClassLine] }>()
const session = useSession()
const weeks = computed(() => byWeek(props.lines))
</script>

<template>
  <div class="scroll-x" tabindex="0" role="region" :aria-label="$t('classes.title_table', { title: title })">
    <table class="ledger stacks">
      <thead>
        <tr>
          <th scope="col">{{ $t('common.when') }}</th>
          <th scope="col">{{ $t('classes.circuit') }}</th>
          <th scope="col">{{ $t('classes.where') }}</th>
          <th scope="col">{{ $t('classes.leads') }}</th>
          <th scope="col" class="number">{{ $t('classes.takes') }}</th>
          <th scope="col" class="number">{{ $t('common.people') }}</th>
          <th scope="col">
            <span class="visually-hidden">{{ $t('classes.what_to_do') }}</span>
          </th>
        </tr>
      </thead>
      <tbody v-for="{ week, held: classes } in weeks" :key="week">
        <tr class="week">
          <th scope="rowgroup" colspan="7">{{ weekText(week, thisWeek) }}</th>
        </tr>
        <tr v-for="held in classes" :key="held.id">
          <td>{{ dayText(held.starts_at) }}</td>
          <th scope="row">
            <RouterLink :to="{ name: 'class', params: { id: held.id } }">{{ held.title }}</RouterLink>
            <span v-if="held.series" class="small quiet weekly">{{ $t('classes.weekly') }}</span>
          </th>
          <td class="small">{{ held.place?.name ?? '–' }}</td>
          <td class="small">{{ held.leader?.name ?? '–' }}</td>
          <td class="number">
            {{ clockText(held.total_s) }}{{ ' '
            }}<span v-if="held.slot_minutes" class="small quiet">{{
              $t('classes.of_slot_minutes_min', { slot_minutes: held.slot_minutes })
            }}</span>
          </td>
          <td class="number">
            <span class="not-stacked">{{ held.coming }}</span>
            <span class="stacked-only small quiet">{{ plural(held.coming, 'person') }}</span>
          </td>
          <td>
            <RouterLink
              v-if="held.run_id && (held.run_state === 'logged' || held.run_state === 'finished')"
              class="small"
              :to="{ name: held.run_state === 'logged' ? 'run' : 'log', params: { id: held.run_id } }"
              :aria-label="
                $t('classes.log_of_title_starts_at', { title: held.title, starts_at: dayText(held.starts_at) })
              "
              >{{ held.run_state === 'logged' ? $t('classes.log') : $t('classes.to_be_logged') }}</RouterLink
            >
            <RouterLink
              v-if="toCome && session.plans"
              class="small"
              :to="{ name: 'fit', params: { id: held.id } }"
              :aria-label="
                $t('classes.fit_sheet_of_title_starts_at', {
                  title: held.title,
                  starts_at: dayText(held.starts_at),
                })
              "
              >{{ $t('common.fit_sheet') }}</RouterLink
            >
            <Button
              v-if="toCome && session.plans"
              icon="pi pi-times"
              :aria-label="
                $t('classes.call_off_title_starts_at', { title: held.title, starts_at: dayText(held.starts_at) })
              "
              variant="text"
              severity="secondary"
              size="small"
              @click="emit('cancel', held)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.weekly {
  margin-left: var(--space-2);
  font-weight: 400;
}
.week th {
  padding-top: var(--space-3);
  font-size: var(--size--1);
  font-weight: 600;
  color: var(--ink-soft);
  text-align: left;
}
</style>
