<script setup lang="ts">
import PersonView from '@/features/people/PersonView.vue'

defineProps<{ id: string }>()
</script>

<template>
  <PersonView :id="id" />
</template>
