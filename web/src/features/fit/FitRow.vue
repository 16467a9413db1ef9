<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { computed } from 'vue'
import type { FitCell, FitPerson, FitStation } from '@/lib/api/types'
import LevelTally from '@/ui/LevelTally.vue'
import { SCREENING_WORDS } from '@/features/people/words'
import type { Fit } from './useFit'

// One person's row: drawn anew only where something of this person has changed,
// so that a class of sixty answers a key at once.
const props = defineProps<{
  fit: Fit
  person: FitPerson
  stations: FitStation[]
  /** The column that is looked at; -1 where it is another row. */
  column: number
}>()
const emit = defineEmits<{ look: [column: number]; open: [] }>()

const cells = computed(() => props.fit.cellsOf(props.person, props.stations))

/** As it is read in a hurry: a number, or seconds. */
function short(cell: FitCell) {
  const now = props.fit.shown(props.person, cell)
  if (!now.waiting) return cell.short
  return now.number ? `${now.number}${['hold', 'work'].includes(cell.unit ?? '') ? ` ${t('common.s')}` : ''}` : '…'
}
/** The version is named where the level's mark does not already say it. */
function named(cell: FitCell) {
  const now = props.fit.shown(props.person, cell)
  const station = props.stations.find((held) => held.block === cell.block && held.station === cell.station)
  const own = cell.level && station?.levels[cell.level].variation
  const asPlanned = cell.standard && !now.waiting
  return asPlanned || (now.variation && now.variation === own) ? '' : (now.name ?? '')
}
const NOTES: Partial<Record<FitCell['kind'], string>> = {
  lowered: t('fit.lowered'),
  substitute: t('fit.instead'),
  sit_out: t('fit.sits_out'),
  by_plan: t('fit.by_plan'),
  locked: t('fit.locked'),
  remembered: t('fit.as_last_time'),
  kit: t('fit.no_kit_left'),
  waits: t('fit.talk_first'),
}
const flags = computed(() => {
  const person = props.person
  return [
    person.new && t('fit.new'),
    ['not_asked', 'see_instructor'].includes(person.screening) && SCREENING_WORDS[person.screening],
    person.tired && t('fit.tired_today'),
    person.sore.length && t('fit.sore_replace_all', { replace_all: person.sore.map(readable).join(', ') }),
    person.limits.length && person.limits.join('; '),
    !person.measured && t('fit.all_guessed'),
    person.stale && t('fit.some_tests_are_old'),
  ].filter(Boolean) as string[]
})
</script>

<template>
  <tr role="row">
    <th scope="row" role="rowheader" :class="{ attention: person.attention }">
      <span class="line"
        ><LevelTally :level="person.level" /><span class="who">{{ person.name }}</span></span
      >
      <span v-if="flags.length" class="flag" :title="flags.join('; ')">{{ flags.join('; ') }}</span>
    </th>
    <td
      v-for="(cell, index) in cells"
      :key="`${cell.block}/${cell.station}`"
      role="gridcell"
      :tabindex="index === column ? 0 : -1"
      :class="[
        cell.level,
        {
          attention: cell.attention,
          here: index === column,
          own: ['locked', 'remembered'].includes(cell.kind),
        },
      ]"
      :aria-selected="index === column"
      @click="(emit('look', index), emit('open'))"
      @focus="emit('look', index)"
    >
      <span class="line">
        <LevelTally v-if="cell.level" :level="cell.level" />
        <b class="figure">{{ short(cell) }}</b>
        <span v-if="cell.step_up" class="more" role="img" :aria-label="$t('fit.ready_for_more')">▲</span>
      </span>
      <span v-if="named(cell)" class="variation">{{ named(cell) }}</span>
      <span
        v-if="NOTES[cell.kind]"
        class="note"
        :class="{ 'visually-hidden': named(cell), planned: cell.kind === 'by_plan' }"
        >{{ NOTES[cell.kind] }}</span
      >
    </td>
  </tr>
</template>

<style scoped>
/* Rows that are out of sight are not laid out: sixty people by twenty stations. */
tr {
  display: grid;
  grid-template-columns: var(--columns);
  content-visibility: auto;
  contain-intrinsic-height: auto 2.6rem;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 0.1rem var(--space-2);
  min-width: 0;
  border-left: 4px solid transparent;
  /* Not a border: it would end in a slant beside the wide one at the left. */
  box-shadow: inset 0 -1px var(--rule-soft);
  overflow-wrap: break-word;
}
th {
  position: sticky;
  left: 0;
  z-index: 1;
  background: var(--paper);
}
td {
  cursor: pointer;
}
td.here {
  background: var(--accent-wash);
}
/* Inside the cell: what is not laid out out of sight is not painted outside either. */
td:focus-visible {
  outline-offset: -3px;
}
.attention {
  border-left-color: var(--warn);
}
.line {
  display: flex;
  align-items: baseline;
  gap: 0.35em;
  white-space: nowrap;
}
.figure {
  font-size: 1.1rem;
  line-height: 1.15;
}
.who {
  overflow: hidden;
  text-overflow: ellipsis;
}
.variation,
.flag,
.note {
  font-size: 0.75rem;
  line-height: 1.12;
  font-weight: 400;
}
/* The whole is in the panel, and under the pointer. */
.variation,
.flag {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
}
.flag {
  -webkit-line-clamp: 1;
}
.line > :deep(svg) {
  flex: none;
}
td.attention .variation {
  color: var(--warn);
}
.more {
  color: var(--accent);
  font-size: 0.8rem;
}
.flag {
  color: var(--ink-soft);
}
.note {
  display: block;
  color: var(--warn);
  font-weight: 600;
}
/* As the level's plan has it: nothing to look at. */
.note.planned {
  color: var(--ink-soft);
  font-weight: 400;
}
td.own .note {
  color: var(--note);
}
@media print {
  tr {
    display: table-row;
    content-visibility: visible;
  }
  th,
  td {
    border-bottom: 1px solid var(--rule);
  }
  .flag {
    display: none;
  }
}
</style>
