<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InstructorView from '@/features/floor/InstructorView.vue'
import { fetchRun } from '@/lib/api/runs'
import PageState from '@/ui/PageState.vue'

const props = defineProps<{ id: string; run: string }>()
const query = useQuery({
  queryKey: ['run', props.run, 'mine'],
  queryFn: () => fetchRun(props.run),
  staleTime: Infinity,
})
</script>

<template>
  <PageState
    :loading="query.isPending.value"
    :error="query.data.value ? null : query.error.value"
    @retry="query.refetch()"
  >
    <InstructorView v-if="query.data.value" :class-id="id" :run="query.data.value" @replan="query.refetch()" />
  </PageState>
</template>
