<script setup lang="ts">
import PeopleList from '@/features/people/PeopleList.vue'
</script>

<template>
  <PeopleList />
</template>
