import { plural, t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import { useTimeoutFn } from '@vueuse/core'
import { useToast } from 'primevue/usetoast'
import { computed, ref, watch } from 'vue'
import { api, ask, Refusal, wording } from '@/lib/api/client'
import { useHouse } from '@/lib/api/queries'
import type { House, HouseStandards, Touched } from '@/lib/api/types'

import type { Picks } from '@/lib/conflict'
import { readable } from '@/lib/readable'
import { useVersioned } from '@/lib/useVersioned'
import { BANDS, BY_LEVEL, differences, SINGLES } from './fields'

export type Keyed = Record<string, unknown>

/**
 * The numbers a studio plans with, as typed. Before a change is kept, it says
 * which circuits it would touch; only those that are ticked come along.
 */
export function useStandards() {
  const query = useHouse()
  const queries = useQueryClient()
  const toast = useToast()
  const typed = ref<House>({})
  const errors = ref(new Map<string, string>())
  const touched = ref<Touched[]>([])
  const bring = ref(new Set<string>())
  const looking = ref(false)
  const problem = ref('')

  const defaults = computed(() => query.data.value?.defaults ?? {})
  const stored = computed(() => query.data.value?.house ?? {})
  const given = computed(() => differences(typed.value, defaults.value))
  const dirty = computed(
    () => JSON.stringify(given.value) !== JSON.stringify(differences(stored.value, defaults.value)),
  )
  /** The version that is typed on: what somebody else saves meanwhile takes nothing of the typing away. */
  const version = ref(1)
  let opened: House = {}
  const asStored = (house: House) => JSON.stringify(differences(house, defaults.value))
  watch(stored, (_now, before) => (before && asStored(typed.value) !== asStored(before) ? undefined : reset()), {
    immediate: true,
  })

  function reset() {
    version.value = query.data.value?.version ?? 1
    opened = differences(stored.value, defaults.value)
    typed.value = JSON.parse(JSON.stringify(stored.value)) as House
    errors.value = new Map()
    touched.value = []
    problem.value = ''
  }

  function change(work: (draft: Keyed) => void) {
    const draft = JSON.parse(JSON.stringify(typed.value)) as Keyed
    work(draft)
    typed.value = draft as House
  }

  const { start: lookSoon } = useTimeoutFn(look, 250, { immediate: false })
  // From the first key on the answer is awaited: nobody keeps what they were not shown.
  watch(given, () => {
    looking.value = dirty.value
    if (dirty.value) return lookSoon()
    touched.value = []
    errors.value = new Map()
  })

  async function look() {
    looking.value = true
    problem.value = ''
    try {
      touched.value = (await ask(api.POST('/api/house/touches', { body: { house: given.value } }))).circuits
      bring.value = new Set(touched.value.map((circuit) => circuit.id))
      errors.value = new Map()
    } catch (error) {
      touched.value = []
      if (error instanceof Refusal) errors.value = error.fields('/house')
      else problem.value = wording(error)
    } finally {
      looking.value = false
    }
  }

  const versioned = useVersioned<House, HouseStandards>({
    labels: {
      ...Object.fromEntries([...SINGLES, ...BY_LEVEL, ...BANDS].map((field) => [field.key, field.label])),
      depth: t('standards.depth_of_a_squat'),
    },
    show: (body, over) => {
      typed.value = body
      version.value = over
    },
    opened: () => opened,
    put: async (house, over) => {
      const answer = await ask(api.PUT('/api/house', { body: { house, bring: [...bring.value], version: over } }))
      const brought = bring.value.size
      queries.setQueryData(['house'], answer)
      reset()
      await queries.invalidateQueries({ queryKey: ['workouts'] })
      toast.add({
        severity: 'success',
        summary: t('common.saved'),
        detail: t('standards.plural_updated', { plural: plural(brought, 'circuit') }),
        life: 4000,
      })
    },
    read: (theirs) => ({ body: theirs.house, version: theirs.version }),
    words: (value) =>
      value === undefined || value === null ? t('standards.the_default') : readable(JSON.stringify(value)),
  })

  const save = () => attempt(() => versioned.save(given.value, version.value))
  const resolve = (picks: Picks) => attempt(() => versioned.resolve(picks))

  async function attempt(work: () => Promise<unknown>) {
    try {
      await work()
    } catch (error) {
      if (error instanceof Refusal) errors.value = error.fields('/house')
      problem.value = wording(error)
    }
  }

  function toggle(id: string) {
    const next = new Set(bring.value)
    if (!next.delete(id)) next.add(id)
    bring.value = next
  }

  const errorBelow = (pointer: string) => {
    for (const [place, message] of errors.value)
      if (place === pointer || place.startsWith(`${pointer}/`)) return message
    return undefined
  }

  return {
    query,
    typed,
    defaults,
    errors,
    touched,
    bring,
    looking,
    problem,
    dirty,
    reset,
    change,
    save,
    versioned,
    resolve,
    toggle,
    errorBelow,
  }
}

export type Standards = ReturnType<typeof useStandards>
