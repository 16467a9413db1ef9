<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, ask } from '@/lib/api/client'
import { useFormats, useMovements } from '@/lib/api/queries'
import BoardView from '@/features/board/BoardView.vue'
import PageState from '@/ui/PageState.vue'

const { id } = defineProps<{ id: string }>()
const workout = useQuery({
  queryKey: ['workout', id],
  queryFn: () => ask(api.GET('/api/workouts/{id}', { params: { path: { id } } })),
  staleTime: Infinity,
  gcTime: 0,
  refetchOnWindowFocus: false,
})
const movements = useMovements()
const formats = useFormats()
</script>

<template>
  <div class="page wide">
    <PageState
      :loading="workout.isPending.value || movements.isPending.value || formats.isPending.value"
      :error="workout.error.value ?? movements.error.value ?? formats.error.value"
      @retry="(workout.refetch(), movements.refetch(), formats.refetch())"
    >
      <BoardView
        v-if="workout.data.value && movements.data.value && formats.data.value"
        :workout="workout.data.value"
        :movements="movements.data.value"
        :formats="formats.data.value"
      />
    </PageState>
  </div>
</template>

<style scoped>
.wide {
  max-width: 110rem;
  padding-top: var(--space-3);
}
</style>
