<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import LabelledField from '@/ui/LabelledField.vue'
import SelectField from '@/ui/SelectField.vue'
import { wordsOf, type MovementDocument } from './form'

// What is true of all versions of a movement: its name, its pattern, where each level begins, the ways round.
interface Choice {
  value: string
  label: string
}
defineProps<{ document: MovementDocument; errors: Map<string, string>; versions: Choice[]; ways: Choice[] }>()
const emit = defineEmits<{ rename: [name: string]; change: [work: (draft: MovementDocument) => void] }>()
const CHOICES = [
  { key: 'pattern', label: t('movements.pattern') },
  { key: 'plane', label: t('movements.plane') },
  { key: 'role', label: t('movements.used_in') },
] as const
</script>

<template>
  <div class="fields">
    <LabelledField :label="$t('common.name')" :error="errors.get('/name') ?? errors.get('/id')">
      <InputText
        :model-value="document.name"
        :invalid="Boolean(errors.get('/name'))"
        @update:model-value="emit('rename', $event ?? '')"
      />
    </LabelledField>
    <LabelledField
      class="wide"
      :label="$t('movements.what_it_is_in_a_sentence')"
      :name="$t('movements.summary')"
      :error="errors.get('/summary')"
    >
      <InputText
        :model-value="document.summary"
        :invalid="Boolean(errors.get('/summary'))"
        @update:model-value="emit('change', (draft) => void (draft.summary = $event ?? ''))"
      />
    </LabelledField>
    <LabelledField :label="$t('movements.other_names_with_commas')">
      <InputText
        :model-value="(document.also ?? []).join(', ')"
        @change="emit('change', (draft) => void (draft.also = wordsOf(($event.target as HTMLInputElement).value)))"
      />
    </LabelledField>
    <SelectField
      v-for="field in CHOICES"
      :key="field.key"
      :label="field.label"
      :options="MOVEMENT_WORDS[field.key].map((value) => ({ value, label: readable(value) }))"
      :model-value="document[field.key] ?? ''"
      @update:model-value="emit('change', (draft) => void (draft[field.key] = $event))"
    />
    <SelectField
      v-for="level in MOVEMENT_WORDS.levels"
      :key="level"
      :label="$t('movements.opens_level', { level: readable(level) })"
      :options="versions"
      :model-value="document.opens[level] ?? ''"
      @update:model-value="emit('change', (draft) => void (draft.opens[level] = $event))"
    />
    <SelectField
      v-for="joint in MOVEMENT_WORDS.spared"
      :key="joint"
      :label="$t('movements.with_a_sore_readable', { readable: readable(joint) })"
      :name="readable(joint)"
      :error="errors.get(`/spares/${joint}`)"
      :options="ways"
      filter
      :model-value="document.spares[joint] ?? ''"
      @update:model-value="emit('change', (draft) => void (draft.spares[joint] = $event))"
    />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: var(--space-3);
  margin: var(--space-4) 0;
}
.wide {
  grid-column: span 2;
}
@media (max-width: 40rem) {
  .wide {
    grid-column: auto;
  }
}
</style>
