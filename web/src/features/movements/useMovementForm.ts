import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useToast } from 'primevue/usetoast'
import { computed, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRouter } from 'vue-router'
import { api, ask, Refusal, wording } from '@/lib/api/client'
import type { Picks } from '@/lib/conflict'
import { t } from '@/lib/text'
import { useVersioned } from '@/lib/useVersioned'
import { newMovement, slug, type MovementDocument } from './form'

interface Holder {
  document: MovementDocument
  version: number | null
  derived: Record<string, { name: string; because: string }[]>
}

const copyOf = (document: MovementDocument) => JSON.parse(JSON.stringify(document)) as MovementDocument

/** A movement of the studio's own while it is edited: opened, changed, saved over the version that was opened. */
export function useMovementForm(id: string) {
  const router = useRouter()
  const toast = useToast()
  const queries = useQueryClient()
  const isNew = id === 'new'
  const version = ref(1)
  const given = useQuery({
    queryKey: ['movements', id, 'document'],
    queryFn: async () =>
      isNew
        ? { document: newMovement(), version: null, derived: {} }
        : ((await ask(api.GET('/api/movements/{id}/document', { params: { path: { id } } }))) as unknown as Holder),
    staleTime: Infinity,
    gcTime: 0,
    refetchOnWindowFocus: false,
  })

  const document = ref<MovementDocument | null>(null)
  const before = ref('')
  const errors = ref(new Map<string, string>())
  const problem = ref('')
  watch(
    () => given.data.value,
    (data) => {
      if (!data) return
      document.value = copyOf(data.document)
      version.value = data.version ?? 1
      before.value = JSON.stringify(document.value)
    },
    { immediate: true },
  )
  const dirty = computed(() => document.value !== null && JSON.stringify(document.value) !== before.value)
  /** Versions that the server knows: circuits may hold them. */
  const known = computed(
    () =>
      new Set(isNew || !before.value ? [] : (JSON.parse(before.value) as MovementDocument).ladder.map(({ id }) => id)),
  )

  function change(work: (draft: MovementDocument) => void) {
    if (document.value) work(document.value)
  }

  function rename(name: string) {
    change((draft) => {
      draft.name = name
      if (!isNew) return
      const from = draft.id
      draft.id = `own_${slug(name)}`
      for (const joint of Object.keys(draft.spares))
        draft.spares[joint] = draft.spares[joint]!.replace(new RegExp(`^${from}\\.`), `${draft.id}.`)
    })
  }

  /** What is wrong at a place of the document, or below it. */
  function errorBelow(pointer: string) {
    for (const [place, message] of errors.value)
      if (place === pointer || place.startsWith(`${pointer}/`)) return message
    return undefined
  }

  const versioned = useVersioned<MovementDocument, Holder>({
    labels: {
      name: t('common.name'),
      summary: t('movements.what_it_is'),
      also: t('movements.other_names'),
      pattern: t('movements.pattern'),
      plane: t('movements.plane'),
      role: t('movements.used_in'),
      opens: t('movements.opens'),
      spares: t('movements.ways_round_a_sore_joint'),
      ladder: t('movements.version'),
      standard: t('movements.a_rep_counts_if'),
      levers: t('movements.by'),
    },
    show: (body, over) => {
      document.value = copyOf(body)
      version.value = over
    },
    opened: () => JSON.parse(before.value) as MovementDocument,
    put: async (body, over) => {
      const document = body as unknown as Record<string, never>
      const saved = isNew
        ? await ask(api.POST('/api/movements', { body: { document } }))
        : await ask(api.PUT('/api/movements/{id}', { params: { path: { id } }, body: { document, version: over } }))
      before.value = JSON.stringify(body)
      await queries.invalidateQueries({ queryKey: ['movements'] })
      toast.add({ severity: 'success', summary: t('common.saved'), detail: saved.name, life: 3000 })
      await router.push({ name: 'movements', params: { id: saved.id } })
    },
    read: (theirs) => ({ body: theirs.document, version: theirs.version ?? 1 }),
  })

  async function attempt(work: () => Promise<unknown>) {
    problem.value = ''
    errors.value = new Map()
    try {
      await work()
    } catch (error) {
      if (error instanceof Refusal) errors.value = error.fields('/document')
      problem.value =
        error instanceof Refusal && errors.value.size ? t('movements.some_fields_need_correcting') : wording(error)
    }
  }

  onBeforeRouteLeave(() => !dirty.value || window.confirm(t('movements.leave_without_saving_this_movement')))
  return {
    given,
    isNew,
    document,
    dirty,
    known,
    errors,
    problem,
    versioned,
    change,
    rename,
    errorBelow,
    save: () => attempt(async () => document.value && versioned.save(document.value, version.value)),
    resolve: (picks: Picks) => attempt(() => versioned.resolve(picks)),
    back: () => router.back(),
  }
}
