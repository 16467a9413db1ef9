<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref, useId } from 'vue'

// A password, hidden unless somebody wants to see what they type.
defineProps<{
  label: string
  error?: string
  hint?: string
  /** What a password manager should make of it. */
  autocomplete: 'current-password' | 'new-password'
}>()
const model = defineModel<string>({ default: '' })
const id = useId()
const shown = ref(false)
</script>

<template>
  <span class="secret">
    <label :for="id">{{ label }}</label>
    <span class="line">
      <InputText
        :id="id"
        v-model="model"
        :type="shown ? 'text' : 'password'"
        :autocomplete="autocomplete"
        :invalid="Boolean(error)"
        :aria-invalid="Boolean(error)"
        :aria-describedby="error ? `${id}-error` : hint ? `${id}-hint` : undefined"
        fluid
      />
      <button type="button" class="show" :aria-pressed="shown" @click="shown = !shown">
        {{ shown ? $t('ui.hide') : $t('ui.show')
        }}<span class="sr-only">{{ ' ' }}{{ $t('ui.the_to_lower_case', { to_lower_case: label.toLowerCase() }) }}</span>
      </button>
    </span>
    <span v-if="error" :id="`${id}-error`" class="small warn-text" role="alert">{{ label }} {{ error }}.</span>
    <span v-else-if="hint" :id="`${id}-hint`" class="small quiet">{{ hint }}</span>
  </span>
</template>

<style scoped>
.secret {
  display: grid;
  gap: var(--space-1);
}
label {
  font-size: var(--size--1);
  color: var(--ink-soft);
}
.line {
  display: flex;
  gap: var(--space-2);
}
.show {
  border: 1px solid var(--rule);
  border-radius: var(--corner);
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: var(--size--1);
  padding: 0 var(--space-3);
  min-height: var(--target);
  cursor: pointer;
}
.sr-only {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
