<script setup lang="ts">
import BenchmarkTable from '@/features/people/BenchmarkTable.vue'
</script>

<template>
  <BenchmarkTable />
</template>
