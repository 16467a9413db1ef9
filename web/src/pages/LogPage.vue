<script setup lang="ts">
import { useRoute } from 'vue-router'
import { useLogSheet } from '@/api/queries'
import PageState from '@/components/PageState.vue'
import LogView from '@/log/LogView.vue'

const sheet = useLogSheet(String(useRoute().params.id))
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
