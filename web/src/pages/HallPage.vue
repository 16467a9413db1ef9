<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, onScopeDispose } from 'vue'
import HallView from '@/features/hall/HallView.vue'
import { fetchHall, runOf } from '@/features/hall/useHall'
import PageState from '@/ui/PageState.vue'
import { figuresFrom } from '@/ui/figure/useFigure'

const { code } = defineProps<{ code: string }>()
figuresFrom(code)
onScopeDispose(() => figuresFrom(null))
const hall = useQuery({ queryKey: ['hall', code], queryFn: () => fetchHall(code), staleTime: Infinity, gcTime: 0 })
const run = computed(() => hall.data.value && runOf(code, hall.data.value))
</script>

<template>
  <PageState :loading="hall.isPending.value" :error="hall.data.value ? null : hall.error.value" @retry="hall.refetch()">
    <HallView
      v-if="run && hall.data.value"
      :code="code"
      :run="run"
      :movements="hall.data.value.movements"
      @replan="hall.refetch()"
    />
  </PageState>
</template>
