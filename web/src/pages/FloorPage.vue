<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { watch } from 'vue'
import { useRouter } from 'vue-router'
import { fetchRun } from '@/lib/api/runs'
import { useMovements } from '@/lib/api/queries'
import PageState from '@/ui/PageState.vue'
import FloorView from '@/features/floor/FloorView.vue'

const { id } = defineProps<{ id: string }>()
// Fetched once: from then on the class runs from what is here.
const run = useQuery({
  queryKey: ['run', id],
  queryFn: () => fetchRun(id),
  staleTime: Infinity,
  gcTime: 0,
  refetchOnWindowFocus: false,
  refetchOnReconnect: false,
})
const movements = useMovements()
const router = useRouter()
/** A day's total has no clock: it is counted, not called. */
watch(
  () => run.data.value?.total_s,
  (total) => total === 0 && router.replace({ name: 'count', params: { id } }),
  { immediate: true },
)
</script>

<template>
  <PageState
    :loading="run.isPending.value || movements.isPending.value"
    :error="run.data.value && movements.data.value ? null : (run.error.value ?? movements.error.value)"
    @retry="(run.refetch(), movements.refetch())"
  >
    <FloorView
      v-if="run.data.value && movements.data.value"
      :run="run.data.value"
      :movements="movements.data.value"
      @replan="run.refetch()"
    />
  </PageState>
</template>
