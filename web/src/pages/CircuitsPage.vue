<script setup lang="ts">
import CircuitList from '@/features/circuits/CircuitList.vue'
</script>

<template>
  <CircuitList />
</template>
