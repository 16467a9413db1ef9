<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted } from 'vue'
import { useRouter } from 'vue-router'

// The class is over: one thing is left to do, and Enter does it.
defineProps<{ runId: string }>()
const emit = defineEmits<{ back: [] }>()
const router = useRouter()
onMounted(() => document.getElementById('to-log')?.focus())
</script>

<template>
  <div class="centre">
    <p class="over">{{ $t('floor.done') }}</p>
    <p class="over-line">{{ $t('floor.walk_it_off_drink_and_ask') }}</p>
    <Button
      id="to-log"
      :label="$t('floor.log_this_class')"
      size="large"
      @click="router.push({ name: 'log', params: { id: runId } })"
    />
    <Button :label="$t('floor.not_yet_go_back')" variant="text" severity="secondary" @click="emit('back')" />
  </div>
</template>

<style scoped>
.centre {
  flex: 1 0 auto;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 2vh;
}
.over {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: 22vh;
  line-height: 1;
}
.over-line {
  font-size: max(1rem, 3vh);
}
</style>
