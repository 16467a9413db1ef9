<script setup lang="ts" generic="Value extends string | boolean">
import Select from 'primevue/select'
import { useId } from 'vue'
import LabelledField from './LabelledField.vue'

// One of several, under its label. `spoken` names it to who hears it, where that is shorter than the label.
defineProps<{
  label: string
  options: readonly { value: Value; label: string }[]
  spoken?: string
  name?: string
  error?: string
  filter?: boolean
  size?: 'small'
}>()
const chosen = defineModel<Value>({ required: true })
const id = useId()
</script>

<template>
  <LabelledField :for="id" :label="label" :name="name" :error="error">
    <Select
      v-model="chosen"
      :input-id="id"
      :aria-label="spoken ?? label"
      :options="[...options]"
      option-label="label"
      option-value="value"
      :filter="filter"
      :size="size"
      :invalid="Boolean(error)"
    />
    <slot />
  </LabelledField>
</template>
