<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { api, ask } from '@/lib/api/client'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'

// The stand-in for a mail server: what would have been sent. Links in a mail are
// opened from here.
const box = useQuery({
  queryKey: ['mailbox'],
  queryFn: () => ask(api.GET('/api/mailbox')),
  refetchInterval: 5000,
})
async function empty() {
  await ask(api.DELETE('/api/mailbox'))
  await box.refetch()
}
const parts = (body: string) => body.split(/(https?:\/\/\S+)/g).map((text) => ({ text, link: /^https?:/.test(text) }))
</script>

<template>
  <div class="page">
    <div class="row spread">
      <h1>{{ $t('studio.mailbox') }}</h1>
      <Button
        :label="$t('studio.empty_it')"
        variant="outlined"
        severity="secondary"
        :disabled="!box.data.value?.mails.length"
        @click="empty"
      />
    </div>
    <p class="quiet">{{ $t('studio.no_mail_server_is_set_so') }}</p>
    <PageState :loading="box.isPending.value" :error="box.error.value" @retry="box.refetch()">
      <p v-if="!box.data.value?.mails.length" class="quiet">{{ $t('studio.nothing_yet') }}</p>
      <article v-for="mail in box.data.value?.mails ?? []" :key="mail.id">
        <h2>{{ mail.subject }}</h2>
        <p class="small quiet">{{ $t('studio.to_to_at', { to: mail.to, at: dayText(mail.at) }) }}</p>
        <p class="body">
          <template v-for="(part, index) in parts(mail.body)" :key="index"
            ><a v-if="part.link" :href="part.text">{{ part.text }}</a
            ><template v-else>{{ part.text }}</template></template
          >
        </p>
      </article>
    </PageState>
  </div>
</template>

<style scoped>
article {
  border-top: 1px solid var(--rule);
  padding: var(--space-3) 0;
}
.body {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
