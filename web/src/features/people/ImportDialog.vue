<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Textarea from 'primevue/textarea'
import { ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { ImportAnswer } from '@/lib/api/types'

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

const ACTIONS = { add: 'new', change: 'changed', same: t('people.as_it_is'), error: 'wrong' }
watch(text, () => (answer.value = null))
watch(visible, (open) => open && ((text.value = ''), (answer.value = null)))
const wrong = () =>
  (answer.value?.errors.length ?? 0) + (answer.value?.rows.filter((row) => row.errors.length).length ?? 0)
const busyRows = () => answer.value?.rows.filter((row) => ['add', 'change'].includes(row.action)).length ?? 0
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="$t('people.import_or_export_people')"
    :style="{ width: 'min(46rem, 96vw)' }"
  >
    <p class="small">
      <a href="/api/people/csv" download>{{ $t('people.everybody_as_csv') }}</a>
      <span class="quiet">{{ ' ' }}{{ $t('people.names_levels_tags_emergency_contacts_nothing') }}</span>
    </p>
    <h2>{{ $t('people.import') }}</h2>
    <p class="small quiet">{{ $t('people.a_header_line_then_a_person') }}</p>
    <p class="row">
      <label class="small" for="csv-file">{{ $t('people.from_a_file') }}</label>
      <input id="csv-file" type="file" accept=".csv,text/csv" @change="pick" />
    </p>
    <label class="small quiet" for="csv-text">{{ $t('people.or_typed') }}</label>
    <Textarea id="csv-text" v-model="text" rows="5" fluid :placeholder="$t('people.name_level')" />
    <div v-if="answer" class="answer" role="status">
      <p v-for="error in answer.errors" :key="error" class="warn-text">{{ error }}</p>
      <p v-if="answer.applied">
        <b>{{ $t('people.plural_made', { plural: plural(busyRows(), 'change') }) }}</b>
      </p>
      <p v-else-if="wrong()" class="warn-text">
        {{ $t('people.plural_to_correct_first', { plural: plural(wrong(), 'thing') }) }}
      </p>
      <div
        v-if="answer.rows.length"
        class="scroll-x"
        tabindex="0"
        role="region"
        :aria-label="$t('people.what_would_change')"
      >
        <table class="ledger small">
          <thead>
            <tr>
              <th scope="col">{{ $t('people.line') }}</th>
              <th scope="col">{{ $t('common.name') }}</th>
              <th scope="col">{{ $t('people.becomes') }}</th>
              <th scope="col">{{ $t('people.what') }}</th>
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
    <div class="row dialog-buttons">
      <Button
        :label="$t('people.show_what_would_change')"
        variant="outlined"
        :disabled="!text.trim()"
        :loading="busy"
        @click="send(false)"
      />
      <Button
        :label="$t('people.import')"
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
</style>
