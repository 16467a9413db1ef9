<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import RemoteView from '@/features/remote/RemoteView.vue'
import { useMovements } from '@/lib/api/queries'
import { fetchRun } from '@/lib/api/runs'
import PageState from '@/ui/PageState.vue'

const { id } = defineProps<{ id: string }>()
const run = useQuery({ queryKey: ['run', id, 'remote'], queryFn: () => fetchRun(id), staleTime: Infinity })
const movements = useMovements()
</script>

<template>
  <PageState
    :loading="run.isPending.value || movements.isPending.value"
    :error="run.data.value && movements.data.value ? null : (run.error.value ?? movements.error.value)"
    @retry="(run.refetch(), movements.refetch())"
  >
    <RemoteView
      v-if="run.data.value && movements.data.value"
      :run="run.data.value"
      :movements="movements.data.value"
      @replan="run.refetch()"
    />
  </PageState>
</template>
