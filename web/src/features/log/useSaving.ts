import { t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import { useToast } from 'primevue/usetoast'
import { computed, onUnmounted, ref, shallowRef, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import type { LogSheet } from '@/lib/api/types'
import { logs } from './delivery'
import { attendancesOf, type Typing } from './sheet'

/**
 * Hands a log over, and keeps it until the server has taken it.
 * @param reload asks for the log anew, without what was typed
 * @param written what was typed is the server's now
 */
export function useSaving(sheet: LogSheet, typing: Ref<Typing>, reload: () => void, written: () => void) {
  const router = useRouter()
  const toast = useToast()
  const queries = useQueryClient()
  const errors = shallowRef(new Map<string, string>())
  /** A log of this run that was refused: it stays here until somebody has decided. */
  const mine = computed(() => logs.get(sheet.run.id))
  const refused = computed(() => mine.value?.refused)
  const conflict = computed(() => (refused.value?.status === 409 ? refused.value.problem : null))
  const sending = ref(false)
  const waits = computed(() => Boolean(mine.value && !refused.value))
  async function save() {
    if (sending.value) return
    sending.value = true
    errors.value = new Map()
    const body = {
      submission_id: crypto.randomUUID(),
      log_version: typing.value.log_version,
      note: typing.value.note,
      attendances: attendancesOf(typing.value),
    }
    await logs.put(sheet.run.id, sheet.run.title, body)
    sending.value = false
  }

  const off = logs.on((item, outcome) => {
    if (item.key !== sheet.run.id) return
    if (outcome.kind === 'sent') {
      written()
      void queries.invalidateQueries({ queryKey: ['runs'] })
      void queries.invalidateQueries({ queryKey: ['today'] })
      toast.add({ severity: 'success', summary: t('log.logged'), detail: sheet.run.title, life: 4000 })
      void router.push({ name: 'run', params: { id: item.key } })
    } else if (outcome.kind === 'refused') {
      if (outcome.refusal.status !== 409) errors.value = outcome.refusal.fields()
    }
  })
  onUnmounted(off)

  /** Over the log that somebody else wrote meanwhile. */
  function saveOver() {
    const theirs = (conflict.value as unknown as { theirs: LogSheet }).theirs
    typing.value = { ...typing.value, log_version: theirs.log_version }
    logs.drop(sheet.run.id)
    void save()
  }

  function takeTheirs() {
    logs.drop(sheet.run.id)
    reload()
  }

  return { save, saveOver, takeTheirs, sending, waits, refused, conflict, errors }
}
