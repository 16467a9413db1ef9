<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import type { Movement } from '@/lib/api/types'
import { useAttempt } from '@/lib/useAttempt'
import LabelledField from '@/ui/LabelledField.vue'
import TextField from '@/ui/TextField.vue'

// A movement of one's own begins with a name and the version that is most like it: the rest
// is taken from there, as a guess to be looked through.
const props = defineProps<{ visible: boolean; movements: Movement[]; beginsAs?: string }>()
const emit = defineEmits<{ close: []; made: [] }>()
const router = useRouter()
const { attempt, busy, errors } = useAttempt()

const name = ref((props.beginsAs ?? '').replace(/^./u, (letter) => letter.toUpperCase()).slice(0, 60))
const like = ref<string | null>(null)
const versions = computed(() =>
  props.movements
    .filter((movement) => !movement.retired)
    .flatMap((movement) =>
      movement.ladder.map((variation) => ({ value: variation.id, label: `${variation.name} (${movement.name})` })),
    )
    .sort((one, other) => one.label.localeCompare(other.label)),
)

const begin = () =>
  attempt(async () => {
    const made = await ask(api.POST('/api/movements', { body: { name: name.value.trim(), like: like.value! } }))
    emit('made')
    await router.push({ name: 'movement-form', params: { id: made.id } })
  })
</script>

<template>
  <Dialog
    :visible="visible"
    modal
    :header="$t('movements.a_movement_of_your_own')"
    :style="{ width: 'min(32rem, 96vw)' }"
    @update:visible="emit('close')"
  >
    <form class="form" novalidate @submit.prevent="begin">
      <TextField v-model="name" :label="$t('common.name')" :maxlength="60" :error="errors.get('/name')" autofocus />
      <LabelledField :label="$t('movements.most_like')" :error="errors.get('/like')">
        <Select
          v-model="like"
          :options="versions"
          option-label="label"
          option-value="value"
          filter
          :placeholder="$t('movements.choose_a_version')"
          :aria-label="$t('movements.most_like')"
          fluid
        />
      </LabelledField>
      <p class="small quiet">{{ $t('movements.all_else_is_taken_from_there') }}</p>
      <div class="row dialog-buttons">
        <Button
          :label="$t('movements.an_empty_form')"
          severity="secondary"
          variant="text"
          @click="router.push({ name: 'movement-form', params: { id: 'new' } })"
        />
        <Button
          type="submit"
          :label="$t('movements.begin')"
          :disabled="name.trim().length < 2 || !like"
          :loading="busy"
        />
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
