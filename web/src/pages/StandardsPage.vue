<script setup lang="ts">
import StandardsView from '@/features/standards/StandardsView.vue'
</script>

<template>
  <StandardsView />
</template>
