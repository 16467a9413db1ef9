<script setup lang="ts">
import { plural } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import type { PersonWhole } from '@/lib/api/types'
import LevelMark from '@/ui/LevelMark.vue'
import PageState from '@/ui/PageState.vue'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import CapacityPicture from './CapacityPicture.vue'
import HealthForm from './HealthForm.vue'
import ProfileForm from './ProfileForm.vue'
import { SCREENING_WORDS } from './words'

const { id } = defineProps<{ id: string }>()

const router = useRouter()
const queries = useQueryClient()
const { attempt, busy } = useAttempt()
const person = useQuery({
  queryKey: ['person', id],
  queryFn: () => ask(api.GET('/api/people/{id}', { params: { path: { id } } })),
  refetchOnWindowFocus: false,
})

function changed(now: PersonWhole) {
  queries.setQueryData(['person', id], now)
  void queries.invalidateQueries({ queryKey: ['people'] })
  void queries.invalidateQueries({ queryKey: ['classes'] })
}

const erasing = ref(false)
const typed = ref('')
const erase = () =>
  attempt(async () => {
    await ask(api.DELETE('/api/people/{id}', { params: { path: { id } } }))
    await queries.invalidateQueries()
    await router.push({ name: 'people' })
  })
</script>

<template>
  <div class="page">
    <p class="small">
      <RouterLink :to="{ name: 'people' }">{{ $t('common.people') }}</RouterLink>
    </p>
    <PageState :loading="person.isPending.value" :error="person.error.value" @retry="person.refetch()">
      <template v-if="person.data.value">
        <div class="row spread">
          <h1>{{ person.data.value.name }}</h1>
          <span class="row">
            <LevelMark :level="person.data.value.level" />
            <span class="small quiet">{{ plural(person.data.value.attended, 'class') }}</span>
          </span>
        </div>
        <p
          class="small"
          :class="['not_asked', 'see_instructor'].includes(person.data.value.screening) ? 'warn-text' : 'quiet'"
        >
          {{ SCREENING_WORDS[person.data.value.screening]
          }}<template v-if="person.data.value.new">{{ $t('people.new_2') }}</template
          ><template v-if="person.data.value.archived">{{ $t('people.archived_3') }}</template>
        </p>
        <div class="columns">
          <ProfileForm :person="person.data.value" @saved="changed" />
          <HealthForm :person="person.data.value" @saved="changed" />
        </div>
        <CapacityPicture :person="person.data.value" />
        <section :aria-label="$t('people.their_data')" class="data">
          <h2>{{ $t('people.their_data') }}</h2>
          <p class="small quiet">{{ $t('people.everything_kept_of_them_can_be') }}</p>
          <p class="row">
            <a :href="`/api/people/${id}/export`" download="person.json">{{ $t('people.everything_as_a_file') }}</a>
            <Button
              :label="$t('people.erase_everything')"
              severity="warn"
              variant="outlined"
              size="small"
              @click="erasing = true"
            />
          </p>
        </section>
        <Dialog
          v-model:visible="erasing"
          modal
          :header="$t('people.erase_everything_2')"
          :style="{ width: 'min(30rem, 96vw)' }"
        >
          <form class="form" novalidate @submit.prevent="erase">
            <p>
              {{ $t('people.name_their_limits_benchmarks_logged_classes', { name: person.data.value.name }) }}
            </p>
            <TextField v-model="typed" :label="$t('people.type_their_name_to_confirm')" autofocus />
            <div class="row dialog-buttons">
              <Button
                :label="$t('people.keep_them')"
                severity="secondary"
                variant="outlined"
                @click="erasing = false"
              />
              <Button
                type="submit"
                :label="$t('people.erase')"
                severity="warn"
                :disabled="typed.trim() !== person.data.value.name"
                :loading="busy"
              />
            </div>
          </form>
        </Dialog>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(26rem, 100%), 1fr));
  gap: var(--space-5) var(--space-6);
  margin: var(--space-4) 0 var(--space-5);
}
.data {
  border-top: 2px solid var(--ink);
  padding-top: var(--space-3);
  margin-top: var(--space-5);
}
.form {
  display: grid;
  gap: var(--space-3);
}
</style>
