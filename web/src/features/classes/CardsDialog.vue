<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useAttempt } from '@/lib/useAttempt'

// Each participant's card on their own phone: a link that expires, or its code.
const visible = defineModel<boolean>('visible', { required: true })
const props = defineProps<{ id: string }>()
const queries = useQueryClient()
const { attempt, busy } = useAttempt()
const shown = ref<string | null>(null)
const params = { path: { id: props.id } }
const cards = useQuery({
  queryKey: ['cards', props.id],
  queryFn: () => ask(api.GET('/api/classes/{id}/cards', { params })),
  enabled: visible,
  gcTime: 0,
})
const code = useQuery({
  queryKey: computed(() => ['cards', props.id, 'code', shown.value]),
  queryFn: async () => {
    const path = { id: props.id, person: shown.value ?? '' }
    return (await ask(api.GET('/api/classes/{id}/cards/{person}/code', { params: { path } }))).svg
  },
  enabled: computed(() => visible.value && shown.value !== null),
  gcTime: 0,
})
const picture = (svg: string) => `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`
const openEntries = (open: boolean) =>
  attempt(async () => {
    await ask(api.PUT('/api/classes/{id}/own-entries', { params, body: { open } }))
    await queries.invalidateQueries({ queryKey: ['cards', props.id] })
  })
const renew = () =>
  attempt(async () => {
    await ask(api.DELETE('/api/classes/{id}/cards', { params }))
    await queries.invalidateQueries({ queryKey: ['cards', props.id] })
  })
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="$t('classes.cards_on_phones')"
    :style="{ width: 'min(40rem, 96vw)' }"
  >
    <p class="small quiet">
      {{ $t('classes.a_link_opens_one_persons_own') }}
      <template v-if="cards.data.value?.cards[0]">
        {{ $t('classes.until_expires_at', { expires_at: dayText(cards.data.value.cards[0].expires_at) }) }}</template>.
    </p>
    <PageState :loading="cards.isPending.value" :error="cards.error.value" @retry="cards.refetch()">
      <label class="row entries"
        ><Checkbox
          :model-value="cards.data.value?.own_entries ?? false"
          binary
          :disabled="busy"
          @update:model-value="openEntries"
        />{{ $t('classes.they_may_enter_what_they_did') }}</label
      >
      <ul class="cards">
        <li v-for="card in cards.data.value?.cards ?? []" :key="card.person_id">
          <span class="row spread">
            <a :href="card.url" target="_blank">{{ card.name }}</a>
            <Button
              :label="shown === card.person_id ? $t('classes.hide_the_code') : $t('classes.show_the_code')"
              :aria-label="
                $t('classes.n_of_name', {
                  n: shown === card.person_id ? $t('classes.hide_the_code') : $t('classes.show_the_code'),
                  name: card.name,
                })
              "
              size="small"
              variant="outlined"
              @click="shown = shown === card.person_id ? null : card.person_id"
            />
          </span>
          <template v-if="shown === card.person_id">
            <img
              v-if="code.data.value"
              :src="picture(code.data.value)"
              :alt="$t('classes.code_of_name_s_card', { name: card.name })"
            />
            <p v-else class="small quiet">{{ $t('classes.drawing_it') }}</p>
          </template>
        </li>
      </ul>
      <p v-if="!cards.data.value?.cards.length" class="quiet">{{ $t('classes.nobody_is_on_the_roster') }}</p>
    </PageState>
    <div class="row dialog-buttons">
      <Button
        :label="$t('classes.make_all_links_void')"
        severity="secondary"
        variant="outlined"
        :loading="busy"
        @click="renew"
      />
    </div>
  </Dialog>
</template>

<style scoped>
.entries {
  margin: var(--space-3) 0;
}
.cards {
  list-style: none;
  padding: 0;
}
.cards li {
  border-bottom: 1px solid var(--rule-soft);
  padding: var(--space-1) 0;
}
img {
  width: 14rem;
  max-width: 100%;
  background: #fff;
}
</style>
