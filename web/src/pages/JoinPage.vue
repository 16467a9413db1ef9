<script setup lang="ts">
import JoinForm from '@/features/doors/JoinForm.vue'

defineProps<{ token: string }>()
</script>

<template>
  <JoinForm :token="token" />
</template>
