<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useToast } from 'primevue/usetoast'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import type { StudioSettings } from '@/lib/api/types'
import { useSession } from '@/lib/session'
import { t } from '@/lib/text'
import { useAttempt } from '@/lib/useAttempt'
import SecretField from '@/ui/SecretField.vue'
import TextField from '@/ui/TextField.vue'

// The end of a studio, or of the demo: with its name typed, and the password.
const props = defineProps<{ studio: StudioSettings }>()
const queries = useQueryClient()
const router = useRouter()
const session = useSession()
const toast = useToast()

const ending = ref(false)
const typed = ref('')
const password = ref('')
const end = useAttempt()
const remove = () =>
  end.attempt(async () => {
    await ask(api.DELETE('/api/studio', { body: { name: typed.value, password: password.value } }))
    const demo = props.studio.demo
    await session.leave()
    queries.clear()
    await router.push({ name: demo ? 'setup' : 'sign-in' })
    toast.add({
      severity: 'success',
      summary: demo ? t('studio.the_demo_is_gone') : t('studio.the_studio_is_deleted'),
      life: 6000,
    })
  })
</script>

<template>
  <div>
    <section aria-labelledby="end">
      <h2 id="end">
        {{ studio.demo ? $t('studio.throw_the_demo_away') : $t('studio.delete_the_studio') }}
      </h2>
      <p class="small quiet">
        {{
          studio.demo ? $t('studio.the_made_up_people_circuits_and') : $t('studio.everything_of_this_studio_is_gone')
        }}
      </p>
      <Button
        :label="studio.demo ? $t('studio.throw_the_demo_away_2') : $t('studio.delete_the_studio_2')"
        severity="warn"
        variant="outlined"
        @click="ending = true"
      />
    </section>
    <Dialog
      v-model:visible="ending"
      modal
      :header="studio.demo ? $t('studio.throw_the_demo_away') : $t('studio.delete_the_studio')"
      :style="{ width: 'min(32rem, 96vw)' }"
    >
      <form class="form" novalidate @submit.prevent="remove">
        <p>
          {{ $t('studio.there_is_no_way_back_type') }} <b>{{ studio.name }}</b>{{ $t('studio.and_your_password') }}
        </p>
        <TextField
          v-model="typed"
          :label="$t('studio.name_of_the_studio')"
          :error="end.errors.value.get('/name')"
          autofocus
        />
        <SecretField
          v-model="password"
          :label="$t('studio.password')"
          autocomplete="current-password"
          :error="end.errors.value.get('/password')"
        />
        <p class="row">
          <Button :label="$t('studio.keep_it')" severity="secondary" variant="outlined" @click="ending = false" />
          <Button
            type="submit"
            :label="$t('studio.delete_for_good')"
            severity="warn"
            :loading="end.busy.value"
            :disabled="typed.trim() !== studio.name || !password"
          />
        </p>
      </form>
    </Dialog>
  </div>
</template>

<style scoped>
section {
  border-top: 1px solid var(--rule);
  margin-top: var(--space-5);
  padding-top: var(--space-4);
}
section,
.form {
  display: grid;
  gap: var(--space-3);
  justify-items: start;
}
.form {
  justify-items: stretch;
  max-width: 30rem;
}
</style>
