<script setup lang="ts">
import { computed } from 'vue'
import FigureOf from '@/ui/figure/FigureOf.vue'
import { t } from '@/lib/text'
import { partsOf } from './target'
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
/** Of a total what is left of it is what counts. */
const counted = computed(() =>
  props.target === undefined
    ? { number: String(props.total - props.done), unit: t('floor.of_total', { total: props.total }), words: '' }
    : partsOf(props.target),
)
const how = computed(() =>
  [counted.value.words, props.load, props.tempo?.own && tempoText(props.tempo.own), props.note, props.besides]
    .filter(Boolean)
    .join(' · '),
)
</script>

<template>
  <li>
    <b class="number">{{ counted.number }}</b>
    <span class="unit">{{ counted.unit }}</span>
    <FigureOf
      v-if="drawn && figure"
      :version="figure"
      :label="standard"
      :still="still"
      class="drawn"
      :class="{ low: still }"
    />
    <div class="words">
      <p class="name">{{ name }}</p>
      <p v-if="explained" class="standard">{{ standard }}</p>
      <p v-if="how" class="how">{{ how }}</p>
    </div>
  </li>
</template>

<style scoped>
/* The list says how large the letters are: as large as all of its rows have room for. */
li {
  display: flex;
  align-items: center;
  gap: 0.6vw;
  border-bottom: 1px solid var(--rule-soft);
  padding: 0.3vh 0;
}
li > * {
  flex: none;
}
.words {
  flex: 1 1 0;
  min-width: 0;
}
/* Numbers stand below each other. */
.number {
  min-width: calc(var(--digits) * 1ch);
  text-align: right;
  font-size: max(1rem, var(--numbers));
  line-height: 0.95;
  font-variant-numeric: tabular-nums;
}
.number:empty {
  display: none;
}
.name {
  font-weight: 600;
  font-size: max(1rem, var(--names));
  line-height: 1.08;
}
/* “a side, 8 moves” in two lines. */
.unit {
  max-width: 5em;
  font-size: max(0.85rem, min(2.5vh, 2.9vw, var(--names)));
  line-height: 1.05;
}
.unit:empty {
  display: none;
}
.standard,
.how {
  font-size: max(0.85rem, min(2.5vh, var(--besides)));
  line-height: 1.15;
}
.standard {
  color: var(--ink-soft);
}
.drawn {
  width: 5vw;
  height: max(2.4rem, 7vh);
}
.drawn.low {
  height: max(2rem, 4.6vh);
}
/* In a narrow column the name stands below its number. */
@media (min-width: 44.01rem) and (max-aspect-ratio: 1/1) {
  li {
    flex-wrap: wrap;
    row-gap: 0;
  }
  .number {
    min-width: 0;
  }
  .words {
    flex-basis: 100%;
  }
  .drawn {
    width: 10vw;
  }
}
@media (max-width: 44rem) {
  .standard {
    display: none;
  }
  .drawn {
    width: 5rem;
  }
  .number {
    font-size: max(1.6rem, min(5vh, 11vw));
  }
  .name {
    font-size: 1.2rem;
  }
}
</style>
