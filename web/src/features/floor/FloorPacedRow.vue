<script setup lang="ts">
import { computed } from 'vue'
import FigureOf from '@/ui/figure/FigureOf.vue'
import { tempoText } from './tempo'

// One station in the list of a level that goes at its own pace: the version, and how many; of a total what is left.
defineOptions({ inheritAttrs: false })
const props = defineProps<{
  name: string
  standard: string
  figure?: string
  /** Undefined where a total is worked off. */
  target?: string
  total: number
  done: number
  drawn: boolean
  still: boolean
  explained: boolean
  load?: string
  tempo?: { own?: string }
  note?: string
  /** What the plan says of the station to all levels. */
  besides?: string
}>()
const how = computed(() =>
  [props.load, props.tempo?.own && tempoText(props.tempo.own), props.note, props.besides].filter(Boolean).join(' · '),
)
</script>

<template>
  <li>
    <FigureOf
      v-if="drawn && figure"
      :version="figure"
      :label="standard"
      :still="still"
      class="drawn"
      :class="{ low: still }"
    />
    <span class="name"
      >{{ name }}<span v-if="explained" class="standard">{{ standard }}</span></span
    >
    <span v-if="target === undefined" class="target"
      ><b>{{ total - done }}</b> {{ $t('floor.of_total', { total }) }}</span
    >
    <span v-else class="target">{{ target }}</span>
    <span v-if="how" class="how">{{ how }}</span>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 1vw;
  align-items: baseline;
  border-bottom: 1px solid var(--rule-soft);
  padding: 0.3vh 0;
}
li:has(.drawn) {
  grid-template-columns: 6.5vw 1fr auto;
  align-items: center;
}
.drawn {
  height: max(2.4rem, 7vh);
}
.drawn.low {
  height: max(2rem, 4.6vh);
}
.name {
  font-family: var(--font-display);
  font-weight: 600;
  font-size: max(1rem, min(2.9vh, 2.2vw));
  line-height: 1.1;
}
.standard,
.how {
  display: block;
  font-family: var(--font-text);
  font-weight: 400;
  font-size: max(0.8rem, 1.8vh);
  color: var(--ink-soft);
  line-height: 1.2;
}
.how {
  grid-column: 1 / -1;
  color: var(--ink);
}
li:has(.drawn) .how {
  grid-column: 2 / -1;
}
.target {
  font-size: max(1rem, min(2.9vh, 2.2vw));
  font-weight: 600;
}
/* Two figures high at most, and read from the back of the room. */
@media (min-width: 64rem) {
  .few .name {
    font-size: max(1.1rem, min(3.9vh, 2.6vw));
  }
  .few .target {
    font-size: max(1.3rem, min(5vh, 3.2vw));
  }
  .few .drawn {
    height: max(2.6rem, 6.5vh);
  }
  .few .how {
    font-size: max(0.9rem, 2.5vh);
  }
}
/* In a narrow column the number stands below its name. */
@media (max-width: 64rem) and (min-width: 44.01rem) {
  li,
  li:has(.drawn) {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
@media (max-width: 44rem) {
  .standard {
    display: none;
  }
  li:has(.drawn) {
    grid-template-columns: 5rem 1fr auto;
  }
}
</style>
