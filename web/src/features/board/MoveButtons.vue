<script setup lang="ts">
import IconButton from '@/ui/IconButton.vue'

// Up, down and away, for whatever can also be dragged. More buttons may stand between.
defineProps<{ name: string; first: boolean; last: boolean }>()
defineEmits<{ shift: [by: 1 | -1]; remove: [] }>()
</script>

<template>
  <span class="tools">
    <IconButton
      icon="arrow-up"
      :disabled="first"
      :label="$t('board.move_name_up', { name })"
      @click="$emit('shift', -1)"
    />
    <IconButton
      icon="arrow-down"
      :disabled="last"
      :label="$t('board.move_name_down', { name })"
      @click="$emit('shift', 1)"
    />
    <slot />
    <IconButton icon="trash" :label="$t('board.remove_name', { name })" @click="$emit('remove')" />
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
