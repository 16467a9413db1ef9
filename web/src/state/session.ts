import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, ask, onSignedOut, Refusal } from '@/api/client'
import type { Session } from '@/api/types'

/** Who is signed in. */
export const useSession = defineStore('session', () => {
  const session = ref<Session | null>(null)
  const asked = ref(false)
  const signedIn = computed(() => session.value !== null)

  onSignedOut(() => (session.value = null))

  /** Asks the server once; afterwards what is known stands. */
  async function restore() {
    if (asked.value) return
    try {
      session.value = await ask(api.GET('/api/session'))
      asked.value = true
    } catch (error) {
      if (error instanceof Refusal) asked.value = true
      else throw error
    }
  }

  async function signIn(email: string, password: string) {
    session.value = await ask(api.POST('/api/session', { body: { email, password } }))
    asked.value = true
  }

  async function signOut() {
    await ask(api.DELETE('/api/session'))
    session.value = null
  }

  return { session, signedIn, restore, signIn, signOut }
})
