<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { readable } from '@/lib/readable'
import { foundBy, type Found } from './findMovements'

// The movements that were found. The one that is open is always in sight.
const props = defineProps<{ found: Found[]; chosen?: string; words: string }>()

const list = ref<HTMLElement>()
watch(
  () => [props.chosen, props.found],
  () =>
    void nextTick(() => {
      const [here, around] = [list.value?.querySelector<HTMLElement>('[aria-current]'), list.value]
      if (!here || !around) return
      const top = here.offsetTop - around.offsetTop
      const below = top + here.offsetHeight - around.clientHeight
      if (around.scrollTop > top || around.scrollTop < below) around.scrollTop = top - around.clientHeight / 3
    }),
  { immediate: true },
)
</script>

<template>
  <nav ref="list" class="index" :aria-label="$t('common.movements')">
    <RouterLink
      v-for="{ movement, variation, by } in found"
      :key="movement.id"
      :to="{ name: 'movements', params: { id: movement.id } }"
      :class="{ here: movement.id === chosen }"
      :aria-current="movement.id === chosen ? 'true' : undefined"
      >{{ movement.name }} <span class="quiet small">{{ readable(movement.pattern) }}</span>
      <span v-if="words && foundBy({ variation, by })" class="small by">{{
        foundBy({ variation, by })
      }}</span></RouterLink
    >
    <p v-if="!found.length" class="quiet">{{ $t('movements.nothing_of_that_name') }}</p>
  </nav>
</template>

<style scoped>
.index {
  display: grid;
  align-content: start;
  max-height: calc(100vh - 13rem);
  overflow-y: auto;
}
.index a {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 var(--space-2);
  padding: var(--space-2) var(--space-2);
  color: var(--ink);
  text-decoration: none;
  border-bottom: 1px solid var(--rule-soft);
  border-left: 3px solid transparent;
}
.index a.here {
  border-left-color: var(--accent);
  background: var(--accent-wash);
}
.by {
  flex-basis: 100%;
}
@media (max-width: 52rem) {
  .index {
    grid-template-columns: 1fr 1fr;
    max-height: 14rem;
    overflow-y: auto;
  }
}
</style>
