<script setup lang="ts">
import StudioView from '@/features/studio/StudioView.vue'
</script>

<template>
  <StudioView />
</template>
