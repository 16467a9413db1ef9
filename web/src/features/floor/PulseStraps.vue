<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { FitPerson } from '@/lib/api/types'
import { useChangesOf } from '@/lib/changes'
import { useAttempt } from '@/lib/useAttempt'

// Effort by pulse straps, in thirds of the reserve: off until somebody turns it on, and of those alone who have agreed.
const props = defineProps<{ runId: string; people: FitPerson[] }>()
const queryKey = ['run', props.runId, 'pulse']
const path = { params: { path: { id: props.runId } } }
const pulse = useQuery({ queryKey, queryFn: () => ask(api.GET('/api/runs/{id}/pulse', path)), retry: false })
useChangesOf('pulse', props.runId, () => pulse.refetch())
const client = useQueryClient()
const { attempt, busy } = useAttempt()
const token = ref('')
const put = (work: () => Promise<{ token?: string }>) =>
  attempt(async () => {
    const told = await work()
    if (told.token) token.value = told.token
    client.setQueryData(queryKey, told)
  })
const turnOn = () => put(() => ask(api.POST('/api/runs/{id}/pulse', path)))
const turnOff = () => put(() => ask(api.DELETE('/api/runs/{id}/pulse', path))).then(() => (token.value = ''))
const agree = (person: string, agrees: boolean) =>
  put(() =>
    ask(api.PUT('/api/runs/{id}/pulse/{person}', { params: { path: { id: props.runId, person } }, body: { agrees } })),
  )
const straps = computed(() => new Map((pulse.data.value?.straps ?? []).map((strap) => [strap.person_id, strap])))
const WORDS = { easy: t('floor.effort_easy'), moderate: t('floor.effort_moderate'), hard: t('floor.effort_hard') }
const THIRDS = ['easy', 'moderate', 'hard'] as const
</script>

<template>
  <details v-if="pulse.data.value" class="pulse">
    <summary>{{ $t('floor.pulse_straps') }}</summary>
    <p class="small quiet">{{ $t('floor.an_estimate_by_thirds') }}</p>
    <Button
      v-if="!pulse.data.value.open"
      :label="$t('floor.turn_straps_on')"
      size="small"
      variant="outlined"
      :disabled="busy"
      @click="turnOn"
    />
    <template v-else>
      <p class="small">
        <Button
          :label="$t('floor.turn_straps_off')"
          size="small"
          variant="text"
          severity="secondary"
          :disabled="busy"
          @click="turnOff"
        />
        <Button :label="$t('floor.show_the_token')" size="small" variant="text" :disabled="busy" @click="turnOn" />
      </p>
      <p v-if="token" class="small">
        {{ $t('floor.the_bridge_sends_to') }} <code data-testid="token">{{ token }}</code>
      </p>
      <ul>
        <li v-for="person in people" :key="person.id">
          <label
            ><Checkbox
              :model-value="straps.has(person.id)"
              binary
              :disabled="busy"
              :aria-label="$t('floor.name_agrees_to_a_strap', { name: person.name })"
              @update:model-value="agree(person.id, $event)"
            />
            {{ person.name }}</label
          >
          <span v-if="straps.get(person.id)?.bpm" class="beat" data-testid="beat">
            <span v-if="straps.get(person.id)!.effort" class="thirds" aria-hidden="true"
              ><i
                v-for="(third, index) in THIRDS"
                :key="third"
                :class="{ on: index <= THIRDS.indexOf(straps.get(person.id)!.effort!) }"
            /></span>
            {{ straps.get(person.id)!.effort ? WORDS[straps.get(person.id)!.effort!] : $t('floor.age_not_known') }}
            <span class="quiet">{{ straps.get(person.id)!.bpm }}</span>
          </span>
        </li>
      </ul>
    </template>
  </details>
</template>

<style scoped>
.pulse {
  margin-top: var(--space-5);
}
summary {
  min-height: var(--target);
  font-weight: 600;
  cursor: pointer;
}
ul {
  list-style: none;
  padding: 0;
  columns: 22rem;
}
li {
  display: flex;
  justify-content: space-between;
  gap: var(--space-3);
  border-bottom: 1px solid var(--rule-soft);
  padding: var(--space-1) 0;
  break-inside: avoid;
}
code {
  overflow-wrap: anywhere;
}
.thirds {
  display: inline-flex;
  gap: 2px;
  margin-right: var(--space-1);
}
.thirds i {
  width: 0.5rem;
  height: 0.9rem;
  border: 1px solid var(--ink);
}
.thirds .on {
  background: var(--ink);
}
</style>
