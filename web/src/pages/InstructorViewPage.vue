<script setup lang="ts">
import InstructorView from '@/features/floor/InstructorView.vue'

defineProps<{ id: string; run: string }>()
</script>

<template>
  <InstructorView :id="id" :run="run" />
</template>
