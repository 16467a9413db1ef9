<script setup lang="ts">
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { computed } from 'vue'
import LevelMark from '@/ui/LevelMark.vue'
import TempoBeat from './TempoBeat.vue'
import FigureOf from '@/ui/figure/FigureOf.vue'
import { clockText } from '@/lib/clockText'
import type { Level } from '@/lib/api/types'
import type { Moment } from './plan'

// One level's version of the station, and what it has left.
defineOptions({ inheritAttrs: false })
const props = defineProps<{
  level: Level
  name: string
  target: string
  load?: string
  standard: string
  figure?: string
  /** As the plan has it, and as the version has it by itself. */
  tempo?: { own?: string; usual?: string }
  /** What the plan says to this level alone. */
  note?: string
  /** It has nothing to do at this station. */
  out?: boolean
  lane: Moment['lanes'][Level]
  resting: boolean
}>()

/** More letters need two lines on a tall screen, and these three. */
const ONE_LINE = 18
const LONG = 30
/** A note of more letters would take more than two lines. */
const LENGTHY = 64
const secondsOf = (tempo?: string) => (tempo ?? '').split('-').reduce((sum, part) => sum + Number(part), 0)
const speed = computed(() => {
  const [own, usual] = [secondsOf(props.tempo?.own), secondsOf(props.tempo?.usual)]
  return own && usual ? usual / own : 1
})

const left = computed(() => {
  switch (props.lane.kind) {
    case 'work':
      return t('floor.ceil_s_left', { ceil: Math.ceil(props.lane.leftS) })
    case 'waiting':
      return props.resting || props.out ? t('floor.doing_rest') : t('floor.stop_and_wait')
    case 'done':
      return t('floor.doing_done')
    case 'switch':
      return t('floor.switch_sides_2')
    case 'rest':
      return t('floor.doing_rest')
    case 'pause':
      return t('floor.doing_pause')
    default:
      return t('floor.get_ready_2')
  }
})
</script>

<template>
  <section class="level" :class="[level, lane.kind]" :aria-label="readable(level)">
    <p class="mark">
      <LevelMark :level="level" /><span v-if="lane.level !== level" class="as">{{
        $t('floor.takes_level', { level: readable(lane.level) })
      }}</span
      ><span class="left" data-testid="left">{{ left }}</span>
    </p>
    <p class="name" :class="{ 'two-lines': name.length > ONE_LINE, long: name.length > LONG }">{{ name }}</p>
    <p class="target">{{ target }}</p>
    <div v-if="load || tempo?.own" class="how">
      <b v-if="load">{{ load }}</b>
      <TempoBeat v-if="tempo?.own" :tempo="tempo.own" :since-s="lane.sinceS" :running="lane.kind === 'work'" />
    </div>
    <p v-if="note" class="note" :class="{ lengthy: note.length > LENGTHY }">{{ note }}</p>
    <FigureOf
      v-if="figure"
      :key="figure"
      :version="figure"
      :label="$t('figure.label', { name, standard })"
      :speed="speed"
      :paused="lane.kind === 'done'"
      class="figure"
    />
    <p class="standard">{{ standard }}</p>
    <p class="ahead">
      {{
        lane.kind === 'done'
          ? $t('floor.meanwhile')
          : $t('floor.work_ahead_clock_text', { clock_text: clockText(Math.ceil(lane.workLeftS)) })
      }}
    </p>
  </section>
</template>

