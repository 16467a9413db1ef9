<script setup lang="ts">
// A label above a control of any kind, and below it what is wrong, which begins with the field's name.
defineProps<{ label: string; error?: string; name?: string }>()
</script>

<template>
  <label
    >{{ label }}
    <slot />
    <span v-if="error" class="small warn-text" role="alert">{{ name ?? label }} {{ error }}</span>
  </label>
</template>
