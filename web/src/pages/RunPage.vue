<script setup lang="ts">
import RunView from '@/features/logbook/RunView.vue'

defineProps<{ id: string }>()
</script>

<template>
  <RunView :id="id" />
</template>
