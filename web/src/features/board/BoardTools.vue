<script setup lang="ts">
import Button from 'primevue/button'
import type { Block } from '@/lib/api/types'

// What is done with the circuit as a whole; each has a key.
defineEmits<{ block: [role: Block['role']]; paste: []; take: []; pause: []; suggest: []; together: []; slot: [] }>()
</script>

<template>
  <div class="row add" role="group" :aria-label="$t('board.the_whole_circuit')">
    <Button
      :label="$t('board.add_a_block')"
      icon="pi pi-plus"
      variant="outlined"
      size="small"
      aria-keyshortcuts="b"
      @click="$emit('block', 'main')"
    />
    <Button
      :label="$t('board.add_a_finisher')"
      icon="pi pi-plus"
      variant="outlined"
      size="small"
      aria-keyshortcuts="f"
      @click="$emit('block', 'finisher')"
    />
    <Button
      :label="$t('board.paste_a_list')"
      icon="pi pi-list"
      variant="outlined"
      size="small"
      severity="secondary"
      aria-keyshortcuts="p"
      @click="$emit('paste')"
    />
    <Button
      :label="$t('board.take_a_block')"
      variant="outlined"
      size="small"
      severity="secondary"
      aria-keyshortcuts="k"
      @click="$emit('take')"
    />
    <Button
      :label="$t('board.add_a_pause')"
      icon="pi pi-plus"
      variant="outlined"
      size="small"
      severity="secondary"
      @click="$emit('pause')"
    />
    <Button
      :label="$t('board.suggest')"
      size="small"
      variant="outlined"
      aria-keyshortcuts="w"
      :title="$t('board.a_warm_up_or_cool_down')"
      @click="$emit('suggest')"
    />
    <Button
      :label="$t('board.finish_together')"
      size="small"
      variant="outlined"
      aria-keyshortcuts="t"
      @click="$emit('together')"
    />
    <Button
      :label="$t('board.fit_to_slot')"
      size="small"
      variant="outlined"
      aria-keyshortcuts="s"
      @click="$emit('slot')"
    />
  </div>
</template>

<style scoped>
.add {
  border-top: 1px solid var(--ink);
  padding-top: var(--space-1);
}
</style>
