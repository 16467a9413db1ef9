<script setup lang="ts">
import ParticipantCard from '@/features/classes/ParticipantCard.vue'

defineProps<{ token: string }>()
</script>

<template>
  <ParticipantCard :token="token" />
</template>
