<script setup lang="ts">
import ClassView from '@/features/classes/ClassView.vue'

defineProps<{ id: string }>()
</script>

<template>
  <ClassView :id="id" />
</template>
