<script setup lang="ts">
import { RouterLink } from 'vue-router'
</script>

<template>
  <div class="page">
    <h1>There is nothing here</h1>
    <p>The address may be old. <RouterLink :to="{ name: 'today' }">Back to Today</RouterLink></p>
  </div>
</template>
