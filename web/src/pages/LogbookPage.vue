<script setup lang="ts">
import RunList from '@/features/logbook/RunList.vue'
</script>

<template>
  <RunList />
</template>
