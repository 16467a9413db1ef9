<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref, useTemplateRef } from 'vue'
import NumberField from '@/ui/NumberField.vue'
import { clockText, dayText } from '@/lib/clockText'
import { controlKey, useShortcuts } from '@/lib/useShortcuts'
import { LEVELS, type LogSheet } from '@/lib/api/types'
import LogLine from './LogLine.vue'
import LogMessages from './LogMessages.vue'
import { countedFor, keyOf, targetsOf, type Line } from './sheet'
import { useColumnKeys } from './useColumnKeys'
import { useSaving } from './useSaving'
import { useTyping } from './useTyping'

const props = defineProps<{ sheet: LogSheet }>()
const emit = defineEmits<{ reload: [] }>()

const { typing, forget } = useTyping(props.sheet)

const { save, saveOver, takeTheirs, sending, waits, refused, conflict, errors } = useSaving(
  props.sheet,
  typing,
  () => {
    forget()
    emit('reload')
  },
  forget,
)
const planned = computed(
  () => new Map(props.sheet.people.map((person) => [person.id, targetsOf(props.sheet, person.id)])),
)
const counted = computed(
  () => new Map(props.sheet.people.map((person) => [person.id, countedFor(props.sheet, person.id)])),
)
/** Stations that no level reached before the class ended, or that were skipped. */
const notReached = computed(() =>
  props.sheet.stations
    .filter((station) => LEVELS.every((level) => props.sheet.not_reached[level].includes(keyOf(station))))
    .map((station) => station.name),
)
const there = computed(() => typing.value.lines.filter((line) => line.present).length)
const pains = computed(() => typing.value.lines.filter((line) => line.present && line.pain))

function setLine(index: number, line: Line) {
  const lines = [...typing.value.lines]
  lines[index] = line
  typing.value = { ...typing.value, lines }
}

/** Whose line stands open. */
const opened = ref<string | null>(null)
/** To the next who was there, or the one before. */
function go(from: number, step: number) {
  const lines = typing.value.lines
  let index = from + step
  while (lines[index] && !lines[index]!.present) index += step
  opened.value = lines[index]?.person_id ?? null
}

function everybodyHere() {
  typing.value = { ...typing.value, lines: typing.value.lines.map((line) => ({ ...line, present: true })) }
}

useShortcuts([
  {
    keys: t('log.ctrl_enter'),
    label: t('log.save_the_log'),
    matches: controlKey('enter'),
    run: () => void save(),
    inFields: true,
  },
])

const table = useTemplateRef<HTMLTableElement>('table')
const { alongColumn, toFirst } = useColumnKeys(table)
</script>

<template>
  <div>
    <div class="row spread">
      <div>
        <h1>{{ $t('log.log_title', { title: sheet.run.title }) }}</h1>
        <p class="quiet">
          {{
            $t('log.day_text_total_s_there_of_count_present', {
              day_text: dayText(sheet.run.started_at ?? sheet.run.created_at),
              total_s: clockText(sheet.run.total_s),
              there,
              count: typing.lines.length,
            })
          }}
        </p>
      </div>
      <div class="row">
        <Button :loading="sending" :aria-keyshortcuts="$t('log.control_enter')" @click="save"
          ><span>{{ $t('log.save_the_log') }}</span> <kbd aria-hidden="true">{{ $t('log.ctrl_enter') }}</kbd></Button
        >
      </div>
    </div>

    <LogMessages
      :waits="waits && !sending"
      :refused="refused?.problem"
      :conflict="Boolean(conflict)"
      :errors="errors"
      @over="saveOver"
      @theirs="takeTheirs"
    />

    <p v-if="notReached.length" class="caution" role="note" data-testid="not-reached">
      {{
        $t('log.not_reached_and_not_logged', {
          ran: clockText(sheet.ran_s ?? 0),
          total: clockText(sheet.run.total_s),
          names: notReached.join(', '),
        })
      }}
    </p>
    <div class="row top" @keydown="toFirst">
      <NumberField
        :label="$t('log.effort_of_everybody_0_to_10')"
        hint="–"
        width="3.2rem"
        :model-value="typing.everybody"
        @update:model-value="typing = { ...typing, everybody: $event }"
      />
      <Button
        v-if="there === 0 && typing.lines.length"
        :label="$t('log.everybody_was_here')"
        size="small"
        variant="outlined"
        @click="everybodyHere"
      />
      <span class="small quiet"
        >{{ sheet.run.group_class_id ? $t('log.everyone_starts_as_present_and_as') : $t('log.mark_who_was_here') }}
        <span class="by-key"
          ><kbd>{{ $t('log.enter') }}</kbd> {{ $t('log.and_arrows_go_down_a_column') }} <kbd>{{ $t('log.space') }}</kbd>
          {{ $t('log.marks_a_person_absent') }}</span
        ></span
      >
    </div>

    <div class="scroll-x">
      <table ref="table" class="ledger" @keydown.capture="alongColumn">
        <thead>
          <tr>
            <th scope="col">{{ $t('common.present') }}</th>
            <th scope="col">{{ $t('common.name') }}</th>
            <th scope="col">{{ $t('common.follows') }}</th>
            <th scope="col">{{ $t('log.effort') }}</th>
            <th scope="col">{{ $t('log.stations') }}</th>
            <th scope="col">{{ $t('log.pain') }}</th>
            <th scope="col">{{ $t('common.note') }}</th>
          </tr>
        </thead>
        <tbody>
          <LogLine
            v-for="(line, index) in typing.lines"
            :key="line.person_id"
            :line="line"
            :row="index"
            :sheet="sheet"
            :open="opened === line.person_id"
            :planned="planned.get(line.person_id) ?? null"
            :counted="counted.get(line.person_id)"
            :everybody="typing.everybody"
            :errors="errors"
            @update:line="setLine(index, $event)"
            @toggle="opened = opened === line.person_id ? null : line.person_id"
            @go="go(index, $event)"
          />
        </tbody>
      </table>
    </div>
    <p v-if="!typing.lines.length" class="quiet">{{ $t('log.there_is_nobody_in_this_studio') }}</p>
    <p v-if="pains.length" class="caution" role="note">
      {{ $t('log.n_pain_ends_that_movement_until', { n: pains.map((line) => line.name).join(', ') }) }}
    </p>
    <div class="note">
      <label for="class-note">{{ $t('log.note_on_the_class') }}</label>
      <Textarea
        id="class-note"
        :model-value="typing.note"
        rows="2"
        maxlength="2000"
        auto-resize
        fluid
        @update:model-value="typing = { ...typing, note: $event ?? '' }"
      />
    </div>
  </div>
</template>

<style scoped>
@media (max-width: 44rem) {
  thead,
  .by-key,
  kbd {
    display: none;
  }
  .ledger,
  .ledger tbody {
    display: block;
  }
}
.top {
  margin: var(--space-4) 0 var(--space-2);
}
.caution {
  border-left: 3px solid var(--warn);
  padding-left: var(--space-3);
  margin: var(--space-4) 0;
}
.note {
  display: grid;
  gap: var(--space-1);
  margin-top: var(--space-4);
  max-width: 48rem;
}
</style>
