<script setup lang="ts">
import { t } from '@/lib/text'
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
    summary: t('board.yours_is_saved'),
    detail: t('board.the_other_version_stays_in_the', { lock_version: theirs.lock_version }),
    life: 6000,
  })
}

function takeTheirs() {
  const theirs = conflict.value
  if (!theirs) return
  board.replace('Take the other version', theirs.document)
  board.autosave.settle(theirs)
  toast.add({
    severity: 'info',
    summary: t('board.the_other_version_is_here'),
    detail: t('board.undo_brings_yours_back'),
    life: 6000,
  })
}

async function saveCopy() {
  busy.value = true
  try {
    const mine = board.document.value
    const copy = await ask(
      api.POST('/api/workouts', {
        body: { document: { ...mine, title: t('board.slice_my_version', { slice: mine.title.slice(0, 104) }) } },
      }),
    )
    takeTheirs()
    toast.add({ severity: 'success', summary: t('board.yours_is_a_circuit_of_its'), detail: copy.title, life: 6000 })
    await board.autosave.save()
    await router.push({ name: 'circuits' })
  } catch (error) {
    toast.add({ severity: 'warn', summary: t('board.not_saved_yet'), detail: wording(error), life: 6000 })
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
    :header="$t('board.a_newer_version_was_saved')"
    :style="{ width: 'min(36rem, 94vw)' }"
  >
    <template v-if="conflict">
      <p>
        {{
          $t('board.updated_by_saved_title_on_updated_at_after', {
            updated_by: conflict.updated_by,
            title: conflict.title,
            updated_at: dayText(conflict.updated_at),
          })
        }}
      </p>
      <div class="choices">
        <Button :label="$t('board.keep_mine')" autofocus @click="keepMine" />
        <span class="small quiet">{{ $t('board.saved_on_top_theirs_stays_in') }}</span>
        <Button :label="$t('board.take_theirs')" severity="secondary" variant="outlined" @click="takeTheirs" />
        <span class="small quiet">{{ $t('board.yours_comes_back_with_undo') }}</span>
        <Button
          :label="$t('board.save_mine_as_a_copy')"
          severity="secondary"
          variant="outlined"
          :loading="busy"
          @click="saveCopy"
        />
        <span class="small quiet">{{ $t('board.two_circuits_side_by_side') }}</span>
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
