<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { wording } from '@/lib/api/client'
import { delivery } from '@/lib/delivery/delivery'
import { useSession } from '@/lib/session'
import { unsent } from './unsent'

// Signing out leaves nothing of a person on this device. What the server has not
// got yet would be lost with it, so that is asked about first.
const router = useRouter()
const queries = useQueryClient()
const session = useSession()
const waiting = ref<string[]>([])
const asking = ref(false)
const problem = ref('')
const busy = ref(false)

async function leave() {
  busy.value = true
  problem.value = ''
  try {
    await session.signOut()
    queries.clear()
    asking.value = false
    await router.push({ name: 'sign-in' })
  } catch (error) {
    problem.value = wording(error)
    asking.value = true
  } finally {
    busy.value = false
  }
}

/** Sends what it can first; asks where something stays. */
async function start() {
  busy.value = true
  await delivery.flush()
  busy.value = false
  waiting.value = unsent()
  if (waiting.value.length) asking.value = true
  else await leave()
}
defineExpose({ start })
</script>

<template>
  <Dialog
    v-model:visible="asking"
    modal
    :header="$t('frame.not_everything_has_reached_the_server')"
    :style="{ width: 'min(32rem, 96vw)' }"
  >
    <p v-if="problem" class="warn-text" role="alert">{{ $t('frame.you_are_still_signed_in_problem', { problem }) }}</p>
    <template v-if="waiting.length">
      <p>{{ $t('frame.signing_out_removes_everything_of_yours') }}</p>
      <ul>
        <li v-for="line in waiting" :key="line">{{ line }}</li>
      </ul>
    </template>
    <div class="row dialog-buttons">
      <Button :label="$t('frame.stay_signed_in')" autofocus @click="asking = false" />
      <Button
        :label="waiting.length ? $t('frame.sign_out_and_lose_it') : $t('frame.try_again')"
        severity="warn"
        variant="outlined"
        :loading="busy"
        @click="leave"
      />
    </div>
  </Dialog>
</template>
