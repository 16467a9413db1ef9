<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import { usePlaces } from '@/lib/api/queries'
import type { ClassWhole } from '@/lib/api/types'
import { plainWords, type Picks } from '@/lib/conflict'
import ConflictFields from '@/ui/ConflictFields.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useVersioned } from '@/lib/useVersioned'
import { useSession } from '@/lib/session'
import ClassForm from './ClassForm.vue'
import { bodyOf, emptyFields, fieldsOf, type ClassFields } from './fields'

// When and where a class is. It is saved over the version that stood there when the form was opened.
const props = defineProps<{ held: ClassWhole }>()
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ saved: [held: ClassWhole] }>()
const session = useSession()
const places = usePlaces()
const { attempt, busy, errors } = useAttempt()

const fields = ref(emptyFields())
let opened = emptyFields()
let version = 1
watch(visible, (open) => {
  if (!open) return
  opened = fieldsOf(props.held)
  fields.value = fieldsOf(props.held)
  version = props.held.lock_version
})

const NAMES: Record<string, (id: unknown) => string | undefined> = {
  placeId: (id) => places.data.value?.places.find((place) => place.id === id)?.name,
  leaderId: (id) => session.session?.studio.instructors.find((leader) => leader.id === id)?.name,
  goingUp: (way) =>
    way === 'taken'
      ? t('classes.steps_up_are_taken')
      : way === 'offered'
        ? t('classes.steps_up_are_offered')
        : undefined,
}
const versioned = useVersioned<ClassFields, ClassWhole>({
  labels: {
    day: t('classes.date'),
    hour: t('common.start'),
    slot: t('common.slot'),
    placeId: t('classes.where'),
    leaderId: t('classes.who_leads'),
    kit: t('classes.kit'),
    note: t('common.note'),
    goingUp: t('classes.steps_up_in_the_fit'),
  },
  show: (body, over) => {
    fields.value = body
    version = over
  },
  opened: () => opened,
  put: async (body, over) => {
    const params = { path: { id: props.held.id } }
    emit('saved', await ask(api.PUT('/api/classes/{id}', { params, body: { ...bodyOf(body), lock_version: over } })))
    visible.value = false
  },
  read: (theirs) => ({ body: fieldsOf(theirs), version: theirs.lock_version }),
  words: (value, key) => NAMES[key]?.(value) ?? plainWords(value),
})
const save = () => attempt(() => versioned.save(fields.value, version))
const resolve = (picks: Picks) => attempt(() => versioned.resolve(picks))
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="$t('classes.when_and_where')" :style="{ width: 'min(40rem, 96vw)' }">
    <ConflictFields
      :visible="versioned.met.value !== null"
      :what="$t('classes.this_class_was')"
      :rows="versioned.rows.value"
      @save="resolve"
      @close="versioned.close"
    />
    <form @submit.prevent="save">
      <ClassForm v-model="fields" :errors="errors" />
      <div class="row dialog-buttons"><Button type="submit" :label="$t('common.save')" :loading="busy" /></div>
    </form>
  </Dialog>
</template>
