<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import { plural, t } from '@/lib/text'
import { LEVELS, type BlockPreview, type Level, type Run } from '@/lib/api/types'
import FigureOf from '@/ui/figure/FigureOf.vue'
import LevelTally from '@/ui/LevelTally.vue'
import { groupsAt } from './groups'
import { GROUP_LETTERS } from './letters'
import { partsOf } from './target'
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

function shown(station: string | undefined, level: Level) {
  const version = props.versions.version(props.preview.id, station, level)
  const { number, unit, words } = partsOf(version.target)
  return { ...version, number, unit: [unit, version.load].filter(Boolean).join(' · '), besides: words }
}
const rows = computed(() =>
  groupsAt(props.preview, props.second, props.working).map((group) => {
    const size = props.sizes?.[group.index]
    const people = size && Object.values(size).reduce((sum, some) => sum + some, 0)
    return {
      ...group,
      people: people === undefined ? '' : people === 0 ? t('floor.nobody') : plural(people, 'person'),
      levels: LEVELS.map((level) => ({
        level,
        isFollowed: !size || Boolean(size[level]),
        ...shown(group.station, level),
      })),
    }
  }),
)
/** More than these at once stand still: a screen full of movement is not read, and costs frames. */
const MOST_MOVING = 6
const still = computed(() => rows.value.length * LEVELS.length > MOST_MOVING)
/** Below all sizes of letters: the levels' numbers in a line (3), the station's name alone (2), or that in small letters (1). */
const WITHOUT_VERSIONS = 3
const box = useTemplateRef<HTMLElement>('box')
const { fitting: detail } = useRowsThatFit(
  computed(() => (box.value ? [box.value] : null)),
  computed(() => WITHOUT_VERSIONS + GROUP_LETTERS.length),
  ref(WITHOUT_VERSIONS + 1),
)
const letters = computed(() => GROUP_LETTERS[detail.value - WITHOUT_VERSIONS - 1])
/** Beyond so many they stand in more columns. */
const FEW = 8
const columns = computed(() =>
  rows.value.length > FEW ? 6 : rows.value.length > 3 ? Math.ceil(rows.value.length / 2) : rows.value.length,
)
/** A tall screen has room below rather than beside. */
const tallColumns = computed(() => (rows.value.length > FEW ? 4 : Math.min(2, rows.value.length)))
</script>

<template>
  <div
    ref="box"
    class="groups"
    :class="{ small: detail === 1 }"
    :style="{
      '--columns': columns,
      '--tall-columns': tallColumns,
      '--letters': letters?.words,
      '--numbers': letters?.number,
    }"
  >
    <section v-for="row in rows" :key="row.label" class="group" :class="{ rests: row.rests }" :aria-label="row.label">
      <header>
        <p class="which">
          {{ [row.label, row.people].filter(Boolean).join(' · ') }}{{ row.rests ? $t('floor.rest') : '' }}
        </p>
        <p class="name">{{ versions.name(preview.id, row.station) }}</p>
      </header>
      <p v-if="detail === WITHOUT_VERSIONS" class="numbers">
        <span v-for="held in row.levels" :key="held.level" :class="{ unfollowed: !held.isFollowed }"
          ><LevelTally :level="held.level" /> {{ held.number }}</span
        >
      </p>
      <ul v-else-if="letters">
        <li v-for="held in row.levels" :key="held.level" :class="{ unfollowed: !held.isFollowed }">
          <LevelTally :level="held.level" />
          <b class="number">{{ held.number }}</b>
          <span class="unit">{{ held.unit }}</span>
          <FigureOf
            v-if="letters.figures && held.figure"
            :key="held.figure"
            :version="held.figure"
            :label="held.standard"
            :still="still"
            :paused="row.rests"
            class="drawn"
          />
          <div class="words">
            <p class="name">{{ held.name }}</p>
            <p v-if="held.besides" class="besides">{{ held.besides }}</p>
          </div>
        </li>
      </ul>
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
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0 1vw;
}
.which {
  font-size: max(0.95rem, min(2.5vh, 2.9vw));
  color: var(--ink-soft);
}
.name {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: max(1.1rem, min(3.2vh, 2.6vw));
  line-height: 1.1;
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
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 0.6vw;
}
li > * {
  flex: none;
}
/* Numbers stand below each other. */
.number {
  min-width: 2ch;
  text-align: right;
  font-size: max(1rem, var(--numbers));
  line-height: 0.95;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.words {
  flex: 1 1 0;
  min-width: 0;
}
li .name {
  font-family: var(--font-text);
  font-size: max(0.9rem, var(--letters));
  line-height: 1.1;
  font-weight: 600;
}
/* “a side, 8 moves” in two lines. */
.unit {
  max-width: 5em;
}
.unit,
.besides {
  font-size: max(0.85rem, min(2.5vh, 2.9vw, var(--letters)));
  line-height: 1.05;
}
.unit:empty {
  display: none;
}
.unfollowed {
  color: var(--ink-soft);
}
.unfollowed .name {
  font-weight: 400;
}
.drawn {
  width: max(3.2rem, 5vw);
  height: max(2rem, 5.4vh);
}
@media (min-width: 44.01rem) and (max-aspect-ratio: 1/1) {
  .groups {
    grid-template-columns: repeat(auto-fit, minmax(max(10.5rem, calc(100% / var(--tall-columns) - 2vw)), 1fr));
  }
  /* A column is narrow: what a number needs said has a line of its own. */
  li {
    flex-wrap: wrap;
    row-gap: 0;
  }
  .words {
    display: contents;
  }
  li .name {
    flex: 1 1 0;
    min-width: 0;
  }
  .besides {
    flex-basis: 100%;
  }
}
@media (max-width: 44rem) {
  .groups {
    flex: none;
    overflow: visible;
    grid-template-columns: 1fr;
  }
  .number {
    font-size: max(1.4rem, min(5vh, 11vw));
  }
  li .name {
    font-size: 1.3rem;
  }
}
</style>
