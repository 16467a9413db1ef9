<script setup lang="ts">
import type { PlanOffer } from '@/lib/api/types'

// Changes that may be taken, each with the end that it brings.
defineProps<{ offers: PlanOffer[]; end: (offer: PlanOffer) => string; busy: boolean }>()
defineEmits<{ take: [offer: PlanOffer] }>()
</script>

<template>
  <ul>
    <li v-for="offer in offers" :key="offer.label">
      <button type="button" class="offer" :disabled="busy" @click="$emit('take', offer)">
        <span>{{ offer.label }}</span><span class="end">{{ end(offer) }}</span>
      </button>
    </li>
  </ul>
</template>

<style scoped src="./offers.css"></style>
