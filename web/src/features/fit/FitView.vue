<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import Select from 'primevue/select'
import SelectButton from 'primevue/selectbutton'
import { useMediaQuery, useSwipe } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
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
  { value: 'targets', label: t('fit.targets') },
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
/** How going up is done here: by offer, or by the fit itself. */
const goingUp = computed(() => (fit.sheet.value?.going_up === 'taken' ? t('fit.to_the_reserve') : t('fit.as_planned')))
const attention = computed(() => (fit.sheet.value?.people ?? []).filter((one) => one.attention).length)
/** On a telephone a person a line, and one station at a time: by the arrows, or by a swipe. */
const narrow = useMediaQuery('(max-width: 44rem)')
/** There the opened cell lies over the table, until it is closed. */
const below = useMediaQuery('(max-width: 60rem)')
const open = ref(false)
const shownStations = computed(() => (narrow.value && station.value ? [station.value] : stations.value))
const shownAt = computed({
  get: () => (narrow.value ? { row: at.value.row, column: 0 } : at.value),
  set: (to) => (at.value = narrow.value ? { ...at.value, row: to.row } : to),
})
const turn = (by: number) =>
  (at.value = { ...at.value, column: Math.max(0, Math.min(stations.value.length - 1, at.value.column + by)) })
useSwipe(useTemplateRef<HTMLElement>('table'), {
  onSwipeEnd: (_event, direction) =>
    narrow.value && (direction === 'left' ? turn(1) : direction === 'right' ? turn(-1) : undefined),
})
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
    <div class="row spread head">
      <h1>{{ $t('common.fit_sheet') }}</h1>
      <p class="small where">
        <RouterLink :to="{ name: 'classes' }">{{ $t('common.classes') }}</RouterLink> ›
        <RouterLink :to="{ name: 'class', params: { id } }">{{
          held.data.value?.title ?? $t('common.class')
        }}</RouterLink><template v-if="held.data.value">, {{ dayText(held.data.value.starts_at) }}</template> ·
        {{ goingUp }}
      </p>
      <span class="row no-print">
        <a :href="`/api/classes/${id}/sheet.pdf?offset=${offset}`" target="_blank">{{ $t('fit.your_page_pdf') }}</a>
        <Button :label="$t('fit.print')" variant="outlined" size="small" @click="printPage" />
      </span>
    </div>
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
          <NeedsPanel v-else-if="view === 'targets'" :fit="fit" class="no-print" />
          <div v-else class="sheet">
            <div ref="table" class="table">
              <HardToFit v-if="!narrow" :people="people" @pick="pick" />
              <div v-else class="row stations">
                <Button
                  icon="pi pi-chevron-left"
                  variant="text"
                  :aria-label="$t('fit.station_before')"
                  :disabled="at.column === 0"
                  @click="turn(-1)"
                />
                <b aria-live="polite">{{ station?.name }} · {{ at.column + 1 }}/{{ stations.length }}</b>
                <Button
                  icon="pi pi-chevron-right"
                  variant="text"
                  :aria-label="$t('fit.station_after')"
                  :disabled="at.column >= stations.length - 1"
                  @click="turn(1)"
                />
              </div>
              <FitGrid v-model:at="shownAt" :fit="fit" :people="people" :stations="shownStations" @open="open = true" />
            </div>
            <CellPanel
              v-if="person && station && cell && (!below || open)"
              :fit="fit"
              :person="person"
              :cell="cell"
              :station="station"
              class="no-print"
              @close="open = false"
            />
          </div>
        </template>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.wide {
  max-width: 110rem;
  padding-block: var(--space-2) 0;
}
.stations {
  justify-content: space-between;
}
.head {
  align-items: baseline;
}
.head h1 {
  margin: 0;
  font-size: var(--size-2);
}
.where {
  flex: 1;
  margin: 0;
}
.tools {
  margin: var(--space-1) 0;
}
/* The sheet fills what is left of the window: it scrolls, and the page does not. */
.sheet {
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr) 17rem;
  gap: var(--space-3);
  height: calc(100dvh - 9.1rem);
  min-height: 26rem;
}
.table {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: var(--space-1);
  min-height: 0;
}
.sheet > :last-child {
  overflow-y: auto;
  min-height: 0;
}
@media (max-width: 60rem) {
  .sheet {
    display: block;
    height: auto;
    min-height: 0;
  }
}
@media print {
  .sheet {
    display: block;
    height: auto;
  }
}
</style>
