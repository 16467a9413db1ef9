<script setup lang="ts">
import UseCircuit from '@/features/circuits/UseCircuit.vue'

defineProps<{ id: string }>()
</script>

<template>
  <UseCircuit :id="id" :key="id" />
</template>
