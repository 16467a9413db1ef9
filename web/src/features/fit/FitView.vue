<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import Select from 'primevue/select'
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { useGroupClass } from '@/lib/api/queries'
import { LEVELS } from '@/lib/api/types'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import CellPanel from './CellPanel.vue'
import ChoiceConflict from './ChoiceConflict.vue'
import FitGrid from './FitGrid.vue'
import HardToFit from './HardToFit.vue'
import NeedsPanel from './NeedsPanel.vue'
import RoomView from './RoomView.vue'
import SetAside from './SetAside.vue'
import { useFit } from './useFit'

const { id } = defineProps<{ id: string }>()

// In the minutes before class: everybody, every station, and why.
const held = useGroupClass(id)
const fit = useFit(id)

const FILTERS = [
  { value: 'all', label: t('fit.everybody') },
  { value: 'attention', label: t('fit.needs_attention') },
  { value: 'limits', label: t('fit.with_limits') },
  { value: 'new', label: t('fit.new_or_not_screened') },
]
const filter = ref('all')
const ORDERS = [
  { value: 'name', label: t('fit.by_name') },
  { value: 'level', label: t('common.by_level') },
]
const order = ref('name')
const VIEWS = [
  { value: 'people', label: t('common.people') },
  { value: 'room', label: t('fit.the_room') },
]
const view = ref('people')
const all = ref(false)
const at = ref({ row: 0, column: 0 })

const stations = computed(() =>
  (fit.sheet.value?.stations ?? []).filter((station) => all.value || ['main', 'finisher'].includes(station.role)),
)
const people = computed(() =>
  (fit.sheet.value?.people ?? [])
    .filter((person) => {
      if (filter.value === 'attention') return person.attention
      if (filter.value === 'limits') return person.limits.length > 0 || person.sore.length > 0
      if (filter.value === 'new') return person.new || ['not_asked', 'see_instructor'].includes(person.screening)
      return true
    })
    .sort((one, other) => (order.value === 'level' ? LEVELS.indexOf(one.level) - LEVELS.indexOf(other.level) : 0)),
)
const person = computed(() => people.value[Math.min(at.value.row, people.value.length - 1)])
const station = computed(() => stations.value[Math.min(at.value.column, stations.value.length - 1)])
const cell = computed(() =>
  person.value?.cells.find((one) => one.block === station.value?.block && one.station === station.value?.station),
)
const attention = computed(() => (fit.sheet.value?.people ?? []).filter((one) => one.attention).length)
/** To the row of somebody, at the first station that is not as their level's plan. */
function pick(id: string) {
  const row = people.value.findIndex((one) => one.id === id)
  const other = people.value[row]?.cells.find((held) => ['sit_out', 'substitute'].includes(held.kind))
  const column = stations.value.findIndex((held) => held.block === other?.block && held.station === other?.station)
  at.value = { row: Math.max(row, 0), column: Math.max(column, 0) }
}
const offset = -new Date().getTimezoneOffset()
const printPage = () => window.print()

useShortcuts([
  {
    keys: 'a',
    label: t('fit.only_who_needs_attention'),
    matches: plainKey('a'),
    run: () => (filter.value = filter.value === 'attention' ? 'all' : 'attention'),
  },
])
</script>

<template>
  <div class="page wide">
    <p class="small no-print">
      <RouterLink :to="{ name: 'classes' }">{{ $t('common.classes') }}</RouterLink> ›
      <RouterLink :to="{ name: 'class', params: { id } }">{{
        held.data.value?.title ?? $t('common.class')
      }}</RouterLink>
    </p>
    <div class="row spread">
      <h1>{{ $t('common.fit_sheet') }}</h1>
      <span class="row no-print">
        <a :href="`/api/classes/${id}/sheet.pdf?offset=${offset}`" target="_blank">{{ $t('fit.your_page_pdf') }}</a>
        <Button :label="$t('fit.print')" variant="outlined" size="small" @click="printPage" />
      </span>
    </div>
    <p v-if="held.data.value" class="quiet">{{ held.data.value.title }}, {{ dayText(held.data.value.starts_at) }}</p>
    <PageState
      :loading="fit.query.isPending.value"
      :error="fit.sheet.value ? null : fit.query.error.value"
      @retry="fit.query.refetch()"
    >
      <template v-if="fit.sheet.value">
        <ChoiceConflict :fit="fit" />
        <SetAside :fit="fit" />
        <p v-if="!fit.sheet.value.people.length" class="quiet">
          {{ $t('fit.nobody_is_coming_yet') }}
          <RouterLink :to="{ name: 'class', params: { id } }">{{ $t('fit.put_people_on_the_roster') }}</RouterLink>.
        </p>
        <template v-else>
          <div class="row tools no-print">
            <SelectButton
              v-model="view"
              :options="VIEWS"
              option-value="value"
              option-label="label"
              :allow-empty="false"
              :aria-label="$t('fit.view')"
            />
            <Select
              v-model="filter"
              :options="FILTERS"
              option-value="value"
              option-label="label"
              :aria-label="$t('fit.who')"
              aria-keyshortcuts="a"
            />
            <Select
              v-model="order"
              :options="ORDERS"
              option-value="value"
              option-label="label"
              :aria-label="$t('common.order')"
            />
            <label class="row small"
              ><input v-model="all" type="checkbox" /> {{ $t('fit.warm_up_and_cool_down_too') }}</label
            >
            <span class="small quiet" role="status"
              >{{ $t('fit.length_attention_to_look_at', { length: plural(people.length, 'person'), attention })
              }}<template v-if="fit.sheet.value.moved">{{
                $t('fit.plural_moved_no_kit_left', { plural: plural(fit.sheet.value.moved, 'cell') })
              }}</template></span
            >
          </div>
          <p v-if="fit.away.value" class="warn-text" role="status">{{ $t('fit.the_server_does_not_answer_what') }}</p>
          <p v-if="!people.length" class="quiet">{{ $t('fit.nobody_answers_to_that') }}</p>
          <RoomView v-else-if="view === 'room'" :fit="fit" :stations="stations" :people="people" />
          <div v-else class="sheet">
            <HardToFit class="above" :people="people" @pick="pick" />
            <FitGrid v-model:at="at" :fit="fit" :people="people" :stations="stations" />
            <CellPanel
              v-if="person && station && cell"
              :fit="fit"
              :person="person"
              :cell="cell"
              :station="station"
              class="no-print"
            />
          </div>
          <NeedsPanel :fit="fit" class="no-print" />
          <p class="small quiet">{{ $t('fit.the_model_compares_versions_it_does') }}</p>
        </template>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.wide {
  max-width: 110rem;
}
.tools {
  margin: var(--space-3) 0;
}
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  gap: var(--space-4);
}
.above {
  grid-column: 1 / -1;
}
@media (max-width: 60rem) {
  .sheet {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .sheet {
    display: block;
  }
}
</style>
