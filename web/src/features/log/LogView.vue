<script setup lang="ts">
import { plural, t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Message from 'primevue/message'
import Textarea from 'primevue/textarea'
import { useToast } from 'primevue/usetoast'
import { computed, onUnmounted, ref, shallowRef, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import NumberField from '@/ui/NumberField.vue'
import { clockText, dayText } from '@/lib/clockText'
import { controlKey, useShortcuts } from '@/lib/useShortcuts'
import { LEVELS, type LogSheet } from '@/lib/api/types'
import LogLine from './LogLine.vue'
import { logs } from './delivery'
import { attendancesOf, countedFor, keyOf, targetsOf, type Line } from './sheet'
import { useTyping } from './useTyping'

const props = defineProps<{ sheet: LogSheet }>()
const emit = defineEmits<{ reload: [] }>()
const router = useRouter()
const toast = useToast()
const queries = useQueryClient()

const { typing, forget } = useTyping(props.sheet)

const errors = shallowRef(new Map<string, string>())
/** A log of this run that was refused: it stays here until somebody has decided. */
const mine = computed(() => logs.get(props.sheet.run.id))
const refused = computed(() => mine.value?.refused)
const conflict = computed(() => (refused.value?.status === 409 ? refused.value.problem : null))
const sending = ref(false)
const waits = computed(() => Boolean(mine.value && !refused.value))
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

function everybodyHere() {
  typing.value = { ...typing.value, lines: typing.value.lines.map((line) => ({ ...line, present: true })) }
}

async function save() {
  if (sending.value) return
  sending.value = true
  errors.value = new Map()
  const body = {
    submission_id: crypto.randomUUID(),
    log_version: typing.value.log_version,
    note: typing.value.note,
    attendances: attendancesOf(typing.value),
  }
  await logs.put(props.sheet.run.id, props.sheet.run.title, body)
  sending.value = false
}

const off = logs.on((item, outcome) => {
  if (item.key !== props.sheet.run.id) return
  if (outcome.kind === 'sent') {
    forget()
    void queries.invalidateQueries({ queryKey: ['runs'] })
    void queries.invalidateQueries({ queryKey: ['today'] })
    toast.add({ severity: 'success', summary: t('log.logged'), detail: props.sheet.run.title, life: 4000 })
    void router.push({ name: 'run', params: { id: item.key } })
  } else if (outcome.kind === 'refused') {
    if (outcome.refusal.status !== 409) errors.value = outcome.refusal.fields()
  }
})
onUnmounted(off)

/** Over the log that somebody else wrote meanwhile. */
function saveOver() {
  const theirs = (conflict.value as unknown as { theirs: LogSheet }).theirs
  typing.value = { ...typing.value, log_version: theirs.log_version }
  logs.drop(props.sheet.run.id)
  void save()
}

function takeTheirs() {
  logs.drop(props.sheet.run.id)
  forget()
  emit('reload')
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

// Down a column by Enter or an arrow, as on paper.
const table = useTemplateRef<HTMLTableElement>('table')
function alongColumn(event: KeyboardEvent) {
  const step =
    event.key === 'ArrowUp'
      ? -1
      : event.key === 'ArrowDown' || (event.key === 'Enter' && !event.ctrlKey && !event.metaKey)
        ? 1
        : 0
  const target = event.target
  if (!step || !(target instanceof HTMLInputElement) || target.closest('[role=combobox], .exception')) return
  const column = target.closest('[data-column]')?.getAttribute('data-column')
  if (!column || !table.value) return
  const fields = [
    ...table.value.querySelectorAll<HTMLInputElement>(`[data-column=${column}] input, input[data-column=${column}]`),
  ]
  const next = fields[fields.indexOf(target) + step]
  event.preventDefault()
  next?.focus()
}

function toFirst(event: KeyboardEvent) {
  if (event.key !== 'Enter' || event.ctrlKey) return
  event.preventDefault()
  table.value?.querySelector<HTMLInputElement>('[data-column=effort] input')?.focus()
}
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

    <Message v-if="waits && !sending" severity="warn" :closable="false" data-testid="waiting">{{
      $t('log.kept_in_this_browser_the_server')
    }}</Message>
    <Message v-if="conflict" severity="warn" :closable="false">
      <p>{{ conflict.detail }}</p>
      <div class="row">
        <Button :label="$t('log.save_mine_over_it')" size="small" @click="saveOver" /><Button
          :label="$t('log.show_the_other')"
          size="small"
          variant="outlined"
          severity="secondary"
          @click="takeTheirs"
        />
      </div>
    </Message>
    <Message v-else-if="refused && !errors.size" severity="warn" :closable="false">
      <p>{{ $t('log.this_log_was_not_taken_detail', { detail: refused.problem.detail }) }}</p>
      <Button
        :label="$t('log.throw_it_away')"
        size="small"
        variant="outlined"
        severity="secondary"
        @click="takeTheirs"
      />
    </Message>
    <Message v-if="errors.size" severity="warn" :closable="false" role="alert">{{
      $t('log.not_saved_plural_to_correct', { plural: plural(errors.size, 'field'), n: [...errors.values()][0] })
    }}</Message>

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
            :stations="sheet.stations"
            :planned="planned.get(line.person_id) ?? null"
            :counted="counted.get(line.person_id)"
            :everybody="typing.everybody"
            :errors="errors"
            @update:line="setLine(index, $event)"
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
