import { useQueryClient } from '@tanstack/vue-query'
import { useToast } from 'primevue/usetoast'
import { useRouter } from 'vue-router'
import { api, ask, Refusal, wording } from '@/lib/api/client'
import { t } from '@/lib/text'

/** Circuits leave and enter as files, and as links inside the studio. */
export function useCircuitFiles() {
  const router = useRouter()
  const toast = useToast()
  const queries = useQueryClient()
  const warn = (detail: string) =>
    toast.add({ severity: 'warn', summary: t('circuits.this_file_was_not_taken'), detail, life: 9000 })

  /** Where in the file, and what: the first few. */
  function told(refusal: Refusal): string {
    const lines = [...refusal.fields()].map(
      ([pointer, message]) => `${pointer.replace(/^\/file/, '') || '/'} ${message}`,
    )
    return lines.length ? lines.slice(0, 4).join(' · ') : wording(refusal)
  }

  async function open(file: File) {
    let read: unknown
    try {
      read = JSON.parse(await file.text())
    } catch {
      warn(t('circuits.is_not_json'))
      return
    }
    try {
      const { workout, movements_added: added } = await ask(
        api.POST('/api/workouts/import', { body: { file: read as Record<string, never> } }),
      )
      if (added.length) await queries.invalidateQueries({ queryKey: ['movements'] })
      await queries.invalidateQueries({ queryKey: ['workouts'] })
      toast.add({
        severity: 'success',
        summary: t('circuits.title_is_taken_in', { title: workout.title }),
        detail: added.length ? t('circuits.with_movements', { movements: added.join(', ') }) : undefined,
        life: 6000,
      })
      await router.push({ name: 'board', params: { id: workout.id } })
    } catch (error) {
      warn(error instanceof Refusal ? told(error) : wording(error))
    }
  }

  async function copyLink(id: string) {
    await navigator.clipboard.writeText(
      new URL(router.resolve({ name: 'use-circuit', params: { id } }).href, location.origin).href,
    )
    toast.add({ severity: 'success', summary: t('circuits.the_link_is_on_the_clipboard'), life: 4000 })
  }

  return { open, copyLink }
}
