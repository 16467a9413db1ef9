<script setup lang="ts">
import { useLogSheet } from '@/lib/api/queries'
import PageState from '@/ui/PageState.vue'
import LogView from '@/features/log/LogView.vue'

const { id } = defineProps<{ id: string }>()
const sheet = useLogSheet(id)
</script>

<template>
  <div class="page">
    <PageState :loading="sheet.isPending.value" :error="sheet.error.value" @retry="sheet.refetch()">
      <LogView
        v-if="sheet.data.value"
        :key="sheet.dataUpdatedAt.value"
        :sheet="sheet.data.value"
        @reload="sheet.refetch()"
      />
    </PageState>
  </div>
</template>
