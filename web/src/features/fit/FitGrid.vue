<script setup lang="ts">
import { computed, nextTick, useTemplateRef } from 'vue'
import type { FitPerson, FitStation } from '@/lib/api/types'
import FitRow from './FitRow.vue'
import type { Fit } from './useFit'

// People down, stations across: one cell is looked at, and keys go from cell to cell.
const props = defineProps<{ fit: Fit; people: FitPerson[]; stations: FitStation[] }>()
const at = defineModel<{ row: number; column: number }>('at', { required: true })
const emit = defineEmits<{ open: [] }>()
const table = useTemplateRef<HTMLTableElement>('table')

/** The cell that is looked at, where a filter has left fewer people than before too. */
const here = computed(() => ({
  row: Math.min(at.value.row, props.people.length - 1),
  column: Math.min(at.value.column, props.stations.length - 1),
}))
const columns = computed(() => `var(--who) repeat(${props.stations.length}, minmax(var(--station), 1fr))`)

/** Looking at the same cell again is nothing new. */
function look(row: number, column: number) {
  if (row !== at.value.row || column !== at.value.column) at.value = { row, column }
}

async function go(row: number, column: number) {
  at.value = {
    row: Math.max(0, Math.min(props.people.length - 1, row)),
    column: Math.max(0, Math.min(props.stations.length - 1, column)),
  }
  await nextTick()
  table.value?.querySelector<HTMLElement>('[tabindex="0"]')?.focus()
}

function onKey(event: KeyboardEvent) {
  const { row, column } = here.value
  const person = props.people[row]
  const cell = person && props.fit.cellsOf(person, props.stations)[column]
  if (!person || !cell) return
  const now = props.fit.shown(person, cell)
  const moves: Record<string, () => void> = event.altKey
    ? { ArrowUp: () => props.fit.variation(person, cell, 1), ArrowDown: () => props.fit.variation(person, cell, -1) }
    : event.ctrlKey || event.metaKey
      ? { Home: () => void go(0, 0), End: () => void go(Infinity, Infinity) }
      : {
          ArrowUp: () => void go(row - 1, column),
          ArrowDown: () => void go(row + 1, column),
          ArrowLeft: () => void go(row, column - 1),
          ArrowRight: () => void go(row, column + 1),
          Home: () => void go(row, 0),
          End: () => void go(row, Infinity),
          '+': () => now.number && props.fit.number(person, cell, now.number + 1),
          '=': () => now.number && props.fit.number(person, cell, now.number + 1),
          '-': () => now.number && props.fit.number(person, cell, now.number - 1),
          l: () =>
            now.variation &&
            void props.fit.send(person, cell, { variation: now.variation, number: now.number ?? undefined }),
          u: () => void props.fit.send(person, cell, null),
          m: () => props.fit.stepUp(person, cell),
        }
  const move = moves[event.key]
  if (!move) return
  event.preventDefault()
  event.stopPropagation()
  move()
}
</script>

<template>
  <div class="scroll">
    <table
      ref="table"
      class="grid"
      role="grid"
      :aria-label="$t('common.fit_sheet')"
      :style="{ '--columns': columns, '--stations': stations.length }"
      @keydown="onKey"
    >
      <thead role="rowgroup">
        <tr role="row">
          <th scope="col" role="columnheader">{{ $t('common.name') }}</th>
          <th v-for="station in stations" :key="`${station.block}/${station.station}`" scope="col" role="columnheader">
            {{ station.name }}
          </th>
        </tr>
      </thead>
      <tbody role="rowgroup">
        <FitRow
          v-for="(person, row) in people"
          :key="person.id"
          :fit="fit"
          :person="person"
          :stations="stations"
          :column="row === here.row ? here.column : -1"
          @look="(column: number) => look(row, column)"
          @open="emit('open')"
        />
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  --who: 11.4rem;
  --station: 5.4rem;
  overflow: auto;
  height: 100%;
  /* A cell that is gone to by key comes out from under the names and the stations. */
  scroll-padding: 3.6rem var(--space-2) var(--space-2) calc(var(--who) + var(--space-2));
}
.grid,
thead,
tbody {
  display: block;
}
.grid {
  min-width: calc(var(--who) + var(--stations) * var(--station));
}
thead {
  position: sticky;
  top: 0;
  z-index: 2;
}
thead tr {
  display: grid;
  grid-template-columns: var(--columns);
  background: var(--paper);
  border-bottom: 2px solid var(--ink);
}
thead th {
  text-align: left;
  padding: 0.1rem var(--space-2);
  line-height: 1.15;
  font-size: var(--size--1);
  color: var(--ink-soft);
  overflow-wrap: break-word;
}
thead th:first-child {
  position: sticky;
  left: 0;
  background: var(--paper);
}
@media (max-width: 44rem) {
  .scroll {
    --who: 13rem;
  }
}
@media print {
  .scroll {
    overflow: visible;
    height: auto;
  }
  .grid {
    display: table;
    width: 100%;
    border-collapse: collapse;
  }
  thead {
    display: table-header-group;
  }
  tbody {
    display: table-row-group;
  }
  thead tr {
    display: table-row;
  }
}
</style>
