<script setup lang="ts">
import CountView from '@/features/count/CountView.vue'

defineProps<{ id: string }>()
</script>

<template>
  <CountView :id="id" />
</template>
