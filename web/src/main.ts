import '@fontsource-variable/libre-franklin'
import '@fontsource-variable/besley'
import 'primeicons/primeicons.css'
import 'virtual:theme.css'
import '@/styles/tokens.css'
import '@/styles/base.css'
import '@/styles/ledger.css'
import '@/styles/once'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import ToastService from 'primevue/toastservice'
import { createApp } from 'vue'
import App from './App.vue'
import { Refusal } from '@/lib/api/client'
import { i18n } from '@/lib/text'
import { router } from './router'

const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce

createApp(App)
  .use(createPinia())
  .use(i18n)
  .use(router)
  .use(VueQueryPlugin, {
    queryClientConfig: {
      defaultOptions: {
        queries: {
          networkMode: 'always',
          retry: (count, error) => !(error instanceof Refusal) && count < 2,
          refetchOnWindowFocus: true,
          staleTime: 2_000,
        },
      },
    },
  })
  .use(PrimeVue, { theme: 'none', csp: { nonce } })
  .use(ToastService)
  .mount('#app')
