<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import CountView from '@/features/count/CountView.vue'
import { api, ask } from '@/lib/api/client'
import { useMovements } from '@/lib/api/queries'
import { fetchRun } from '@/lib/api/runs'
import PageState from '@/ui/PageState.vue'

const { id } = defineProps<{ id: string }>()
const run = useQuery({ queryKey: ['run', id, 'count'], queryFn: () => fetchRun(id), staleTime: Infinity })
const movements = useMovements()
const people = useQuery({ queryKey: ['people'], queryFn: async () => (await ask(api.GET('/api/people'))).people })
</script>

<template>
  <div class="page">
    <PageState
      :loading="run.isPending.value || movements.isPending.value"
      :error="run.data.value && movements.data.value ? null : (run.error.value ?? movements.error.value)"
      @retry="(run.refetch(), movements.refetch())"
    >
      <CountView
        v-if="run.data.value && movements.data.value"
        :run="run.data.value"
        :movements="movements.data.value"
        :people="people.data.value ?? []"
        @replan="run.refetch()"
      />
    </PageState>
  </div>
</template>
