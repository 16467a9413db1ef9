<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { useId } from 'vue'

// A line of text with its name above and what is wrong with it below.
defineProps<{ label: string; error?: string; type?: string; hint?: string; maxlength?: number; autofocus?: boolean }>()
const model = defineModel<string>({ default: '' })
const id = useId()
</script>

<template>
  <span class="text-field">
    <label :for="id">{{ label }}</label>
    <InputText
      :id="id"
      v-model="model"
      :type="type ?? 'text'"
      :placeholder="hint"
      :maxlength="maxlength"
      :invalid="Boolean(error)"
      :aria-invalid="Boolean(error)"
      :aria-describedby="error ? `${id}-error` : undefined"
      :autofocus="autofocus"
      autocomplete="off"
      fluid
    />
    <span v-if="error" :id="`${id}-error`" class="error small" role="alert">{{ label }} {{ error }}</span>
  </span>
</template>

<style scoped>
.text-field {
  display: grid;
  gap: var(--space-1);
  align-content: start;
  min-width: 0;
}
label {
  font-size: var(--size--1);
  color: var(--ink-soft);
}
.error {
  color: var(--warn);
}
</style>
