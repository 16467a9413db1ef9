<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, useId, watch } from 'vue'
import { ONE_NUMBER, type Reading, type Typed } from '@/lib/typed'

// A short number with its unit. What is typed goes out as it is typed: a number
// where it reads as one (1:30 is 90), the text itself where it does not.
const props = defineProps<{
  modelValue: unknown
  label: string
  unit?: string
  error?: string
  hint?: string
  width?: string
  hideLabel?: boolean
  /** Where more than one number may be typed. */
  reading?: Reading
}>()
const emit = defineEmits<{ 'update:modelValue': [value: Typed] }>()

const id = useId()
const reading = computed(() => props.reading ?? ONE_NUMBER)
const text = ref(reading.value.show(props.modelValue))
const focused = ref(false)

watch(
  () => props.modelValue,
  (value) => {
    const now = reading.value.show(value)
    if (!focused.value || reading.value.show(reading.value.read(text.value)) !== now) text.value = now
  },
)

function typed(value: string | undefined) {
  text.value = value ?? ''
  emit('update:modelValue', reading.value.read(text.value) as Typed)
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
      :inputmode="props.reading ? 'text' : 'numeric'"
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
