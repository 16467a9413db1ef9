<script setup lang="ts">
import TeamView from '@/features/studio/TeamView.vue'
</script>

<template>
  <TeamView />
</template>
