<script setup lang="ts">
import Button from 'primevue/button'
import Message from 'primevue/message'
import { wording } from '@/lib/api/client'

// What a page shows while its data is on the way, or did not come.
defineProps<{ loading: boolean; error: unknown }>()
defineEmits<{ retry: [] }>()
</script>

<template>
  <Message v-if="error" severity="warn" :closable="false">
    <span>{{ wording(error) }}</span>
    <Button :label="$t('ui.try_again')" size="small" variant="outlined" class="again" @click="$emit('retry')" />
  </Message>
  <p v-else-if="loading" class="quiet" role="status">{{ $t('ui.fetching') }}</p>
  <slot v-else />
</template>

<style scoped>
.again {
  margin-left: var(--space-4);
}
</style>
