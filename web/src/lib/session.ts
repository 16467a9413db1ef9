import { measureIn } from './units'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, ask, noteEntry, onSignedOut, Refusal } from '@/lib/api/client'
import { seen } from './api/seen'
import type { Session } from '@/lib/api/types'
import { writeDates } from './clockText'
import { kept } from '@/lib/delivery/kept'

/** Who is signed in. */
export const useSession = defineStore('session', () => {
  const session = ref<Session | null>(null)
  const asked = ref(false)
  /** Whether whoever was here has signed out, and is not to come back to where they were. */
  const left = ref(false)
  const signedIn = computed(() => session.value !== null)
  const role = computed(() => session.value?.instructor.role)
  /** Whether they plan classes; a helper checks in and logs. */
  const plans = computed(() => role.value !== 'helper')

  onSignedOut(() => {
    session.value = null
    void seen.forget()
  })

  /** Somebody is in: what is kept on this device is theirs, and days are written as their studio writes them. */
  async function entered(now: Session) {
    noteEntry()
    await kept.belongsTo(now.instructor.id)
    session.value = now
    asked.value = true
    left.value = false
    seen.write('/api/session', now)
    writeDates(now.studio.date_locale, now.studio.time_zone)
    measureIn(now.studio.units)
  }

  /** Asks the server once; afterwards what is known stands. */
  async function restore() {
    if (asked.value) return
    try {
      await entered(await ask(api.GET('/api/session')))
    } catch (error) {
      if (error instanceof Refusal) {
        asked.value = true
        return
      }
      // Without a network whoever was signed in on this device goes on, and the server is asked again at the next page.
      const before = await seen.read<Session>('/api/session')
      if (!before) throw error
      await entered(before)
      asked.value = false
    }
  }

  /** Asks again, after a name or the studio's settings were changed. */
  async function refresh() {
    await entered(await ask(api.GET('/api/session')))
  }

  /** @returns whether a code is asked for next */
  async function signIn(email: string, password: string): Promise<boolean> {
    const answer = await ask(api.POST('/api/session', { body: { email, password } }))
    if ('second_factor' in answer) return true
    await entered(answer)
    return false
  }

  async function giveCode(code: string) {
    await entered(await ask(api.POST('/api/session/second-factor', { body: { code } })))
  }

  /** Signs out, and leaves nothing of this person on the device. */
  async function signOut() {
    await ask(api.DELETE('/api/session'))
    await leave()
  }

  /** The session is over on the server already. */
  async function leave() {
    left.value = true
    session.value = null
    await seen.forget()
    await kept.forget()
  }

  return { session, signedIn, left, role, plans, restore, refresh, entered, signIn, giveCode, signOut, leave }
})
