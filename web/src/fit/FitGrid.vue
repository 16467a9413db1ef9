<script setup lang="ts">
import { computed, nextTick, useTemplateRef } from 'vue'
import type { FitCell, FitPerson, FitStation } from '@/api/types'
import LevelMark from '@/components/LevelMark.vue'
import { SCREENING_WORDS } from '@/people/words'
import type { Fit } from './useFit'

// People down, stations across: one cell is looked at, and keys go from cell to cell.
const props = defineProps<{ fit: Fit; people: FitPerson[]; stations: FitStation[] }>()
const at = defineModel<{ row: number; column: number }>('at', { required: true })
const table = useTemplateRef<HTMLTableElement>('table')

/** Each person's cells in the order of the stations that are shown. */
const rows = computed(() =>
  props.people.map((person) => {
    const held = new Map(person.cells.map((cell) => [`${cell.block}/${cell.station}`, cell]))
    return {
      person,
      cells: props.stations.flatMap((station) => held.get(`${station.block}/${station.station}`) ?? []),
    }
  }),
)

/** As it is read in a hurry: a number, or seconds. */
function short(person: FitPerson, cell: FitCell) {
  const now = props.fit.shown(person, cell)
  if (!now.waiting) return cell.short
  return now.number ? `${now.number}${['hold', 'work'].includes(cell.unit ?? '') ? ' s' : ''}` : '…'
}
const NOTES: Partial<Record<FitCell['kind'], string>> = {
  lowered: 'lowered',
  substitute: 'instead',
  sit_out: 'sits out',
  locked: 'locked',
  remembered: 'as last time',
  kit: 'for want of kit',
  waits: 'speak first',
}
function flags(person: FitPerson) {
  return [
    person.new && 'new',
    ['not_asked', 'see_instructor'].includes(person.screening) && SCREENING_WORDS[person.screening],
    person.tired && 'tired today',
    person.sore.length && `sore ${person.sore.join(', ').replaceAll('_', ' ')}`,
    person.limits.length && person.limits.join('; '),
    !person.measured && 'all guessed',
    person.stale && 'some tests are old',
  ].filter(Boolean) as string[]
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
  const person = rows.value[at.value.row]?.person
  const cell = rows.value[at.value.row]?.cells[at.value.column]
  if (!person || !cell) return
  const { row, column } = at.value
  const now = props.fit.shown(person, cell)
  const moves: Record<string, () => void> = event.altKey
    ? { ArrowUp: () => props.fit.rung(person, cell, 1), ArrowDown: () => props.fit.rung(person, cell, -1) }
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
        }
  const move = moves[event.key]
  if (!move) return
  event.preventDefault()
  event.stopPropagation()
  move()
}
</script>

<template>
  <div class="scroll-x">
    <table ref="table" class="grid" role="grid" aria-label="Fit sheet" @keydown="onKey">
      <thead>
        <tr role="row">
          <th scope="col" role="columnheader">Name</th>
          <th v-for="station in stations" :key="`${station.block}/${station.station}`" scope="col" role="columnheader">
            {{ station.name }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="({ person, cells }, row) in rows" :key="person.id" role="row">
          <th scope="row" role="rowheader" :class="{ attention: person.attention }">
            <LevelMark :level="person.lane" bare /> {{ person.name }}
            <span v-for="flag in flags(person)" :key="flag" class="flag">{{ flag }}</span>
          </th>
          <td
            v-for="(cell, column) in cells"
            :key="`${cell.block}/${cell.station}`"
            role="gridcell"
            :tabindex="row === at.row && column === at.column ? 0 : -1"
            :class="[
              cell.level,
              {
                attention: cell.attention,
                here: row === at.row && column === at.column,
                own: ['locked', 'remembered'].includes(cell.kind),
              },
            ]"
            :aria-selected="row === at.row && column === at.column"
            @click="go(row, column)"
            @focus="at = { row, column }"
          >
            <span class="line">
              <LevelMark v-if="cell.level" :level="cell.level" bare />
              <b class="figure">{{ short(person, cell) }}</b>
            </span>
            <span class="rung">{{ fit.shown(person, cell).name ?? '' }}</span>
            <span v-if="NOTES[cell.kind]" class="note">{{ NOTES[cell.kind] }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.grid {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: var(--space-1) var(--space-2);
  border-bottom: 1px solid var(--rule-soft);
}
thead th {
  font-size: var(--size--1);
  color: var(--ink-soft);
  border-bottom: 2px solid var(--ink);
  position: sticky;
  top: 0;
  background: var(--paper);
}
tbody th {
  position: sticky;
  left: 0;
  background: var(--paper);
  min-width: 9.5rem;
  max-width: 13rem;
  z-index: 1;
}
td {
  min-width: 5.6rem;
  cursor: pointer;
}
td.here {
  background: var(--accent-wash);
}
td.attention {
  border-left: 4px solid var(--warn);
}
th.attention {
  border-left: 4px solid var(--warn);
}
.line {
  display: flex;
  gap: 0.35em;
  align-items: center;
}
.figure {
  white-space: nowrap;
  font-size: var(--size-1);
}
.rung,
.flag,
.note {
  display: block;
  font-size: 0.75rem;
  line-height: 1.2;
  font-weight: 400;
}
.flag {
  color: var(--ink-soft);
}
.note {
  color: var(--warn);
  font-weight: 600;
}
td.own .note {
  color: var(--note);
}
@media (max-width: 44rem) {
  tbody th {
    min-width: 7rem;
    max-width: 7rem;
    overflow-wrap: anywhere;
  }
}
@media print {
  .flag {
    display: none;
  }
}
</style>
