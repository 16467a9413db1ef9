<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Fit } from './useFit'

// Choices that make no sense any more. They do not count, and they are not thrown
// away without somebody having seen them.
const props = defineProps<{ fit: Fit }>()
const aside = computed(() => props.fit.sheet.value?.set_aside ?? [])
const notices = computed(() => props.fit.sheet.value?.notices ?? [])
const words = (choice: (typeof aside.value)[number]) =>
  [choice.variation && (props.fit.rungs.value.get(choice.variation)?.name ?? choice.variation), choice.number]
    .filter(Boolean)
    .join(' × ') || 'a choice'
</script>

<template>
  <section v-if="aside.length || notices.length" class="aside no-print" aria-label="To know before this class">
    <p v-for="notice in notices" :key="notice">{{ notice }}</p>
    <template v-if="aside.length">
      <h2>Choices that do not fit any more</h2>
      <ul>
        <li v-for="choice in aside" :key="`${choice.person_id}/${choice.block}/${choice.station}`">
          <span>
            <b>{{ choice.person }}</b>, {{ choice.station_name }}: {{ words(choice) }} is set aside, because
            {{ choice.why }}.
          </span>
          <Button
            label="Remove"
            size="small"
            variant="text"
            severity="secondary"
            :aria-label="`Remove the choice for ${choice.person} at ${choice.station_name}`"
            @click="fit.dropSetAside(choice)"
          />
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.aside {
  border-left: 4px solid var(--warn);
  background: var(--warn-wash);
  padding: var(--space-3) var(--space-4);
  margin: var(--space-3) 0;
}
h2 {
  font-size: var(--size-1);
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  align-items: center;
  justify-content: space-between;
}
</style>
