import { computed, shallowRef, watch, type Ref } from 'vue'
import { api, ask, Refusal, Unreachable } from '@/lib/api/client'
import type { Movement, WorkoutDocument } from '@/lib/api/types'
import { t } from '@/lib/text'

type Conditions = NonNullable<WorkoutDocument['conditions']>
export type Condition = 'no_kit' | 'no_jumps' | 'small_room' | 'standing' | 'seated'

export const CONDITIONS: { value: Condition; label: string }[] = [
  { value: 'no_kit', label: t('board.condition_no_kit') },
  { value: 'no_jumps', label: t('board.condition_no_jumps') },
  { value: 'standing', label: t('board.condition_standing') },
  { value: 'seated', label: t('board.condition_seated') },
  { value: 'small_room', label: t('board.condition_small_room') },
]

/** As a list, for a field that takes several. */
export const listOf = (conditions: Conditions | undefined): Condition[] =>
  CONDITIONS.map(({ value }) => value).filter((value) =>
    value === 'standing' || value === 'seated' ? conditions?.position === value : conditions?.[value],
  )

/** What was chosen last of standing and seated counts. The kit that is there stays as it is. */
export function conditionsOf(list: Condition[], before: Conditions | undefined): Conditions | undefined {
  const position = list.findLast((value) => value === 'standing' || value === 'seated')
  const made = {
    ...(before?.kit ? { kit: before.kit } : {}),
    ...Object.fromEntries(
      (['no_kit', 'no_jumps', 'small_room'] as const).flatMap((value) => (list.includes(value) ? [[value, true]] : [])),
    ),
    ...(position ? { position } : {}),
  } as Conditions
  return Object.keys(made).length ? made : undefined
}

/** The movements that are offered: those that keep to the class's conditions, opening with versions that do. */
export function useConditions(document: Readonly<Ref<WorkoutDocument>>, movements: Movement[]) {
  const known = movements.filter((movement) => !movement.retired)
  const opens = shallowRef<Map<string, Movement['opens']> | null>(null)
  const asked = computed(() => {
    const conditions = { ...document.value.conditions }
    delete conditions.kit
    return Object.keys(conditions).length ? conditions : null
  })

  async function look() {
    const conditions = asked.value
    if (!conditions) return void (opens.value = null)
    try {
      const answer = await ask(api.POST('/api/planning/conditions', { body: { conditions } }))
      if (JSON.stringify(conditions) === JSON.stringify(asked.value))
        opens.value = new Map(answer.movements.map((held) => [held.id, held.opens as Movement['opens']]))
    } catch (error) {
      // All are offered then; what does not keep to the conditions is found by the review.
      if (!(error instanceof Unreachable || error instanceof Refusal)) throw error
    }
  }
  watch(() => JSON.stringify(asked.value), look, { immediate: true })

  return computed(() => {
    const kept = opens.value
    return kept
      ? known.flatMap((movement) => (kept.has(movement.id) ? [{ ...movement, opens: kept.get(movement.id)! }] : []))
      : known
  })
}
