<script setup lang="ts">
import { plural } from '@/lib/text'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import { useHouse, useTemplates } from '@/lib/api/queries'
import { clockText } from '@/lib/clockText'
import { pieceName } from '@/lib/readable'
import PageState from '@/ui/PageState.vue'
import SearchFields from './SearchFields.vue'
import { answers, NO_SEARCH, type Search } from './search'
import { useFormatNames } from '@/lib/useFormatNames'

// Ready-made circuits to begin from, one at least for each format and school.
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ pick: [id: string] }>()
const templates = useTemplates()
const house = useHouse()
const search = ref<Search>(NO_SEARCH)

const shown = computed(() => (templates.data.value ?? []).filter((template) => answers(template, search.value)))
const tags = computed(() => [...new Set((templates.data.value ?? []).flatMap((template) => template.tags))].sort())
const { labelOf } = useFormatNames()
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
    <div class="row">
      <SearchFields
        v-model="search"
        :tags="tags"
        input-id="template-search"
        :placeholder="$t('circuits.what_do_you_look_for')"
      />
    </div>
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
              {{ template.total_s ? clockText(template.total_s) : $t('circuits.through_the_day') }} ·
              {{ template.kit.length ? template.kit.map(pieceName).join(', ') : $t('circuits.no_kit') }}
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
      <p v-if="!shown.length" class="quiet">{{ $t('circuits.no_circuit_answers_to_that_search') }}</p>
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
