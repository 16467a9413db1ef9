<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, ask } from '@/lib/api/client'

// For whom this class comes too soon after another. Names and work, nothing of their health.
const props = defineProps<{ id: string }>()
const lately = useQuery({
  queryKey: ['lately', props.id],
  queryFn: () => ask(api.GET('/api/classes/{id}/lately', { params: { path: { id: props.id } } })),
})
</script>

<template>
  <section v-if="lately.data.value?.findings.length" :aria-label="$t('classes.what_went_before')">
    <h2>{{ $t('classes.what_went_before') }}</h2>
    <ul>
      <li v-for="finding in lately.data.value.findings" :key="finding.what">
        <b>{{ finding.what }}</b> {{ finding.people.join(', ') }}.
        <span class="small quiet">{{ finding.why }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: var(--space-4);
}
h2 {
  font-size: var(--size-1);
}
ul {
  padding-left: var(--space-4);
  margin: var(--space-1) 0 0;
}
</style>
