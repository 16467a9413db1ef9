import { shallowRef, watch } from 'vue'
import type { LogSheet } from '@/api/types'
import { outbox } from './outbox'
import { typingOf, type Typing } from './sheet'

/**
 * What is typed into a log sheet. It stays in this browser until the server has
 * it, so that a reload loses nothing. Typing over an older log is dropped when a
 * newer one has been written, unless it is still waiting to be sent.
 */
export function useTyping(sheet: LogSheet) {
  const key = `sparrow.log.${sheet.run.id}`
  const kept = read(key)
  const waits = outbox.waiting.value.some((item) => item.runId === sheet.run.id)
  const typing = shallowRef(kept && (waits || kept.log_version === sheet.log_version) ? kept : typingOf(sheet))
  const stop = watch(typing, (value) => localStorage.setItem(key, JSON.stringify(value)))

  function forget() {
    stop()
    localStorage.removeItem(key)
  }

  return { typing, forget }
}

function read(key: string): Typing | null {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as Typing | null
  } catch {
    return null
  }
}
