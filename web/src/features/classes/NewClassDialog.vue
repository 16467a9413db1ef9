<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { usePeople, useWorkouts } from '@/lib/api/queries'
import { useSession } from '@/lib/session'
import { t } from '@/lib/text'
import type { Typed } from '@/lib/typed'
import { useAttempt } from '@/lib/useAttempt'
import NumberField from '@/ui/NumberField.vue'
import ClassForm from './ClassForm.vue'
import { bodyOf, emptyFields, MOST_WEEKS, weeksAfter } from './fields'

// A circuit on a date, once or every week for a while.
const visible = defineModel<boolean>('visible', { required: true })
const router = useRouter()
const queries = useQueryClient()
const session = useSession()
const workouts = useWorkouts()
const people = usePeople()
const { attempt, busy, errors } = useAttempt()

const fields = ref(emptyFields())
const workoutId = ref<string | null>(null)
const weeks = ref<Typed>(1)
const everybody = ref(true)
const ready = computed(() => (workouts.data.value ?? []).filter((workout) => workout.ready))

watch(visible, (opens) => {
  if (!opens) return
  fields.value = { ...emptyFields(), leaderId: session.session?.instructor.id ?? null }
  workoutId.value = ready.value[0]?.id ?? null
})

const weeksError = computed(() =>
  Number.isInteger(weeks.value) && (weeks.value as number) >= 1 && (weeks.value as number) <= MOST_WEEKS
    ? undefined
    : t('classes.must_be_a_whole_number_from', { most_weeks: MOST_WEEKS }),
)
const add = () =>
  attempt(async () => {
    if (weeksError.value) return
    const made = await ask(
      api.POST('/api/classes', {
        body: {
          ...bodyOf(fields.value),
          workout_id: workoutId.value ?? '',
          also_at: weeksAfter(fields.value, weeks.value as number),
          people: everybody.value ? (people.data.value?.people ?? []).slice(0, 60).map((person) => person.id) : [],
        },
      }),
    )
    visible.value = false
    await queries.invalidateQueries({ queryKey: ['classes'] })
    await router.push({ name: 'class', params: { id: made.id } })
  })
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="$t('classes.new_class')" :style="{ width: 'min(44rem, 96vw)' }">
    <form class="form" @submit.prevent="add">
      <Select
        v-model="workoutId"
        :options="ready"
        option-label="title"
        option-value="id"
        filter
        :placeholder="$t('classes.circuit')"
        :aria-label="$t('classes.circuit')"
        :invalid="errors.has('/workout_id')"
      />
      <p v-if="errors.get('/workout_id')" class="small warn-text" role="alert">
        {{ $t('classes.the_circuit_get', { get: errors.get('/workout_id') }) }}
      </p>
      <ClassForm v-model="fields" :errors="errors" />
      <p class="row">
        <NumberField v-model="weeks" :label="$t('classes.weekly_how_many_times')" :error="weeksError" />
        <label class="row small"
          ><input v-model="everybody" type="checkbox" /> {{ $t('classes.everybody_who_trains_here_is_on') }}</label
        >
      </p>
      <div class="row dialog-buttons">
        <Button :label="$t('classes.leave_it')" severity="secondary" variant="outlined" @click="visible = false" />
        <Button type="submit" :label="$t('classes.add_the_class')" :loading="busy" />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: var(--space-3);
}
</style>
