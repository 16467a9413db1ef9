import { shallowRef, watch } from 'vue'
import type { LogSheet } from '@/api/types'
import { device } from '@/state/device'
import { outbox } from './outbox'
import { typingOf, type Typing } from './sheet'

/**
 * What is typed into a log sheet. It stays in this browser until the server has
 * it, so that a reload loses nothing. Typing over an older log is dropped when a
 * newer one has been written, unless it is still waiting to be sent.
 */
export function useTyping(sheet: LogSheet) {
  const key = `log.${sheet.run.id}`
  const kept = device.read<Typing>(key)
  const waits = outbox.waiting.value.some((item) => item.runId === sheet.run.id)
  const typing = shallowRef(kept && (waits || kept.log_version === sheet.log_version) ? kept : typingOf(sheet))
  const stop = watch(typing, (value) => device.write(key, value))

  function forget() {
    stop()
    device.drop(key)
  }

  return { typing, forget }
}
