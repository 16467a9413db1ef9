<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import { useMovements } from '@/lib/api/queries'
import type { Limit } from '@/lib/api/types'

// What the limits rule out on the catalogue, as soon as they are typed.
const props = defineProps<{ limits: Limit[] }>()
const movements = useMovements()
const ruled = shallowRef<Record<string, string>>({})
const failed = ref(false)

const look = useDebounceFn(async (limits: Limit[]) => {
  try {
    ruled.value = limits.length ? (await ask(api.POST('/api/people/limits', { body: { limits } }))).ruled_out : {}
    failed.value = false
  } catch {
    failed.value = true
  }
}, 150)
watch(
  () => JSON.stringify(props.limits),
  () => void look(props.limits),
  { immediate: true },
)

const variations = computed(() => (movements.data.value ?? []).flatMap((movement) => movement.ladder))
const families = computed(() =>
  (movements.data.value ?? [])
    .map((movement) => ({
      name: movement.name,
      out: movement.ladder.filter((variation) => ruled.value[variation.id]),
      left: movement.ladder.length - movement.ladder.filter((variation) => ruled.value[variation.id]).length,
    }))
    .filter((family) => family.out.length),
)
const count = computed(() => Object.keys(ruled.value).length)
</script>

<template>
  <details v-if="limits.length" class="ruled small">
    <summary>
      <span v-if="failed" class="quiet">{{ $t('people.what_is_ruled_out_is_not') }}</span>
      <span v-else>{{ $t('people.today_count_of_count_2_versions_are', { count, count_2: variations.length }) }}</span>
    </summary>
    <ul>
      <li v-for="family in families" :key="family.name">
        <b>{{ family.name }}</b>: {{ family.out.map((variation) => variation.name).join(', ') }}
        <span class="quiet"
          >({{
            family.left ? $t('people.left_left', { left: family.left }) : $t('people.nothing_of_it_is_left')
          }})</span
        >
      </li>
    </ul>
  </details>
</template>

<style scoped>
.ruled ul {
  columns: 16rem;
  padding-left: var(--space-4);
}
summary {
  cursor: pointer;
  min-height: var(--target);
  display: flex;
  align-items: center;
}
summary::before {
  content: '+';
  width: 1.2em;
  font-weight: 700;
}
details[open] summary::before {
  content: '−';
}
</style>
