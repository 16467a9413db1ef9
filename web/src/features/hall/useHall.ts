import { onScopeDispose, ref, shallowRef, type Ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Hall, Run, RunEvent } from '@/lib/api/types'
import { changesOf } from '@/lib/running/fold'
import { heardTime, serverAhead } from '@/lib/running/serverTime'
import { timeNow } from '@/lib/timeSource'
import type { RunFeed } from '@/features/floor/useRunEvents'

const AGAIN_MS = 1500

const here = (events: RunEvent[]) => events.map((event) => ({ ...event, at_ms: event.at_ms - serverAhead() }))
const path = (code: string) => ({ params: { path: { code } } })

/** What a code shows, its events in this device's time. */
export async function fetchHall(code: string): Promise<Hall> {
  const asked = timeNow()
  const hall = await ask(api.GET('/api/hall/{code}', path(code)))
  heardTime(hall.now_ms, asked, timeNow())
  return { ...hall, events: here(hall.events) }
}

/** As the Floor takes it: a run without people. */
export const runOf = (code: string, hall: Hall) =>
  ({ ...hall, id: code, group_class_id: null, total_s: hall.preview.total_s }) as unknown as Run

/**
 * A run as the hall hears of it: the stream says that something happened, and what is asked for. It goes on by what it
 * knows while the network is away, and changes nothing.
 */
export function useHall(code: string, run: Readonly<Ref<Run>>, replan: () => unknown): RunFeed {
  const events = shallowRef<RunEvent[]>(run.value.events)
  const away = ref(false)
  const source = new EventSource(`/api/hall/${encodeURIComponent(code)}/stream`)
  onScopeDispose(() => source.close())

  let questions = 0
  let answered = 0
  async function fetch() {
    const question = ++questions
    const asked = timeNow()
    const told = await ask(api.GET('/api/hall/{code}/events', path(code)))
    heardTime(told.now_ms, asked, timeNow())
    // An older answer that was longer on its way than a newer one says less.
    if (question < answered) return
    answered = question
    events.value = here(told.events)
    if (changesOf(events.value) !== changesOf(run.value.events)) replan()
  }
  let again: ReturnType<typeof setTimeout> | undefined
  /** What cannot be asked for now is asked for a little later. */
  function hear() {
    clearTimeout(again)
    fetch().then(
      () => (away.value = false),
      () => {
        away.value = true
        again = setTimeout(hear, AGAIN_MS)
      },
    )
  }
  onScopeDispose(() => clearTimeout(again))
  source.onmessage = hear
  source.onopen = hear
  source.onerror = () => (away.value = true)

  const nothing = () => undefined
  return { events, untold: away, happen: nothing, takeBack: nothing, change: () => Promise.resolve() }
}
