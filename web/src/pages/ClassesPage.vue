<script setup lang="ts">
import ClassList from '@/features/classes/ClassList.vue'
</script>

<template>
  <ClassList />
</template>
