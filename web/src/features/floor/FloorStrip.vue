<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/lib/text'
import type { Moment } from './plan'
import type { RunState } from './useRunClock'

// The line at the top: where in the class, what is not as it should be, what is left.
const props = defineProps<{
  moment: Moment
  /** Which station it is, of how many. */
  place?: string
  state: RunState
  /** Something that the server has not been told. */
  untold?: boolean
  maySleep?: boolean
  left: string
}>()
const notes = computed(() =>
  [
    props.untold && t('floor.kept_here_the_server_does_not'),
    props.maySleep && t('floor.this_browser_may_let_the_screen'),
  ].filter(Boolean),
)
</script>

<template>
  <header class="strip">
    <span class="where"
      ><b>{{ moment.blockTitle }}</b>
      <template v-if="moment.round && moment.rounds > 1">
        {{ ' ' }}{{ $t('floor.round_round_of_rounds', { round: moment.round, rounds: moment.rounds }) }}</template
      ><template v-if="place"> · {{ place }}</template></span
    >
    <span class="status small" role="status">
      <b v-if="state === 'paused'" class="paused">{{ $t('floor.paused') }}</b>
      <template v-if="state === 'paused' && notes.length"> · </template>{{ notes.join(' · ') }}
    </span>
    <span class="total" data-testid="class-left"
      ><span class="quiet">{{ $t('floor.left') }}</span> {{ left }}</span
    >
  </header>
</template>

<style scoped>
.strip {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 2vw;
  font-size: max(1rem, 3vh);
  border-bottom: 2px solid var(--ink);
}
.paused {
  font-size: max(1rem, 3vh);
}
.total {
  font-weight: 700;
  white-space: nowrap;
}
/* A tall screen has the height for the versions, not for its title. */
@media (min-width: 44.01rem) and (max-aspect-ratio: 1/1) {
  .strip,
  .paused {
    font-size: max(1rem, 2.1vh);
  }
}
@media (max-width: 44rem) {
  .strip {
    flex-wrap: wrap;
  }
}
</style>
