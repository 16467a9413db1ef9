<script setup lang="ts">
import { t } from '@/lib/text'
import Toast from 'primevue/toast'
import { useQueryClient } from '@tanstack/vue-query'
import { useToast } from 'primevue/usetoast'
import { watch } from 'vue'
import { RouterView, useRoute, useRouter } from 'vue-router'
import UndoOffer from '@/features/frame/UndoOffer.vue'
import AppMasthead from '@/features/frame/AppMasthead.vue'
import { useDelivering } from '@/lib/delivery/delivery'
import '@/features/frame/unsent'
import { usePreferences } from '@/lib/preferences'
import { listenToChanges } from '@/lib/changes'
import { useStaleQueries } from '@/lib/staleQueries'
import { loadPages } from './router'
import { prepareForOffline } from './lib/offline'
import { useSession } from '@/lib/session'

const route = useRoute()
const router = useRouter()
const session = useSession()
usePreferences()
useDelivering()
useStaleQueries(useQueryClient())

// A page that was not fetched before the server went away.
const toast = useToast()
router.onError(() =>
  toast.add({
    severity: 'warn',
    summary: t('app.the_server_does_not_answer'),
    detail: t('app.that_page_is_not_here_yet'),
    life: 5000,
  }),
)
watch(
  () => session.signedIn,
  (signedIn) => {
    listenToChanges(signedIn)
    if (signedIn) prepareForOffline(loadPages)
  },
  { immediate: true },
)

// A session that ends while somebody works: to the door, and back here afterwards.
watch(
  () => session.signedIn,
  (signedIn) => {
    if (!signedIn && !route.meta.open && route.name)
      router.push({ name: 'sign-in', query: session.left ? {} : { next: route.fullPath } })
  },
)
</script>

<template>
  <a v-if="!route.meta.bare" class="skip no-print" href="#main">{{ $t('app.to_the_content') }}</a>
  <AppMasthead v-if="!route.meta.bare && session.signedIn" class="no-print" />
  <main id="main" tabindex="-1">
    <RouterView :key="route.meta.stays ? String(route.name) : route.path" />
  </main>
  <UndoOffer />
  <Toast position="bottom-left" />
</template>

<style scoped>
main:focus {
  outline: none;
}
.skip {
  position: absolute;
  left: -100vw;
}
.skip:focus {
  left: var(--space-3);
  top: var(--space-2);
  z-index: 20;
  background: var(--paper-raised);
  padding: var(--space-2);
}
</style>
