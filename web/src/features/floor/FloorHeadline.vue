<script setup lang="ts">
import { t } from '@/lib/text'
import { computed } from 'vue'
import { clockText } from '@/lib/clockText'
import type { Cue } from '@/lib/api/types'
import type { Moment } from './plan'

// What is read from ten metres: the seconds, what to do, and what was just called.
const props = defineProps<{
  moment: Moment
  heading: string
  calls: Cue[]
  about?: boolean
  held?: boolean
  /** Lists or groups stand below it, and need its room. */
  low?: boolean
}>()

const WORDS: Record<Moment['kind'], string> = {
  work: t('common.work'),
  switch: t('floor.switch_sides'),
  transition: t('floor.change_over'),
  ready: t('floor.get_ready'),
  rest: t('common.rest'),
  pause: t('floor.pause'),
  waiting: t('common.rest'),
  done: t('floor.done'),
}
const numeral = computed(() => {
  const left = Math.ceil(props.moment.leftS)
  return left >= 100 ? clockText(left) : String(left)
})
const callText = computed(() => props.calls.map((cue) => cue.short ?? cue.text).join(' · '))
const calledFor = computed(() => props.calls.find((cue) => cue.levels?.length === 1)?.levels?.[0] ?? '')
</script>

<template>
  <div class="middle" :class="[moment.kind, { low }]">
    <p
      class="numeral"
      :class="{ about, clock: numeral.includes(':'), 'ten-minutes': numeral.length === 5, hours: numeral.length > 5 }"
      data-testid="numeral"
      aria-hidden="true"
    >
      {{ numeral }}
    </p>
    <div class="words">
      <p v-if="held" class="phase" data-testid="phase">{{ $t('floor.waiting_for_everybody') }}</p>
      <p v-else class="phase" data-testid="phase">
        <template v-if="about">{{ $t('floor.about_this_long') }}{{ ' ' }}</template
        >{{ WORDS[moment.kind] }}<template v-if="moment.side === 'second'">{{ $t('floor.second_side') }}</template>
      </p>
      <p class="station" :class="{ long: heading.length > 14 }" role="heading" aria-level="2">{{ heading }}</p>
      <p class="call" :class="calledFor" role="status" aria-live="polite">{{ callText }}</p>
    </div>
  </div>
</template>

<style scoped>
.middle {
  display: grid;
  grid-template-columns: minmax(36vw, auto) 1fr;
  gap: 3vw;
  align-items: center;
  min-height: 0;
}
.numeral {
  font-family: var(--font-text);
  font-weight: 800;
  font-size: min(30vh, 26vw);
  line-height: 0.88;
  letter-spacing: -0.03em;
  font-variant-numeric: tabular-nums lining-nums;
}
/* Minutes and seconds are twice as wide, and what they leave is for the lists below. */
.numeral.clock {
  font-size: min(26vh, 20vw);
}
.numeral.hours {
  font-size: min(26vh, 14vw);
}
.rest .numeral,
.ready .numeral,
.pause .numeral,
.waiting .numeral {
  color: var(--accent);
}
/* A prediction is an outline, as on the lane chart. */
.numeral.about {
  color: transparent;
  -webkit-text-stroke: 0.35vh var(--ink);
}
.phase {
  font-size: max(1.2rem, min(5vh, 3.6vw));
  font-weight: 650;
  color: var(--accent);
  line-height: 1.1;
}
.work .phase {
  color: var(--ink);
}
.station {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: max(1.6rem, min(9vh, 6.5vw));
  line-height: 1.02;
}
.station.long {
  font-size: max(1.4rem, min(6.4vh, 4.6vw));
}
.call {
  min-height: 2.4em;
  font-size: max(1rem, 3.6vh);
  line-height: 1.2;
  margin-top: 1vh;
}
.call.beginner {
  color: var(--beginner);
}
.call.intermediate {
  color: var(--intermediate);
}
.call.advanced {
  color: var(--advanced);
}
/* Where there is much to be said below it. */
@media (min-width: 44.01rem) {
  .middle:has(~ .long) .numeral:not(.clock) {
    font-size: min(27vh, 26vw);
  }
}
@media (min-width: 44.01rem) {
  .low .numeral:not(.hours) {
    font-size: min(26vh, 20vw);
    line-height: 0.8;
  }
  .low .station,
  .low .station.long {
    font-size: min(5vh, 3.6vw);
  }
  .low .call {
    min-height: 1.2em;
    margin-top: 0;
  }
}
/* On a tall screen the levels below need the height that an empty call would take, and a clock has the whole width. */
@media (min-width: 44.01rem) and (max-aspect-ratio: 1/1) {
  .middle .numeral:not(.hours) {
    font-size: min(25.4vh, 36.6vw);
    line-height: 0.8;
  }
  /* “16:40” is as large as the width lets it be. */
  .middle .numeral.ten-minutes {
    font-size: min(25.4vh, 33vw);
  }
  .middle:has(.clock) {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
  .middle:has(.clock) .words {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 2vw;
  }
  .middle .station,
  .middle .station.long {
    font-size: min(5vh, 5vw);
  }
  .middle .call {
    min-height: 1.2em;
    font-size: 2.6vh;
    margin-top: 0.4vh;
  }
}
@media (max-width: 44rem) {
  .middle {
    grid-template-columns: 1fr;
    gap: var(--space-2);
  }
  .numeral {
    font-size: min(25.4vh, 58vw);
    line-height: 0.8;
  }
  .numeral.clock {
    font-size: min(22vh, 30vw);
  }
  .station,
  .station.long {
    font-size: 2rem;
  }
  .call {
    min-height: 1.2em;
  }
}
</style>
