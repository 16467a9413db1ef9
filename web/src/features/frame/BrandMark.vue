<script setup lang="ts">
// A sparrow's footprint: three toes forward, one back, the three levels in one mark.
</script>

<template>
  <svg class="brand" viewBox="0 0 24 24" aria-hidden="true">
    <path d="M12 14 L4.5 5 M12 14 L12 2.5 M12 14 L19.5 5 M12 14 L12 21.5" />
  </svg>
</template>

<style scoped>
.brand {
  width: 1.5em;
  height: 1.5em;
  fill: none;
  stroke: currentColor;
  stroke-width: 2.4;
  stroke-linecap: round;
}
</style>
