import { t } from '@/lib/text'
import { useTimeoutPoll } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Level, Tick } from '@/lib/api/types'
import { delivery } from '@/lib/delivery/delivery'
import { useChangesOf } from '@/lib/changes'
import { taps } from './delivery'

const ASK_MS = 2500

/**
 * Rounds and reps counted during a run, a tap at a time. A tap counts at once
 * and is kept in this browser until the server has it; other devices' taps are
 * fetched in between. Each carries its own key, so that nothing counts twice.
 */
export function useTicks(runId: string) {
  const known = shallowRef<Tick[]>([])
  const unknown = ref(false)
  const mine = computed(() => taps.items.value.map((item) => item.body).filter((tap) => tap.runId === runId))
  /** The server is away, so that what others counted is not seen, or what is counted here is not there yet. */
  const away = computed(() => unknown.value || (delivery.away.value && mine.value.length > 0))

  const standing = computed(() => {
    const confirmed = new Set(known.value.map((tick) => tick.client_key))
    const undone = new Set(mine.value.flatMap((tap) => ('undone' in tap ? tap.undone : [])))
    const added = mine.value.flatMap((tap) => ('entry' in tap && !confirmed.has(tap.entry.client_key) ? tap.entry : []))
    return [...known.value, ...added].filter((tick) => !undone.has(tick.client_key))
  })

  function add(tick: { block: string; level: Level; amount: number; station?: string; person_id?: string }) {
    const client_key = crypto.randomUUID()
    void taps.put(`${runId}/${client_key}`, t('floor.a_count'), { runId, entry: { ...tick, client_key } })
  }

  /** Takes back the last tap that answers to a question. */
  function undo(
    which: (tick: { block: string; level: Level; station?: string | null; person_id?: string | null }) => boolean,
  ) {
    const last = standing.value.findLast(which)
    if (!last) return
    void taps.put(`${runId}/${last.client_key}/undo`, t('floor.a_count'), { runId, undone: last.client_key })
  }

  onScopeDispose(
    taps.on((item, outcome) => {
      if (item.body.runId !== runId) return
      if (outcome.kind === 'sent') known.value = outcome.data.ticks
    }),
  )

  async function fetch() {
    try {
      known.value = (await ask(api.GET('/api/runs/{id}/ticks', { params: { path: { id: runId } } }))).ticks
      unknown.value = false
    } catch {
      unknown.value = true
    }
  }

  useTimeoutPoll(async () => {
    if (unknown.value) await fetch()
  }, ASK_MS)
  void fetch()
  useChangesOf('runs', runId, fetch)

  const sum = (
    which: (tick: { block: string; level: Level; station?: string | null; person_id?: string | null }) => boolean,
  ) => standing.value.filter(which).reduce((total, tick) => total + tick.amount, 0)

  return { add, undo, sum, away }
}
