<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { plural, t } from '@/lib/text'
import { LEVELS, type BlockPreview, type Level, type Run } from '@/lib/api/types'
import FigureOf from '@/ui/figure/FigureOf.vue'
import LevelTally from '@/ui/LevelTally.vue'
import { groupsAt } from './groups'
import { useRowsThatFit } from './useRowsThatFit'
import type { Versions } from './useVersions'

// Groups of the class: how many they are, at which station each stands now, or goes to next, and who rests meanwhile.
// A level that nobody of a group follows is told more quietly: somebody there may have been given its version.
const props = defineProps<{
  preview: BlockPreview
  /** The second of the plan as it was made, before anything was added. */
  second: number
  working: boolean
  versions: Versions
  /** How many of each group follow each level. */
  sizes?: Run['groups'][string]
}>()

const rows = computed(() =>
  groupsAt(props.preview, props.second, props.working).map((group) => {
    const size = props.sizes?.[group.index]
    const people = size && Object.values(size).reduce((sum, some) => sum + some, 0)
    return {
      ...group,
      people: people === undefined ? '' : people === 0 ? t('floor.nobody') : plural(people, 'person'),
      isFollowed: (level: Level) => !size || Boolean(size[level]),
    }
  }),
)
/** More than these at once stand still: a screen full of movement is not read, and costs frames. */
const MOST_MOVING = 6
const still = computed(() => rows.value.length * LEVELS.length > MOST_MOVING)
/**
 * As much as there is room for: words as large as where all are together, with figures (9) and without (8), smaller with
 * figures (7, 6) and without (5), small (4), the levels' numbers in a line (3), the station's name alone (2), or that in small
 * letters (1).
 */
const DETAILS = 9
const FIGURES = [9, 7, 6]
const LETTERS: Record<number, string> = { 9: '5vh', 8: '5vh', 7: '3.6vh', 6: '2.8vh', 5: '2.8vh' }
const box = useTemplateRef<HTMLElement>('box')
const { fitting: detail } = useRowsThatFit(
  computed(() => (box.value ? [box.value] : null)),
  computed(() => DETAILS),
)
/** Beyond so many they stand in more columns. */
const FEW = 8
const columns = computed(() =>
  rows.value.length > FEW ? 6 : rows.value.length > 4 ? Math.ceil(rows.value.length / 2) : rows.value.length,
)
/** A tall screen has room below rather than beside. */
const tallColumns = computed(() => (rows.value.length > FEW ? 4 : Math.min(2, rows.value.length)))
const shown = (station: string | undefined, level: Level) => props.versions.version(props.preview.id, station, level)
</script>

<template>
  <div
    ref="box"
    class="groups"
    :class="{ small: detail === 1, few: rows.length <= FEW }"
    :style="{ '--columns': columns, '--tall-columns': tallColumns, '--letters': LETTERS[detail] ?? '2.1vh' }"
  >
    <section v-for="row in rows" :key="row.label" class="group" :class="{ rests: row.rests }" :aria-label="row.label">
      <p class="number">
        {{ [row.label, row.people].filter(Boolean).join(' · ') }}{{ row.rests ? $t('floor.rest') : '' }}
      </p>
      <p class="name">{{ versions.name(preview.id, row.station) }}</p>
      <p v-if="detail === 3" class="numbers">
        <span v-for="level in LEVELS" :key="level" :class="{ unfollowed: !row.isFollowed(level) }"
          ><LevelTally :level="level" /> {{ shown(row.station, level).number }}</span
        >
      </p>
      <p
        v-for="level in detail > 3 ? LEVELS : []"
        :key="level"
        class="version"
        :class="{ unfollowed: !row.isFollowed(level) }"
      >
        <LevelTally :level="level" />
        <FigureOf
          v-if="FIGURES.includes(detail) && shown(row.station, level).figure"
          :key="shown(row.station, level).figure"
          :version="shown(row.station, level).figure"
          :label="shown(row.station, level).standard"
          :still="still"
          :paused="row.rests"
          class="drawn"
        />
        <span class="words"
          >{{ shown(row.station, level).name }},
          <span class="target">{{
            [shown(row.station, level).target, shown(row.station, level).load].filter(Boolean).join(' · ')
          }}</span></span
        >
      </p>
    </section>
  </div>
</template>

<style scoped>
.groups {
  flex: 1 1 0;
  min-height: 0;
  overflow: hidden;
  display: grid;
  /* As many beside each other as have room for the longest words. */
  grid-template-columns: repeat(auto-fit, minmax(max(10.5rem, calc(100% / var(--columns) - 2vw)), 1fr));
  align-content: start;
  gap: 1.4vh 2vw;
}
.group {
  border-top: 0.7vh solid var(--ink);
  padding-top: 0.7vh;
  min-width: 0;
}
.rests {
  border-top-style: dashed;
  color: var(--ink-soft);
}
.number {
  font-size: max(0.95rem, 2.4vh);
  color: var(--ink-soft);
}
.name {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: max(1.1rem, min(4.2vh, 3.2vw));
  line-height: 1.15;
  margin-bottom: 0.6vh;
}
.small .name {
  font-size: max(0.9rem, 2.5vh);
  margin: 0;
}
.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1vw;
  font-size: max(0.9rem, 2.4vh);
  font-weight: 600;
}
.version {
  display: flex;
  align-items: center;
  gap: 0.5vw;
  font-size: max(0.9rem, var(--letters));
  line-height: 1.18;
}
.version > * {
  flex: none;
}
.version > .words {
  flex: 1 1 0;
}
/* A number and its unit stay in one line. */
.target {
  display: inline-block;
}
.unfollowed {
  color: var(--ink-soft);
}
.version:not(.unfollowed) .words {
  font-weight: 600;
}
.drawn {
  width: max(3.2rem, 5vw);
  height: max(2rem, 5.4vh);
}
@media (min-width: 44.01rem) and (max-aspect-ratio: 1/1) {
  .groups {
    grid-template-columns: repeat(auto-fit, minmax(max(10.5rem, calc(100% / var(--tall-columns) - 2vw)), 1fr));
  }
  .few:not(.small) .name {
    font-size: min(4.2vh, 5vw);
  }
}
@media (max-width: 44rem) {
  .groups {
    flex: none;
    overflow: visible;
    grid-template-columns: 1fr;
  }
  .version {
    font-size: 1.1rem;
  }
}
</style>
