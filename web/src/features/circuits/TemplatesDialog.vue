<script setup lang="ts">
import { plural } from '@/lib/text'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useHouse, useTemplates } from '@/lib/api/queries'
import { clockText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { useFormatNames } from '@/lib/useFormatNames'

// Ready-made circuits to begin from, one at least for each format and school.
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ pick: [id: string] }>()
const templates = useTemplates()
const house = useHouse()
const format = ref<string | null>(null)

const shown = computed(() =>
  (templates.data.value ?? []).filter((template) => !format.value || template.formats.includes(format.value)),
)
const { offered, labelOf } = useFormatNames()
const schoolName = (id: string) => house.data.value?.schools.find((known) => known.id === id)?.name ?? id
const formats = (list: string[]) => list.map(labelOf).join(', ')
const schools = (list: string[]) => list.map(schoolName).join(', ')
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="$t('circuits.begin_from_a_ready_made_circuit')"
    :style="{ width: 'min(52rem, 96vw)' }"
  >
    <Select
      v-model="format"
      :options="offered"
      option-label="label"
      option-value="id"
      :placeholder="$t('circuits.any_format')"
      show-clear
      size="small"
      :aria-label="$t('circuits.format')"
    />
    <PageState :loading="templates.isPending.value" :error="templates.error.value" @retry="templates.refetch()">
      <ul class="list">
        <li v-for="template in shown" :key="template.id">
          <div>
            <h2>{{ template.title }}</h2>
            <p>{{ template.about }}</p>
            <p class="small quiet">
              {{ formats(template.formats)
              }}<template v-if="template.schools.length">
                {{ ' ' }}{{ $t('circuits.levels_by_schools', { schools: schools(template.schools) }) }}</template
              >
              · {{ plural(template.stations, 'station') }} ·
              {{ template.total_s ? clockText(template.total_s) : $t('circuits.through_the_day') }}
            </p>
          </div>
          <Button
            :label="$t('circuits.use_this')"
            size="small"
            variant="outlined"
            :aria-label="$t('circuits.use_this_title', { title: template.title })"
            @click="emit('pick', template.id)"
          />
        </li>
      </ul>
    </PageState>
  </Dialog>
</template>

<style scoped>
.list {
  list-style: none;
  padding: 0;
  margin: var(--space-3) 0 0;
}
h2 {
  font-size: var(--size-1);
}
li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: var(--space-3);
  align-items: start;
  padding: var(--space-3) 0;
  border-top: 1px solid var(--rule-soft);
}
</style>
