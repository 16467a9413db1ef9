<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { Limit } from '@/lib/api/types'
import TextField from '@/ui/TextField.vue'

// One limit: what is spared, on which side, how strictly, and for how long.
const props = defineProps<{
  limit: Limit
  kinds: { kind: string; words: string }[]
  number: number
  error?: string
}>()
const emit = defineEmits<{ change: [limit: Limit]; remove: [] }>()
const set = (changes: Partial<Limit>) => emit('change', { ...props.limit, ...changes })

const JOINTS = ['knee', 'hip', 'ankle', 'shoulder', 'elbow', 'wrist']
const SEVERITIES = [
  { value: 'avoid', label: t('people.avoid') },
  { value: 'gently', label: t('people.go_gently') },
]
const SIDES = [
  { value: 'left', label: t('people.left_side') },
  { value: 'right', label: t('people.right_side') },
  { value: 'both', label: t('people.both_sides') },
]
const sided = computed(() => JOINTS.includes(props.limit.kind))
</script>

<template>
  <div class="limit" role="group" :aria-label="$t('people.limit_number', { number })">
    <div class="what">
      <Select
        :model-value="limit.kind"
        :options="kinds"
        option-value="kind"
        option-label="words"
        size="small"
        :aria-label="$t('people.what_is_spared_limit_number', { number })"
        @update:model-value="set({ kind: $event, side: undefined })"
      />
      <Select
        v-if="sided"
        :model-value="limit.side ?? 'both'"
        :options="SIDES"
        option-value="value"
        option-label="label"
        size="small"
        :aria-label="$t('people.side_limit_number', { number })"
        @update:model-value="set({ side: $event })"
      />
      <Select
        :model-value="limit.severity"
        :options="SEVERITIES"
        option-value="value"
        option-label="label"
        size="small"
        :aria-label="$t('people.how_strictly_limit_number', { number })"
        @update:model-value="set({ severity: $event })"
      />
      <Button
        icon="pi pi-trash"
        :aria-label="$t('people.remove_limit_number', { number })"
        size="small"
        variant="text"
        severity="secondary"
        @click="emit('remove')"
      />
    </div>
    <div class="when">
      <TextField
        :label="$t('people.from')"
        type="date"
        :model-value="limit.from ?? ''"
        @update:model-value="set({ from: $event || undefined })"
      />
      <TextField
        :label="$t('people.until')"
        type="date"
        :error="error"
        :model-value="limit.until ?? ''"
        @update:model-value="set({ until: $event || undefined })"
      />
      <TextField
        :label="$t('common.note')"
        :maxlength="300"
        :model-value="limit.note ?? ''"
        @update:model-value="set({ note: $event || undefined })"
      />
    </div>
  </div>
</template>

<style scoped>
.limit {
  justify-self: stretch;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-1);
  border-bottom: 1px solid var(--rule-soft);
  padding-bottom: var(--space-2);
}
.what {
  display: flex;
  gap: var(--space-2);
}
.what > :first-child {
  flex: 1;
  min-width: 0;
}
.when {
  display: grid;
  grid-template-columns: auto auto minmax(0, 1fr);
  gap: var(--space-2);
  align-items: end;
}
@media (max-width: 40rem) {
  .when :deep(input) {
    width: 100%;
    padding-inline: var(--space-2);
  }
  .when {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .when > :last-child {
    grid-column: 1 / -1;
  }
}
</style>
