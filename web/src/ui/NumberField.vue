<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import type { Typed } from '@/lib/typed'

// A short number with its unit. What is typed goes out as it is typed: a number
// where it reads as one (1:30 is 90), the text itself where it does not.
const props = defineProps<{
  modelValue: Typed
  label: string
  unit?: string
  error?: string
  hint?: string
  width?: string
  hideLabel?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: Typed] }>()

const id = useId()
const text = ref(shown(props.modelValue))
const focused = ref(false)

function shown(value: Typed) {
  return value === undefined || value === null ? '' : String(value)
}

function read(typed: string): Typed {
  const plain = typed.trim()
  if (plain === '') return undefined
  const clock = plain.match(/^(\d{1,2}):([0-5]\d)$/)
  if (clock) return Number(clock[1]) * 60 + Number(clock[2])
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : plain
}

watch(
  () => props.modelValue,
  (value) => {
    if (!focused.value || read(text.value) !== value) text.value = shown(value)
  },
)

function typed(value: string | undefined) {
  text.value = value ?? ''
  emit('update:modelValue', read(text.value))
}

const describedBy = computed(() => (props.error ? `${id}-error` : undefined))
</script>

<template>
  <span class="number-field">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <InputText
      :id="id"
      :model-value="text"
      :invalid="Boolean(error)"
      :aria-invalid="Boolean(error)"
      :aria-describedby="describedBy"
      :placeholder="hint"
      :style="{ width: width ?? '3.6rem' }"
      inputmode="numeric"
      autocomplete="off"
      size="small"
      @update:model-value="typed"
      @focus="((focused = true), ($event.target as HTMLInputElement).select())"
      @blur="focused = false"
    />
    <span v-if="unit" class="unit quiet">{{ unit }}</span>
    <span v-if="error" :id="`${id}-error`" class="error small" role="alert">{{ label }} {{ error }}</span>
  </span>
</template>

<style scoped>
.number-field {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1);
}
label {
  font-size: var(--size--1);
  color: var(--ink-soft);
}
.unit {
  font-size: var(--size--1);
}
.error {
  color: var(--warn);
  flex-basis: 100%;
  max-width: 14rem;
}
</style>
