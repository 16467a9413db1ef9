<script setup lang="ts">
// A label above a control of any kind, and below it what is wrong, which begins with the field's name.
defineProps<{ label: string; error?: string; name?: string }>()
</script>

<template>
  <label
    >{{ label }}
    <slot />
    <span v-if="error" class="small warn-text" role="alert">{{ name ?? label }} {{ error }}</span>
  </label>
</template>

<style scoped>
label {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-1);
  font-size: var(--size--1);
  color: var(--ink-soft);
  align-content: start;
}
</style>
