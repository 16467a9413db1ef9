<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import Select from 'primevue/select'
import SelectButton from 'primevue/selectbutton'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import { RouterLink } from 'vue-router'
import { useGroupClass } from '@/lib/api/queries'
import { dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import { plainKey, useShortcuts } from '@/lib/useShortcuts'
import CellPanel from './CellPanel.vue'
import ChoiceConflict from './ChoiceConflict.vue'
import FitGrid from './FitGrid.vue'
import HardToFit from './HardToFit.vue'
import NeedsPanel from './NeedsPanel.vue'
import RoomPlan from './RoomPlan.vue'
import RoomView from './RoomView.vue'
import SetAside from './SetAside.vue'
import { useFit } from './useFit'
import { FILTERS, ORDERS, useLooked } from './useLooked'

const { id } = defineProps<{ id: string }>()

// In the minutes before class: everybody, every station, and why.
const held = useGroupClass(id)
const fit = useFit(id)

const VIEWS = [
  { value: 'people', label: t('common.people') },
  { value: 'room', label: t('fit.the_room') },
  { value: 'targets', label: t('fit.targets') },
]
const view = ref('people')
const looked = useLooked(fit, useTemplateRef<HTMLElement>('table'))
const { filter, order, all, at, people, stations, person, station, cell, narrow, open, turn } = looked
const { shownAt, shownStations } = looked
/** How going up is done here: by offer, or by the fit itself. */
const goingUp = computed(() => (fit.sheet.value?.going_up === 'taken' ? t('fit.to_the_reserve') : t('fit.as_planned')))
const attention = computed(() => (fit.sheet.value?.people ?? []).filter((one) => one.attention).length)
/** There the opened cell lies over the table, until it is closed. */
const below = useMediaQuery('(max-width: 60rem)')
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
          <template v-else-if="view === 'room'">
            <RoomPlan :id="id" />
            <h2>{{ $t('fit.station_by_station') }}</h2>
            <RoomView :stations="stations" :people="people" />
          </template>
          <NeedsPanel v-else-if="view === 'targets'" :fit="fit" class="no-print" />
          <div v-else class="sheet">
            <div ref="table" class="table">
              <HardToFit v-if="!narrow" :people="people" @pick="looked.pick" />
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
