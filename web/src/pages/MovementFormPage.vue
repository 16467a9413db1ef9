<script setup lang="ts">
import MovementForm from '@/features/movements/MovementForm.vue'

defineProps<{ id: string }>()
</script>

<template>
  <MovementForm :id="id" />
</template>
