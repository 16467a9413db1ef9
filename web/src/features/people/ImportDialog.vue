<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Textarea from 'primevue/textarea'
import { ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { ImportAnswer } from '@/lib/api/types'
import { plural } from '@/lib/clockText'
import { useAttempt } from '@/lib/useAttempt'

// A list of people in and out. What would change is shown first; with one wrong
// row nothing changes at all.
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ done: [] }>()
const { attempt, busy } = useAttempt()
const text = ref('')
const answer = ref<ImportAnswer | null>(null)

async function pick(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) text.value = await file.text()
}

const send = (apply: boolean) =>
  attempt(async () => {
    answer.value = await ask(api.POST('/api/people/import', { body: { csv: text.value, apply } }))
    if (answer.value.applied) emit('done')
  })

const ACTIONS = { add: 'new', change: 'changed', same: 'as it is', error: 'wrong' }
watch(text, () => (answer.value = null))
watch(visible, (open) => open && ((text.value = ''), (answer.value = null)))
const wrong = () =>
  (answer.value?.errors.length ?? 0) + (answer.value?.rows.filter((row) => row.errors.length).length ?? 0)
const busyRows = () => answer.value?.rows.filter((row) => ['add', 'change'].includes(row.action)).length ?? 0
</script>

<template>
  <Dialog v-model:visible="visible" modal header="Import or export people" :style="{ width: 'min(46rem, 96vw)' }">
    <p class="small">
      <a href="/api/people/csv" download>Everybody as CSV</a>
      <span class="quiet"> : names, levels, tags, emergency contacts. Nothing of anybody's health is in it.</span>
    </p>
    <h2>Import</h2>
    <p class="small quiet">
      A header line, then a person a line. Columns: id, name, pronouns, lane, birth_year, since, tags, contact_name,
      contact_phone; only name is needed. A known name is changed, an unknown one is added.
    </p>
    <p class="row">
      <label class="small" for="csv-file">From a file</label>
      <input id="csv-file" type="file" accept=".csv,text/csv" @change="pick" />
    </p>
    <label class="small quiet" for="csv-text">Or typed</label>
    <Textarea id="csv-text" v-model="text" rows="5" fluid placeholder="name,lane" />
    <div v-if="answer" class="answer" role="status">
      <p v-for="error in answer.errors" :key="error" class="warn-text">{{ error }}</p>
      <p v-if="answer.applied">
        <b>{{ plural(busyRows(), 'change') }} made.</b>
      </p>
      <p v-else-if="wrong()" class="warn-text">
        {{ plural(wrong(), 'thing') }} to mend first; nothing has been changed.
      </p>
      <div v-if="answer.rows.length" class="scroll-x" tabindex="0" role="region" aria-label="What would change">
        <table class="ledger small">
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Name</th>
              <th scope="col">Becomes</th>
              <th scope="col">What</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in answer.rows" :key="row.line">
              <td>{{ row.line }}</td>
              <td>{{ row.name }}</td>
              <td :class="{ 'warn-text': row.action === 'error' }">{{ ACTIONS[row.action] }}</td>
              <td>{{ row.errors.length ? row.errors.join('; ') : row.changes.join(', ') }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
    <div class="row end">
      <Button
        label="Show what would change"
        variant="outlined"
        :disabled="!text.trim()"
        :loading="busy"
        @click="send(false)"
      />
      <Button
        label="Import"
        :disabled="!answer || answer.applied || wrong() > 0 || !busyRows()"
        :loading="busy"
        @click="send(true)"
      />
    </div>
  </Dialog>
</template>

<style scoped>
.answer {
  margin-top: var(--space-3);
  max-height: 16rem;
  overflow: auto;
}
.end {
  justify-content: flex-end;
  margin-top: var(--space-3);
}
</style>
