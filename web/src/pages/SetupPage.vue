<script setup lang="ts">
import SetupForm from '@/features/doors/SetupForm.vue'
</script>

<template>
  <SetupForm />
</template>
