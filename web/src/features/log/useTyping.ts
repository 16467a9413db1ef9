import { shallowRef, watch } from 'vue'
import type { LogSheet } from '@/lib/api/types'
import { kept } from '@/lib/delivery/kept'
import { logs } from './delivery'
import { typingOf, type Typing } from './sheet'

/**
 * What is typed into a log sheet. It stays in this browser until the server has
 * it, so that a reload loses nothing. Typing over an older log is dropped when a
 * newer one has been written, unless it is still waiting to be sent.
 */
export function useTyping(sheet: LogSheet) {
  const key = `log.${sheet.run.id}`
  const held = kept.read<Typing>(key)
  const waits = Boolean(logs.get(sheet.run.id))
  const typing = shallowRef(held && (waits || held.log_version === sheet.log_version) ? held : typingOf(sheet))
  const stop = watch(typing, (value) => kept.write(key, value))

  function forget() {
    stop()
    kept.drop(key)
  }

  return { typing, forget }
}
