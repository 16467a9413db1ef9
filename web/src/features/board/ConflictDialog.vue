<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, wording } from '@/lib/api/client'
import { dayText } from '@/lib/clockText'
import { useBoard } from './useBoard'

// Somebody else saved first. Whatever is chosen, both versions stay to be had.
const board = useBoard()
const router = useRouter()
const toast = useToast()
const busy = ref(false)
const { conflict } = board.autosave

function keepMine() {
  const theirs = conflict.value
  if (!theirs) return
  board.autosave.settle(theirs)
  void board.autosave.save()
  toast.add({
    severity: 'success',
    summary: 'Yours is saved',
    detail: `The other version stays in the history as number ${theirs.lock_version}.`,
    life: 6000,
  })
}

function takeTheirs() {
  const theirs = conflict.value
  if (!theirs) return
  board.replace('Take the other version', theirs.document)
  board.autosave.settle(theirs)
  toast.add({ severity: 'info', summary: 'The other version is here', detail: 'Undo brings yours back.', life: 6000 })
}

async function saveCopy() {
  busy.value = true
  try {
    const mine = board.document.value
    const copy = await ask(
      api.POST('/api/workouts', { body: { document: { ...mine, title: `${mine.title.slice(0, 104)} (my version)` } } }),
    )
    takeTheirs()
    toast.add({ severity: 'success', summary: 'Yours is a circuit of its own', detail: copy.title, life: 6000 })
    await board.autosave.save()
    await router.push({ name: 'circuits' })
  } catch (error) {
    toast.add({ severity: 'warn', summary: 'Not saved yet', detail: wording(error), life: 6000 })
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <Dialog
    :visible="conflict !== null"
    modal
    :closable="false"
    header="A newer version was saved"
    :style="{ width: 'min(36rem, 94vw)' }"
  >
    <template v-if="conflict">
      <p>
        {{ conflict.updated_by }} saved “{{ conflict.title }}” on {{ dayText(conflict.updated_at) }}, after you opened
        it. Yours has not been saved. Nothing is lost either way:
      </p>
      <div class="choices">
        <Button label="Keep mine" autofocus @click="keepMine" />
        <span class="small quiet">Saved on top; theirs stays in the history.</span>
        <Button label="Take theirs" severity="secondary" variant="outlined" @click="takeTheirs" />
        <span class="small quiet">Yours comes back with undo.</span>
        <Button label="Save mine as a copy" severity="secondary" variant="outlined" :loading="busy" @click="saveCopy" />
        <span class="small quiet">Two circuits, side by side.</span>
      </div>
    </template>
  </Dialog>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  margin-top: var(--space-4);
}
</style>
