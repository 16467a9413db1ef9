<script setup lang="ts">
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { clockText } from '@/lib/clockText'
import { readable } from '@/lib/readable'
import LevelTally from '@/ui/LevelTally.vue'
import { LEVELS, type Level } from '@/lib/api/types'
import { BACK, FRONT, OUTLINE, strength, type Shape } from './body'
import type { Loads } from './useWorked'

// What a class works, as a body: what is left blank is left out.
const props = defineProps<{ loads: Loads | null }>()
const level = ref<Level>('intermediate')

const muscles = computed(() => props.loads?.[level.value].muscles ?? {})
const most = computed(() => Math.max(1, ...Object.values(muscles.value)))
const seconds = (shape: Shape) => muscles.value[shape.muscle] ?? 0
const VIEWS = [
  { shapes: FRONT, label: 'board.body_front' },
  { shapes: BACK, label: 'board.body_back' },
] as const
/** The most worked first, then what is not worked at all. */
const listed = computed(() => {
  const names = [...new Set([...FRONT, ...BACK].map(({ muscle }) => muscle))]
  return names
    .map((muscle) => ({ muscle, seconds: muscles.value[muscle] ?? 0 }))
    .sort((one, other) => other.seconds - one.seconds)
})
const missing = computed(() => listed.value.filter((held) => held.seconds === 0).map(({ muscle }) => readable(muscle)))
</script>

<template>
  <div>
    <SelectButton
      v-model="level"
      :options="[...LEVELS]"
      :allow-empty="false"
      size="small"
      :aria-label="$t('board.body_of')"
    >
      <template #option="{ option }"
        ><LevelTally :level="option" /><span class="visually-hidden">{{ readable(option) }}</span></template
      >
    </SelectButton>
    <div class="views" :class="level">
      <figure v-for="view in VIEWS" :key="view.label">
        <svg viewBox="6 0 88 200" role="img" :aria-label="$t(view.label, { level: readable(level) })">
          <path v-for="d in OUTLINE" :key="d" class="outline" :d="d" />
          <g
            v-for="(shape, index) in view.shapes"
            :key="index"
            class="muscle"
            :style="{ fillOpacity: strength(seconds(shape), most) }"
          >
            <title>{{ readable(shape.muscle) }}: {{ clockText(seconds(shape)) }}</title>
            <path :d="shape.d" />
            <path v-if="!shape.middle" :d="shape.d" transform="translate(100 0) scale(-1 1)" />
          </g>
        </svg>
        <figcaption class="small quiet">{{ $t(`${view.label}_short`) }}</figcaption>
      </figure>
    </div>
    <p v-if="missing.length && loads" class="small quiet">
      {{ $t('board.body_left_out', { muscles: missing.join(', ') }) }}
    </p>
    <details class="small">
      <summary>{{ $t('board.body_in_numbers') }}</summary>
      <ul class="numbers">
        <li v-for="held in listed.filter(({ seconds: worked }) => worked > 0)" :key="held.muscle">
          {{ readable(held.muscle) }} <span class="figure">{{ clockText(held.seconds) }}</span>
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.views {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-2);
  --hue: var(--intermediate);
}
.views.beginner {
  --hue: var(--beginner);
}
.views.advanced {
  --hue: var(--advanced);
}
figure {
  margin: 0;
  text-align: center;
}
svg {
  width: 100%;
  max-height: 15rem;
}
.outline {
  fill: var(--paper-sunk);
  stroke: var(--rule);
  stroke-width: 0.8;
}
.muscle {
  fill: var(--hue);
  stroke: var(--ink-soft);
  stroke-width: 0.4;
}
.numbers {
  list-style: none;
  margin: 0;
  padding: 0;
}
.numbers li {
  display: flex;
  justify-content: space-between;
}
summary {
  cursor: pointer;
  min-height: 1.5rem;
}
</style>
