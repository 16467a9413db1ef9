<script setup lang="ts">
import AccountView from '@/features/studio/AccountView.vue'
</script>

<template>
  <AccountView />
</template>
