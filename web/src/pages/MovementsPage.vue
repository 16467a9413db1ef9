<script setup lang="ts">
import MovementList from '@/features/movements/MovementList.vue'
</script>

<template>
  <MovementList />
</template>
