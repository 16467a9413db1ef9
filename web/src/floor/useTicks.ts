import { useTimeoutPoll } from '@vueuse/core'
import { computed, shallowRef } from 'vue'
import { api, ask, Refusal } from '@/api/client'
import type { Level, Tick, TickEntry } from '@/api/types'
import { useChangesOf } from '@/state/changes'
import { device } from '@/state/device'

const SEND_MS = 2500

interface Kept {
  /** Taps that the server has not confirmed. */
  waiting: TickEntry[]
  /** Taps taken back that it has not been told of. */
  undone: string[]
}

/**
 * Rounds and reps counted during a run, a tap at a time. A tap counts at once
 * and is kept in this browser until the server has it; other devices' taps are
 * fetched in between. Each carries its own key, so that nothing counts twice.
 */
export function useTicks(runId: string) {
  const key = `ticks.${runId}`
  const known = shallowRef<Tick[]>([])
  const kept = shallowRef<Kept>(read())
  const away = shallowRef(false)

  const standing = computed(() => {
    const confirmed = new Set(known.value.map((tick) => tick.client_key))
    const mine = kept.value.waiting.filter((entry) => !confirmed.has(entry.client_key))
    return [...known.value, ...mine].filter((tick) => !kept.value.undone.includes(tick.client_key))
  })

  function read(): Kept {
    return device.read<Kept>(key) ?? { waiting: [], undone: [] }
  }

  function keep(next: Kept) {
    kept.value = next
    if (next.waiting.length || next.undone.length) device.write(key, next)
    else device.drop(key)
  }

  function add(tick: { block: string; lane: Level; amount: number; station?: string; person_id?: string }) {
    keep({ ...kept.value, waiting: [...kept.value.waiting, { ...tick, client_key: crypto.randomUUID() }] })
    void send()
  }

  /** Takes back the last tap that answers to a question. */
  function undo(
    which: (tick: { block: string; lane: Level; station?: string | null; person_id?: string | null }) => boolean,
  ) {
    const last = standing.value.findLast(which)
    if (!last) return
    keep({ ...kept.value, undone: [...kept.value.undone, last.client_key] })
    void send()
  }

  let sending = false
  async function send() {
    if (sending) return
    sending = true
    try {
      for (const entry of kept.value.waiting) {
        await settle(() => ask(api.POST('/api/runs/{id}/ticks', { params: { path: { id: runId } }, body: entry })))
        keep({ ...kept.value, waiting: kept.value.waiting.filter((other) => other.client_key !== entry.client_key) })
      }
      for (const client_key of kept.value.undone) {
        await settle(() =>
          ask(api.DELETE('/api/runs/{id}/ticks/{key}', { params: { path: { id: runId, key: client_key } } })),
        )
        keep({ ...kept.value, undone: kept.value.undone.filter((other) => other !== client_key) })
      }
      known.value = (await ask(api.GET('/api/runs/{id}/ticks', { params: { path: { id: runId } } }))).ticks
      away.value = false
    } catch {
      away.value = true
    } finally {
      sending = false
    }
  }

  /** A refusal is an answer: that tap is not asked again. Anything else waits. */
  async function settle(request: () => Promise<{ ticks: Tick[] }>) {
    try {
      known.value = (await request()).ticks
    } catch (error) {
      if (error instanceof Refusal && error.status < 500 && ![401, 429].includes(error.status)) return
      throw error
    }
  }

  useTimeoutPoll(async () => {
    if (away.value || kept.value.waiting.length || kept.value.undone.length) await send()
  }, SEND_MS)
  void send()
  useChangesOf('runs', runId, send)

  const sum = (
    which: (tick: { block: string; lane: Level; station?: string | null; person_id?: string | null }) => boolean,
  ) => standing.value.filter(which).reduce((total, tick) => total + tick.amount, 0)

  return { add, undo, sum, away }
}
