<script setup lang="ts">
import { readable } from '@/lib/readable'
import { plural } from '@/lib/text'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed } from 'vue'
import NumberField from '@/ui/NumberField.vue'
import LevelMark from '@/ui/LevelMark.vue'
import { LEVELS, type LogSheet } from '@/lib/api/types'
import LogDetails from './LogDetails.vue'
import TheySay from './TheySay.vue'
import { countExceptions, targetsOf, PAIN_WHERE, type Line, type Typing } from './sheet'

// One person: there or not, how hard it was, whether it hurt; and station by
// station only where it differed.
const props = defineProps<{
  sheet: LogSheet
  planned: ReturnType<typeof targetsOf>
  counted: Map<string, number> | undefined
  everybody: Typing['everybody']
  row: number
  errors: Map<string, string>
  /** Whether it stands open, station by station. */
  open: boolean
}>()
const emit = defineEmits<{ toggle: []; go: [step: number] }>()
const line = defineModel<Line>('line', { required: true })
const person = computed(() => props.sheet.people.find((held) => held.id === line.value.person_id))
const notReached = computed(() => (person.value?.not_reached ?? props.sheet.not_reached)[line.value.level])
const tapped = computed(() => person.value?.blocks ?? [])

const differs = computed(() => countExceptions(line.value))
const LANES = LEVELS.map((level) => ({ value: level, label: readable(level) }))

function set<K extends keyof Line>(key: K, value: Line[K]) {
  line.value = { ...line.value, [key]: value }
}

/** It is asked at once what was done about it. */
function hurt(where: Line['pain']) {
  set('pain', where)
  if (where && !props.open) emit('toggle')
}

function error(field: string) {
  return props.errors.get(`/attendances/${props.row}/${field}`)
}
</script>

<template>
  <tr :class="{ away: !line.present, opened: open }">
    <td>
      <Checkbox
        :model-value="line.present"
        binary
        :input-id="`there-${row}`"
        :aria-label="$t('log.name_was_present', { name: line.name })"
        data-column="there"
        @update:model-value="set('present', $event)"
      />
    </td>
    <th scope="row">
      <label :for="`there-${row}`">{{ line.name }}</label><span v-if="person?.own_entry" class="small quiet">
        · {{ $t('log.has_entered') }}</span
      >
    </th>
    <td>
      <Select
        :model-value="line.level"
        :options="LANES"
        option-label="label"
        option-value="value"
        :aria-label="$t('log.level_of_name', { name: line.name })"
        size="small"
        :disabled="!line.present"
        class="level"
        @update:model-value="set('level', $event)"
      >
        <template #value="{ value }"><LevelMark :level="value" /></template>
        <template #option="{ option }"><LevelMark :level="option.value" /></template>
      </Select>
    </td>
    <td data-column="effort">
      <NumberField
        :label="$t('log.effort_of_name_0_to_10', { name: line.name })"
        hide-label
        width="3rem"
        :hint="line.present && everybody !== undefined ? String(everybody) : '–'"
        :model-value="line.effort"
        :error="error('effort')"
        @update:model-value="set('effort', $event)"
      />
    </td>
    <td>
      <Button
        :label="differs ? $t('log.differs_differ', { differs }) : $t('log.as_planned')"
        :aria-label="
          $t('log.name_n_station_by_station', {
            name: line.name,
            n: differs ? plural(differs, 'station_differs') : $t('log.as_planned'),
          })
        "
        :aria-expanded="open"
        :disabled="!line.present"
        size="small"
        :variant="differs ? 'outlined' : 'text'"
        severity="secondary"
        data-column="stations"
        @click="$emit('toggle')"
      />
    </td>
    <td>
      <Select
        :model-value="line.pain"
        :options="PAIN_WHERE"
        option-label="label"
        option-value="value"
        :placeholder="$t('log.no_pain')"
        show-clear
        :aria-label="$t('log.pain_of_name_where', { name: line.name })"
        size="small"
        :disabled="!line.present"
        class="pain"
        @update:model-value="hurt($event)"
      />
    </td>
    <td class="note">
      <InputText
        :model-value="line.note"
        maxlength="500"
        :aria-label="$t('log.note_on_name', { name: line.name })"
        :placeholder="$t('log.note')"
        size="small"
        fluid
        data-column="note"
        @update:model-value="set('note', $event ?? '')"
      />
    </td>
  </tr>
  <tr v-if="open && line.present">
    <td />
    <td colspan="6" class="stations">
      <TheySay v-if="person?.own_entry" v-model:line="line" :entry="person.own_entry" :stations="sheet.stations" />
      <LogDetails
        v-model:line="line"
        :stations="sheet.stations"
        :blocks="sheet.blocks"
        :planned="planned"
        :counted="counted"
        :not-reached="notReached"
        :tapped="tapped"
        @next="$emit('go', 1)"
        @previous="$emit('go', -1)"
      />
    </td>
  </tr>
</template>

<style scoped>
/* A person a line; level, pain and note are there once it is opened. */
@media (max-width: 44rem) {
  tr {
    display: grid;
    grid-template-columns: 2rem minmax(0, 1fr) 4rem auto;
    align-items: center;
    gap: 0 var(--space-2);
    border-bottom: 1px solid var(--rule);
    min-height: 3rem;
  }
  tr > * {
    border: 0 !important;
    padding: 0 !important;
  }
  tr > :nth-child(4),
  tr > :nth-child(5) {
    grid-row: 1;
  }
  tr > :nth-child(4) {
    grid-column: 3;
  }
  tr > :nth-child(5) {
    grid-column: 4;
  }
  tr > :nth-child(3),
  tr > :nth-child(6),
  tr > .note {
    display: none;
    grid-column: 2 / -1;
  }
  tr.opened > :nth-child(3),
  tr.opened > :nth-child(6),
  tr.opened > .note {
    display: block;
    grid-row: auto;
    padding: var(--space-1) 0 !important;
  }
  tr > .stations {
    grid-column: 1 / -1;
    padding: var(--space-2) !important;
  }
  th label {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    display: block;
  }
}
th {
  font-weight: 600;
}
tr > * {
  vertical-align: middle;
}
.away th,
.away {
  color: var(--ink-soft);
}
.away th label {
  text-decoration: line-through;
}
.level {
  width: 11.5rem;
}
.pain {
  width: 8.5rem;
}
.note {
  min-width: 12rem;
}
.stations {
  background: var(--paper-sunk);
  padding: var(--space-2) var(--space-3);
}
</style>
