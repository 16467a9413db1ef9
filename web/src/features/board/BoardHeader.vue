<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import { computed } from 'vue'
import NumberField from '@/ui/NumberField.vue'
import { setKey } from '@/lib/typed'
import { SAVING } from './useAutosave'
import { useBoard } from './useBoard'
import { CONDITIONS, conditionsOf, listOf, type Condition } from './useConditions'
import { t } from '@/lib/text'

// The circuit's title and slot, how its saving stands, and what is done with it as a whole.
defineProps<{ running: boolean }>()
defineEmits<{ undo: []; redo: []; history: []; keys: []; run: [] }>()
const board = useBoard()
const document = board.document
const { state: saveState, dirty } = board.autosave
/** Offered from now on is what keeps to them; what is there already is found by the review. */
function setConditions(list: Condition[]) {
  board.edit(t('board.conditions'), (draft) => setKey(draft, 'conditions', conditionsOf(list, draft.conditions)))
}
const ready = computed(() => board.preview.preview.value?.ready ?? false)
</script>

<template>
  <header class="top">
    <h1 class="visually-hidden">{{ $t('board.circuit_board_title', { title: document.title }) }}</h1>
    <InputText
      class="title"
      :aria-label="$t('board.title_of_the_circuit')"
      maxlength="120"
      :model-value="document.title"
      :invalid="Boolean(board.errorAt('/title'))"
      @update:model-value="board.edit($t('board.title'), (draft) => void (draft.title = $event ?? ''), 'title')"
    />
    <span v-if="board.errorAt('/title')" class="small warn-text" role="alert">{{
      $t('board.title_error_at', { error_at: board.errorAt('/title') })
    }}</span>
    <NumberField
      :label="$t('common.slot')"
      :unit="$t('common.min')"
      :hint="$t('board.none')"
      :model-value="document.slot_minutes"
      :error="board.errorAt('/slot_minutes')"
      @update:model-value="board.edit($t('common.slot'), (draft) => setKey(draft, 'slot_minutes', $event), 'slot')"
    />
    <NumberField
      :label="$t('common.people')"
      hint="12"
      width="3.2rem"
      :model-value="document.head_count"
      :error="board.errorAt('/head_count')"
      @update:model-value="board.edit($t('common.people'), (draft) => setKey(draft, 'head_count', $event), 'people')"
    />
    <MultiSelect
      :model-value="listOf(document.conditions)"
      :options="CONDITIONS"
      option-label="label"
      option-value="value"
      :placeholder="$t('board.conditions')"
      :aria-label="$t('board.conditions_of_the_class')"
      :show-toggle-all="false"
      size="small"
      class="conditions"
      @update:model-value="setConditions"
    />
    <span
      class="state small"
      :class="{ 'warn-text': ['offline', 'refused', 'conflict'].includes(saveState) }"
      role="status"
      data-testid="save-state"
      >{{ dirty && saveState === 'saved' ? $t('board.typing') : SAVING[saveState] }}</span
    >
    <span class="actions">
      <Button
        icon="pi pi-undo"
        :aria-label="$t('board.undo')"
        :disabled="!board.canUndo.value"
        variant="text"
        severity="secondary"
        @click="$emit('undo')"
      />
      <Button
        icon="pi pi-refresh"
        :aria-label="$t('board.redo')"
        :disabled="!board.canRedo.value"
        variant="text"
        severity="secondary"
        @click="$emit('redo')"
      />
      <Button
        icon="pi pi-history"
        :aria-label="$t('board.history')"
        variant="text"
        severity="secondary"
        @click="$emit('history')"
      />
      <Button
        icon="pi pi-question-circle"
        :aria-label="$t('board.keys')"
        variant="text"
        severity="secondary"
        @click="$emit('keys')"
      />
      <Button :label="$t('common.start_class')" :disabled="!ready" :loading="running" @click="$emit('run')" />
    </span>
  </header>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1) var(--space-4);
  padding-bottom: var(--space-1);
}
.title {
  font-family: var(--font-display);
  font-size: var(--size-2);
  font-weight: 600;
  border-color: transparent;
  background: transparent;
  padding-left: 0;
  flex: 1 1 16rem;
  min-width: 0;
}
.title:hover,
.title:focus {
  background: var(--paper-raised);
}
.conditions {
  max-width: 9.5rem;
}
.state {
  min-width: 5rem;
}
.actions {
  display: inline-flex;
  align-items: center;
  gap: var(--space-1);
}
</style>
