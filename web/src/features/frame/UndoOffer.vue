<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import Button from 'primevue/button'
import { watch } from 'vue'
import { offers } from '@/lib/offers'

// Stays long enough to be read and reached, by key as well.
const SHOWN_MS = 12_000
const { start, stop } = useTimeoutFn(() => (offers.value = null), SHOWN_MS, { immediate: false })
watch(offers, (offer) => (offer ? start() : stop()))
</script>

<template>
  <div class="place" role="status">
    <div v-if="offers" class="offer no-print">
      <span>{{ offers.summary }}</span>
      <Button :label="$t('frame.undo')" size="small" @click="offers.undo()" />
      <Button
        icon="pi pi-times"
        :aria-label="$t('frame.close')"
        size="small"
        variant="text"
        severity="secondary"
        @click="offers = null"
      />
    </div>
  </div>
</template>

<style scoped>
.offer {
  position: fixed;
  left: 50%;
  bottom: var(--space-5);
  transform: translateX(-50%);
  display: flex;
  align-items: center;
  gap: var(--space-3);
  background: var(--paper-raised);
  border: 2px solid var(--ink);
  padding: var(--space-2) var(--space-3);
  z-index: 30;
}
</style>
