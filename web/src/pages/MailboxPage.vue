<script setup lang="ts">
import MailboxView from '@/features/studio/MailboxView.vue'
</script>

<template>
  <MailboxView />
</template>
