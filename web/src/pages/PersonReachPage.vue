<script setup lang="ts">
import LimitsReach from '@/features/people/LimitsReach.vue'

defineProps<{ id: string }>()
</script>

<template>
  <LimitsReach :id="id" />
</template>
