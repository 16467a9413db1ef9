<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'

// Asked before a class is ended with some of its plan left.
defineProps<{ left: string }>()
const emit = defineEmits<{ end: [] }>()
const ending = defineModel<boolean>('visible', { required: true })
</script>

<template>
  <Dialog
    v-model:visible="ending"
    modal
    :header="$t('floor.end_the_class_here')"
    :style="{ width: 'min(26rem, 94vw)' }"
  >
    <p>{{ $t('floor.left_of_the_plan_are_left', { left }) }}</p>
    <div class="row choices">
      <Button :label="$t('floor.end_it')" autofocus @click="((ending = false), emit('end'))" />
      <Button :label="$t('common.continue')" severity="secondary" variant="outlined" @click="ending = false" />
    </div>
  </Dialog>
</template>

<style scoped>
.choices {
  margin-top: var(--space-4);
}
</style>
