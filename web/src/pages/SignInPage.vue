<script setup lang="ts">
import SignInForm from '@/features/doors/SignInForm.vue'
</script>

<template>
  <SignInForm />
</template>
