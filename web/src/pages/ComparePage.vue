<script setup lang="ts">
import CircuitComparison from '@/features/circuits/CircuitComparison.vue'
</script>

<template>
  <CircuitComparison />
</template>
