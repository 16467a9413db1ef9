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
    header="Not everything has reached the server"
    :style="{ width: 'min(32rem, 96vw)' }"
  >
    <p v-if="problem" class="warn-text" role="alert">You are still signed in: {{ problem }}</p>
    <template v-if="waiting.length">
      <p>Signing out removes everything of yours from this device. The server has not got:</p>
      <ul>
        <li v-for="line in waiting" :key="line">{{ line }}</li>
      </ul>
    </template>
    <div class="row end">
      <Button label="Stay signed in" autofocus @click="asking = false" />
      <Button
        :label="waiting.length ? 'Sign out and lose it' : 'Try again'"
        severity="warn"
        variant="outlined"
        :loading="busy"
        @click="leave"
      />
    </div>
  </Dialog>
</template>

<style scoped>
.end {
  justify-content: flex-end;
}
</style>
