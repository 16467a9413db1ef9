<script setup lang="ts">
import TodayView from '@/features/today/TodayView.vue'
</script>

<template>
  <TodayView />
</template>
