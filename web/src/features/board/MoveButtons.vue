<script setup lang="ts">
import Button from 'primevue/button'

// Up, down and away, for whatever can also be dragged. More buttons may stand between.
defineProps<{ name: string; first: boolean; last: boolean }>()
defineEmits<{ shift: [by: 1 | -1]; remove: [] }>()
const look = { variant: 'text', severity: 'secondary', size: 'small' } as const
</script>

<template>
  <span class="tools">
    <Button
      icon="pi pi-arrow-up"
      :disabled="first"
      :aria-label="$t('board.move_name_up', { name })"
      v-bind="look"
      @click="$emit('shift', -1)"
    />
    <Button
      icon="pi pi-arrow-down"
      :disabled="last"
      :aria-label="$t('board.move_name_down', { name })"
      v-bind="look"
      @click="$emit('shift', 1)"
    />
    <slot :look="look" />
    <Button icon="pi pi-trash" :aria-label="$t('board.remove_name', { name })" v-bind="look" @click="$emit('remove')" />
  </span>
</template>

<style scoped>
.tools {
  display: inline-grid;
  grid-template-columns: repeat(3, 2rem);
}
.tools :deep(button) {
  width: 2rem;
  height: 2rem;
  padding: 0;
}
@media (min-width: 60rem) {
  .tools {
    display: inline-flex;
    flex: none;
    justify-content: end;
  }
  .tools :deep(button) {
    width: 1.5rem;
    height: 1.5rem;
  }
}
@media (max-width: 60rem) {
  .tools {
    grid-template-columns: repeat(5, 2.5rem);
  }
  .tools :deep(button) {
    width: 2.5rem;
    height: 2.5rem;
  }
}
</style>
