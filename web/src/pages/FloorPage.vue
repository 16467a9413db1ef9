<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import { useMovements } from '@/api/queries'
import PageState from '@/components/PageState.vue'
import FloorView from '@/floor/FloorView.vue'

const id = String(useRoute().params.id)
// Fetched once: from then on the class runs from what is here.
const run = useQuery({
  queryKey: ['run', id],
  queryFn: () => ask(api.GET('/api/runs/{id}', { params: { path: { id } } })),
  staleTime: Infinity,
  gcTime: 0,
  refetchOnWindowFocus: false,
  refetchOnReconnect: false,
})
const movements = useMovements()
</script>

<template>
  <PageState
    :loading="run.isPending.value || movements.isPending.value"
    :error="run.error.value ?? movements.error.value"
    @retry="(run.refetch(), movements.refetch())"
  >
    <FloorView v-if="run.data.value && movements.data.value" :run="run.data.value" :movements="movements.data.value" />
  </PageState>
</template>
