<script setup lang="ts">
// A small button with a picture and a name. PrimeVue's own takes more than a millisecond
// to be made, and a board has a hundred of these (docs/decisions/0014).
defineProps<{ icon: string; label: string; disabled?: boolean }>()
</script>

<template>
  <button type="button" class="icon-button" :disabled="disabled" :aria-label="label" :title="label">
    <span class="pi" :class="`pi-${icon}`" aria-hidden="true" />
  </button>
</template>

<style scoped>
.icon-button {
  display: inline-grid;
  place-items: center;
  border: 1px solid transparent;
  border-radius: var(--p-button-border-radius);
  padding: 0;
  background: transparent;
  color: var(--p-button-text-secondary-color);
  cursor: pointer;
}
.icon-button:hover:not(:disabled) {
  background: var(--p-button-text-secondary-hover-background);
}
.icon-button:disabled {
  opacity: 0.6;
  cursor: default;
}
.pi {
  font-size: var(--p-button-sm-font-size);
}
</style>
