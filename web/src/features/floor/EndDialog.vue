<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'

// Asked before a class is ended with some of its plan left.
defineProps<{ left: string }>()
const emit = defineEmits<{ end: [] }>()
const ending = defineModel<boolean>('visible', { required: true })
</script>

<template>
  <Dialog v-model:visible="ending" modal header="End the class here?" :style="{ width: 'min(26rem, 94vw)' }">
    <p>{{ left }} of the plan are left. What has been done can be logged.</p>
    <div class="row choices">
      <Button label="End it" autofocus @click="((ending = false), emit('end'))" />
      <Button label="Continue" severity="secondary" variant="outlined" @click="ending = false" />
    </div>
  </Dialog>
</template>

<style scoped>
.choices {
  margin-top: var(--space-4);
}
</style>
