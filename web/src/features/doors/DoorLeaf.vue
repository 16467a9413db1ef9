<script setup lang="ts">
import BrandMark from '@/features/frame/BrandMark.vue'

// A page before one is in: signing in, setting up, joining, a forgotten password.
defineProps<{ title: string; wide?: boolean }>()
</script>

<template>
  <div class="door">
    <div class="leaf" :class="{ wide }">
      <p class="brand"><BrandMark /> {{ $t('doors.willing_sparrow') }}</p>
      <h1>{{ title }}</h1>
      <slot />
    </div>
  </div>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  place-items: center;
  padding: var(--space-4);
}
.leaf {
  width: min(28rem, 100%);
  border-top: 4px double var(--ink);
  border-bottom: 4px double var(--ink);
  padding: var(--space-5) 0;
  display: grid;
  gap: var(--space-3);
}
.wide {
  width: min(46rem, 100%);
}
.brand {
  display: flex;
  align-items: center;
  gap: var(--space-2);
  font-family: var(--font-display);
  font-weight: 700;
  color: var(--accent);
}
.leaf :deep(form) {
  display: grid;
  gap: var(--space-4);
  margin-top: var(--space-2);
}
</style>
