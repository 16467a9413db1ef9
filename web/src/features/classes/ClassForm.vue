<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'
import type { Typed } from '@/lib/typed'
import NumberField from '@/ui/NumberField.vue'
import { pieceName } from '@/lib/readable'
import TextField from '@/ui/TextField.vue'
import { usePlaces } from '@/lib/api/queries'
import { useSession } from '@/lib/session'
import { t } from '@/lib/text'
import type { ClassFields } from './fields'

// When, how long, where and who leads.
defineProps<{ errors: Map<string, string> }>()
const session = useSession()
const fields = defineModel<ClassFields>({ required: true })
const places = usePlaces()
const set = (changes: Partial<ClassFields>) => (fields.value = { ...fields.value, ...changes })
const GOING_UP = [
  { value: 'offered', label: t('classes.steps_up_are_offered') },
  { value: 'taken', label: t('classes.steps_up_are_taken') },
]
const kit = computed(() => places.data.value?.places.find((place) => place.id === fields.value.placeId)?.kit)
</script>

<template>
  <div class="form">
    <TextField
      :label="$t('classes.date')"
      type="date"
      :model-value="fields.day"
      :error="errors.get('/starts_at')"
      @update:model-value="set({ day: $event })"
    />
    <TextField
      :label="$t('common.start')"
      type="time"
      :model-value="fields.hour"
      @update:model-value="set({ hour: $event })"
    />
    <NumberField
      :label="$t('common.slot')"
      :unit="$t('common.min')"
      hint="–"
      :model-value="fields.slot as Typed"
      :error="errors.get('/slot_minutes')"
      @update:model-value="set({ slot: $event })"
    />
    <Select
      :model-value="fields.placeId"
      :options="places.data.value?.places ?? []"
      option-label="name"
      option-value="id"
      :placeholder="$t('classes.where')"
      show-clear
      :aria-label="$t('classes.where')"
      @update:model-value="set({ placeId: $event ?? null })"
    />
    <Select
      :model-value="fields.leaderId"
      :options="session.session?.studio.instructors ?? []"
      option-label="name"
      option-value="id"
      :placeholder="$t('classes.who_leads')"
      show-clear
      :aria-label="$t('classes.who_leads')"
      @update:model-value="set({ leaderId: $event ?? null })"
    />
    <Select
      :model-value="fields.goingUp"
      :options="GOING_UP"
      option-label="label"
      option-value="value"
      :placeholder="$t('classes.steps_up_as_in_the_studio')"
      show-clear
      :aria-label="$t('classes.steps_up_in_the_fit')"
      @update:model-value="set({ goingUp: $event ?? null })"
    />
    <p v-if="kit" class="small quiet kit">
      {{
        $t('classes.there_n', {
          n: Object.entries(kit)
            .map(([piece, count]) => `${count} × ${pieceName(piece)}`)
            .join('; '),
        })
      }}
    </p>
    <details class="kit">
      <summary class="small">{{ $t('classes.another_count_for_this_class') }}</summary>
      <p class="small quiet">{{ $t('classes.typed_here_it_stands_in_place') }}</p>
      <div class="row">
        <NumberField
          v-for="piece in places.data.value?.pieces ?? []"
          :key="piece"
          :label="pieceName(piece)"
          width="3rem"
          :model-value="fields.kit[piece]"
          :error="errors.get(`/kit/${piece}`)"
          @update:model-value="set({ kit: { ...fields.kit, [piece]: $event } })"
        />
      </div>
    </details>
  </div>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: var(--space-3);
  align-items: end;
}
.kit {
  grid-column: 1 / -1;
}
</style>
