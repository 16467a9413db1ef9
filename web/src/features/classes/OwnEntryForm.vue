<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, useId } from 'vue'
import { api, ask } from '@/lib/api/client'
import { PAIN_WHERE } from '@/features/log/sheet'
import type { OwnEntry, OwnEntrySheet, PainWhere } from '@/lib/api/types'
import type { Typed } from '@/lib/typed'
import { useAttempt } from '@/lib/useAttempt'
import NumberField from '@/ui/NumberField.vue'

// What a participant did, entered by themselves on their own phone; the instructor sees it beside the log.
const props = defineProps<{ token: string; sheet: OwnEntrySheet }>()
const { attempt, busy, errors } = useAttempt()
const id = useId()
const saved = ref(Boolean(props.sheet.entered))
const effort = ref<Typed>(props.sheet.entered?.effort)
const pain = ref<PainWhere | null>(props.sheet.entered?.pain ?? null)
const note = ref(props.sheet.entered?.note ?? '')
const keyOf = (place: { block: string; station: string }) => `${place.block}/${place.station}`
const numbers = ref<Record<string, Typed>>(
  Object.fromEntries((props.sheet.entered?.results ?? []).map((held) => [keyOf(held), held.reps ?? held.seconds])),
)
const entry = computed<OwnEntry>(() => ({
  ...(effort.value === undefined ? {} : { effort: effort.value as number }),
  ...(pain.value ? { pain: pain.value } : {}),
  ...(note.value.trim() ? { note: note.value.trim() } : {}),
  results: props.sheet.stations.flatMap((station) => {
    const number = numbers.value[keyOf(station)]
    if (number === undefined) return []
    const { block, station: name } = station
    return { block, station: name, [station.unit === 'hold' ? 'seconds' : 'reps']: number as number }
  }),
}))
const save = () =>
  attempt(async () => {
    const path = { token: props.token }
    await ask(api.POST('/api/cards/{token}/entry', { params: { path }, body: entry.value }))
    saved.value = true
  })
const error = (index: number, unit: string) =>
  errors.value.get(`/results/${index}/${unit === 'hold' ? 'seconds' : 'reps'}`)
const indexOf = (station: { block: string; station: string }) =>
  (entry.value.results ?? []).findIndex((held) => keyOf(held) === keyOf(station))
</script>

<template>
  <form :aria-label="$t('classes.what_you_did')" @submit.prevent="save" @input="saved = false">
    <h2>{{ $t('classes.what_you_did') }}</h2>
    <p class="small quiet">{{ $t('classes.your_instructor_sees_it') }}</p>
    <NumberField
      v-model="effort"
      :label="$t('classes.how_hard_it_was')"
      width="3.4rem"
      hint="–"
      :error="errors.get('/effort')"
      @update:model-value="saved = false"
    />
    <ul>
      <li v-for="station in sheet.stations" :key="keyOf(station)">
        <NumberField
          :label="station.unit === 'hold' ? t('classes.name_seconds', { name: station.name }) : station.name"
          width="3.8rem"
          :hint="String(station.number ?? '–')"
          :model-value="numbers[keyOf(station)]"
          :error="error(indexOf(station), station.unit)"
          @update:model-value="((numbers = { ...numbers, [keyOf(station)]: $event }), (saved = false))"
        />
      </li>
    </ul>
    <p class="field">
      <label :for="`${id}-pain`">{{ $t('classes.did_anything_hurt') }}</label>
      <Select
        v-model="pain"
        :input-id="`${id}-pain`"
        :options="PAIN_WHERE"
        option-label="label"
        option-value="value"
        show-clear
        :placeholder="$t('classes.nothing_hurt')"
        @update:model-value="saved = false"
      />
    </p>
    <p v-if="pain" class="warn-text small" role="note">{{ $t('classes.pain_speak_with_your_instructor') }}</p>
    <p class="field">
      <label :for="`${id}-note`">{{ $t('classes.anything_else') }}</label>
      <InputText :id="`${id}-note`" v-model="note" maxlength="300" fluid />
    </p>
    <Button
      type="submit"
      :label="saved ? $t('classes.saved_change_it_if_you_like') : $t('classes.save_what_you_did')"
      :loading="busy"
      :severity="saved ? 'secondary' : undefined"
      fluid
    />
  </form>
</template>

<style scoped>
form {
  border-top: 2px solid var(--ink);
  margin-top: var(--space-5);
  padding-top: var(--space-3);
}
ul {
  list-style: none;
  padding: 0;
  margin: var(--space-2) 0;
}
li {
  border-bottom: 1px solid var(--rule-soft);
  padding: var(--space-1) 0;
}
li :deep(label) {
  flex: 1;
}
.field {
  display: grid;
  gap: var(--space-1);
  margin: var(--space-3) 0;
}
</style>
