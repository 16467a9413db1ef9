import { useTimeoutPoll } from '@vueuse/core'
import { v7 as uuid } from 'uuid'
import { computed, onScopeDispose, shallowRef, watch, type Ref } from 'vue'
import { fetchRunEvents, sendRunEvent } from '@/lib/api/runs'
import type { PlanChange, Run, RunEvent } from '@/lib/api/types'
import { useChangesOf } from '@/lib/changes'
import { delivery } from '@/lib/delivery/delivery'
import { kept } from '@/lib/delivery/kept'
import { changesOf } from '@/lib/running/fold'
import { serverAhead } from '@/lib/running/serverTime'
import { timeNow } from '@/lib/timeSource'
import { runEvents } from './delivery'

const ASK_MS = 2500

/** What happened in a run, here and on other devices. */
export interface RunFeed {
  events: Readonly<Ref<RunEvent[]>>
  /** The server does not answer, and has not been told of something. */
  untold: Readonly<Ref<boolean>>
  happen: (kind: RunEvent['kind'], more?: Partial<RunEvent>) => void
  takeBack: (id: string) => void
  /** A change of the plan: the server computes it, so that it must answer. */
  change: (changes: PlanChange[], atS: number) => Promise<void>
}

/** Of one event what was seen here counts: the server's time of it is some milliseconds off. */
const merged = (mine: RunEvent[], theirs: RunEvent[]) => [
  ...new Map([...theirs, ...mine].map((event) => [event.id, event])).values(),
]
/**
 * The events of a run. What happens here is kept in this browser at once and told to the server when it can be; what
 * happens elsewhere is asked for when the server says so. The server going away stops nothing.
 * @param replan asks for the run anew: its plan was changed while it ran
 */
export function useRunEvents(run: Readonly<Ref<Run>>, replan: () => unknown): RunFeed {
  const { id, title } = run.value
  const key = `events.${id}`
  const events = shallowRef(merged(kept.read<RunEvent[]>(key) ?? [], run.value.events))
  const mine = computed(() => runEvents.items.value.filter((item) => item.body.runId === id))

  function keep(next: RunEvent[]) {
    events.value = next
    kept.write(key, next)
  }

  const made = (kind: RunEvent['kind'], more: Partial<RunEvent>): RunEvent => ({
    // Ids grow with time, so that what happens in one millisecond keeps its order.
    id: uuid(),
    kind,
    at_ms: Math.round(timeNow()),
    ...more,
  })

  function happen(kind: RunEvent['kind'], more: Partial<RunEvent> = {}) {
    const event = made(kind, more)
    keep([...events.value, event])
    void runEvents.put(`${id}/${event.id}`, title, { runId: id, event, aheadMs: serverAhead() })
  }

  /** What happens here while the server answers stays: it is merged with what is there then, not when it was asked. */
  async function heard(asked: Promise<RunEvent[]>) {
    const theirs = await asked
    keep(merged(events.value, theirs))
  }

  const change = (changes: PlanChange[], atS: number) =>
    heard(sendRunEvent(id, made('changed', { changes, at_s: Math.round(atS * 1000) / 1000 })))

  onScopeDispose(
    runEvents.on(({ body }, outcome) => {
      if (body.runId === id && outcome.kind === 'refused')
        keep(events.value.filter((event) => event.id !== body.event.id))
    }),
  )
  useChangesOf('runs', id, () => heard(fetchRunEvents(id)))

  const behind = computed(() => changesOf(events.value) !== changesOf(run.value.events))
  watch(behind, (now) => now && replan(), { immediate: true })
  useTimeoutPoll(async () => {
    if (behind.value) await replan()
  }, ASK_MS)

  return {
    events,
    untold: computed(() => delivery.away.value && mine.value.length > 0),
    happen,
    takeBack: (of) => happen('taken_back', { of }),
    change,
  }
}
