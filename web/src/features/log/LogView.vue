<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Message from 'primevue/message'
import Textarea from 'primevue/textarea'
import { useToast } from 'primevue/usetoast'
import { computed, onUnmounted, ref, shallowRef, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import NumberField from '@/ui/NumberField.vue'
import { clockText, dayText, plural } from '@/lib/clockText'
import { controlKey, useShortcuts } from '@/lib/useShortcuts'
import type { LogSheet } from '@/lib/api/types'
import LogLine from './LogLine.vue'
import { logs } from './delivery'
import { attendancesOf, countedFor, givenTo, type Line } from './sheet'
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
const given = computed(() => new Map(props.sheet.people.map((person) => [person.id, givenTo(props.sheet, person.id)])))
const counted = computed(
  () => new Map(props.sheet.people.map((person) => [person.id, countedFor(props.sheet, person.id)])),
)
const there = computed(() => typing.value.lines.filter((line) => line.present).length)
const pains = computed(() => typing.value.lines.filter((line) => line.present && line.pain))

function setLine(index: number, line: Line) {
  const lines = [...typing.value.lines]
  lines[index] = line
  typing.value = { ...typing.value, lines }
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
    toast.add({ severity: 'success', summary: 'Logged', detail: props.sheet.run.title, life: 4000 })
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
  { keys: 'Ctrl Enter', label: 'Save the log', matches: controlKey('enter'), run: () => void save(), inFields: true },
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
        <h1>Log: {{ sheet.run.title }}</h1>
        <p class="quiet">
          {{ dayText(sheet.run.started_at ?? sheet.run.created_at) }} · {{ clockText(sheet.run.total_s) }} ·
          {{ there }} of {{ typing.lines.length }} present
        </p>
      </div>
      <div class="row">
        <Button :loading="sending" aria-keyshortcuts="Control+Enter" @click="save"
          ><span>Save the log</span> <kbd aria-hidden="true">Ctrl Enter</kbd></Button
        >
      </div>
    </div>

    <Message v-if="waits && !sending" severity="warn" :closable="false" data-testid="waiting"
      >Kept in this browser: the server does not answer. It is sent as soon as it does, once only.</Message
    >
    <Message v-if="conflict" severity="warn" :closable="false">
      <p>{{ conflict.detail }}</p>
      <div class="row">
        <Button label="Save mine over it" size="small" @click="saveOver" /><Button
          label="Show the other"
          size="small"
          variant="outlined"
          severity="secondary"
          @click="takeTheirs"
        />
      </div>
    </Message>
    <Message v-else-if="refused && !errors.size" severity="warn" :closable="false">
      <p>This log was not taken: {{ refused.problem.detail }} It is kept here as you typed it.</p>
      <Button label="Throw it away" size="small" variant="outlined" severity="secondary" @click="takeTheirs" />
    </Message>
    <Message v-if="errors.size" severity="warn" :closable="false" role="alert"
      >Not saved: {{ plural(errors.size, 'field') }} to mend. {{ [...errors.values()][0] }}</Message
    >

    <div class="row top" @keydown="toFirst">
      <NumberField
        label="Effort of everybody, 0 to 10"
        hint="–"
        width="3.2rem"
        :model-value="typing.everybody"
        @update:model-value="typing = { ...typing, everybody: $event }"
      />
      <span class="small quiet"
        >Everyone starts as present and as planned: type only what differs.
        <span class="by-key"
          ><kbd>Enter</kbd> and arrows go down a column, <kbd>Space</kbd> marks a person absent.</span
        ></span
      >
    </div>

    <div class="scroll-x">
      <table ref="table" class="ledger" @keydown.capture="alongColumn">
        <thead>
          <tr>
            <th scope="col">Present</th>
            <th scope="col">Name</th>
            <th scope="col">Follows</th>
            <th scope="col">Effort</th>
            <th scope="col">Stations</th>
            <th scope="col">Pain</th>
            <th scope="col">Note</th>
          </tr>
        </thead>
        <tbody>
          <LogLine
            v-for="(line, index) in typing.lines"
            :key="line.person_id"
            :line="line"
            :row="index"
            :stations="sheet.stations"
            :given="given.get(line.person_id) ?? null"
            :counted="counted.get(line.person_id)"
            :everybody="typing.everybody"
            :errors="errors"
            @update:line="setLine(index, $event)"
          />
        </tbody>
      </table>
    </div>
    <p v-if="!typing.lines.length" class="quiet">There is nobody in this studio yet.</p>
    <p v-if="pains.length" class="caution" role="note">
      {{ pains.map((line) => line.name).join(', ') }}: pain ends that movement until you have spoken. Sharp or sudden
      pain, in a joint or getting worse, goes to a professional; chest pain, very dark urine or severe swelling is an
      emergency. Soreness a day or two after new work is normal.
    </p>
    <div class="note">
      <label for="class-note">Note on the class</label>
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
