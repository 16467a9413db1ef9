<script setup lang="ts">
import MultiSelect from 'primevue/multiselect'
import InputText from 'primevue/inputtext'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import { headed, readable } from '@/lib/readable'
import type { Typed } from '@/lib/typed'
import { shownWeight, storedWeight, weightUnit } from '@/lib/units'
import LabelledField from '@/ui/LabelledField.vue'
import type { PieceDocument } from './form'

// What one person needs for a version: which pieces, how many of each, and how heavy.
const props = defineProps<{ kit: PieceDocument[]; error?: string }>()
const emit = defineEmits<{ change: [kit: PieceDocument[]] }>()
const items = MOVEMENT_WORDS.equipment.map((value) => ({ value, label: readable(value) }))
const WITH_A_LOAD = ['bottle', 'band']

const choose = (chosen: string[]) =>
  emit(
    'change',
    chosen.map((item) => props.kit.find((piece) => piece.item === item) ?? { item, count: 1 }),
  )
const change = (item: string, by: Partial<PieceDocument>) =>
  emit(
    'change',
    props.kit.map((piece) => (piece.item === item ? { ...piece, ...by } : piece)),
  )
const number = (text: string | undefined): Typed =>
  /^\d+(\.\d+)?$/.test((text ?? '').trim()) ? Number(text) : text || undefined
</script>

<template>
  <div class="kit">
    <LabelledField :label="headed('equipment')" :name="readable('equipment')" :error="error">
      <MultiSelect
        :aria-label="readable('equipment')"
        :model-value="kit.map((piece) => piece.item)"
        :options="items"
        option-label="label"
        option-value="value"
        size="small"
        :placeholder="$t('movements.none')"
        :invalid="Boolean(error)"
        @update:model-value="choose"
      />
    </LabelledField>
    <div v-for="piece in kit" :key="piece.item" class="piece">
      <LabelledField :label="$t('movements.how_many_item', { item: readable(piece.item) })">
        <InputText
          :model-value="String(piece.count)"
          size="small"
          inputmode="numeric"
          @update:model-value="change(piece.item, { count: number($event) ?? '' })"
        />
      </LabelledField>
      <LabelledField
        v-if="WITH_A_LOAD.includes(piece.item)"
        :label="$t('movements.weight_of_item', { item: readable(piece.item), unit: weightUnit() })"
      >
        <InputText
          :model-value="typeof piece.load_kg === 'number' ? String(shownWeight(piece.load_kg)) : (piece.load_kg ?? '')"
          size="small"
          inputmode="decimal"
          @change="change(piece.item, { load_kg: storedWeight(number(($event.target as HTMLInputElement).value)) })"
        />
      </LabelledField>
    </div>
  </div>
</template>

<style scoped>
.kit,
.piece {
  display: grid;
  gap: var(--space-2);
}
.piece {
  grid-template-columns: 1fr 1fr;
}
</style>