<style scoped>
.level {
  border-top: 1vh solid var(--hue);
  padding: 1vh 0 0;
  display: flex;
  flex-direction: column;
  gap: 0.4vh;
  min-width: 0;
  min-height: 0;
}
.mark {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 1vw;
  font-size: max(1rem, min(2.9vh, 2.3vw));
}
.as {
  color: var(--ink-soft);
  font-size: 0.8em;
}
.left {
  font-weight: 700;
}
.name {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: max(1.2rem, min(5.1vh, 4vw));
  line-height: 1.05;
}
/* What people look for from the back of the room. */
.target {
  font-size: max(1.4rem, min(7.1vh, 5.4vw));
  line-height: 1;
  font-weight: 700;
}
/* It takes what the words leave, and is small while people rest before it. */
.figure {
  flex: 1 1 0;
  min-height: 0;
  max-height: 34vh;
}
.rest .figure,
.ready .figure {
  max-height: 15vh;
}
.how {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 1vw;
  font-size: max(1rem, min(3.2vh, 2.6vw));
  line-height: 1.15;
}
.note {
  font-size: max(0.9rem, 2.6vh);
  line-height: 1.15;
}
/* What two lines have no room for is on the instructor's own screen, and on paper. */
.note.lengthy {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
/* What is left of the class's work, and what counts, are said where nothing else has to be. */
.level:has(.note) .ahead,
.level:has(.note) .standard {
  display: none;
}
.standard,
.ahead {
  font-size: max(0.85rem, 2.5vh);
  color: var(--ink-soft);
  line-height: 1.2;
}
.waiting,
.done {
  border-top-style: dotted;
}
.done .name,
.done .target {
  color: var(--ink-soft);
}
/* Too small to be read from afar, it gives its place to the figure, which says it to who cannot see. */
@media (max-height: 56rem) and (min-width: 44.01rem) {
  .level:has(.figure) .standard {
    display: none;
  }
}
/* A wide screen is short: what stands above a note makes room for it. */
@media (min-width: 44.01rem) and (min-aspect-ratio: 1/1) {
  .level:has(.note) .how {
    font-size: max(1rem, min(2.7vh, 2.2vw));
  }
}
/* On a tall screen the words have the left, and the level's mark stands over its figure on the right. */
@media (min-width: 44.01rem) and (max-aspect-ratio: 1/1) {
  .level {
    display: grid;
    grid-template: auto auto minmax(0, 1fr) / auto minmax(0, 1fr) 26vw;
    gap: 0.2vh 2vw;
    padding-top: 0.3vh;
    border-top-width: 0.6vh;
    overflow: hidden;
  }
  .mark {
    grid-area: 1 / 3 / span 2;
    align-self: start;
    flex-direction: column;
    gap: 0;
    font-size: min(2.5vh, 3.6vw);
    line-height: 1.15;
  }
  .name {
    grid-area: 1 / 1 / auto / span 2;
    font-size: min(5.1vh, 8vw);
  }
  .name.two-lines {
    font-size: min(4vh, 6vw);
  }
  .name.long {
    font-size: min(3.2vh, 5vw);
  }
  .target {
    grid-area: 2 / 1 / auto / span 2;
    font-size: min(7.2vh, 10.4vw);
  }
  .note {
    grid-area: 3 / 1 / auto / -1;
    font-size: min(2.5vh, 3.6vw);
  }
  /* Between the number and the level's mark. */
  .how {
    grid-area: 2 / 2;
    flex-direction: column;
    font-size: min(2.5vh, 3.6vw);
    line-height: 1.1;
  }
  .how :deep(.tempo) {
    font-size: inherit;
  }
  .level:has(.how) .target {
    grid-column: 1;
  }
  .figure {
    grid-area: 1 / 3 / span 3;
    contain: size;
    max-height: none;
    margin-top: calc(3 * 1.15 * min(2.5vh, 3.6vw));
  }
  .level:has(.how, .note) .figure,
  .level .standard,
  .level .ahead {
    display: none;
  }
  .level:has(.how, .note) .name {
    font-size: min(3.2vh, 5vw);
  }
  .level:has(.how, .note) .target {
    font-size: min(5vh, 8vw);
  }
  .level:has(.note) .name {
    font-size: min(2.8vh, 4.4vw);
  }
}
@media (max-width: 44rem) {
  .name {
    font-size: 1.6rem;
  }
  .target {
    font-size: 2.4rem;
  }
  .how,
  .note {
    font-size: 1.1rem;
  }
  .note.lengthy {
    -webkit-line-clamp: none;
  }
  .figure {
    flex: none;
    height: 11rem;
  }
  .standard {
    display: none;
  }
}
</style>
