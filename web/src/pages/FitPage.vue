<script setup lang="ts">
import FitView from '@/features/fit/FitView.vue'

defineProps<{ id: string }>()
</script>

<template>
  <FitView :id="id" />
</template>
