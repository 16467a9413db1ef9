<script setup lang="ts">
import type { Moment } from './plan'

// The line at the top: where in the class, what is not as it should be, what is left.
defineProps<{
  moment: Moment
  state: 'before' | 'running' | 'paused' | 'over'
  /** Taps that the server has not got yet. */
  tapsKept: boolean
  /** The clock that the server has not been told. */
  untold: boolean
  maySleep: boolean
  left: string
}>()
</script>

<template>
  <header class="strip">
    <span class="where"
      ><b>{{ moment.blockTitle }}</b>
      <template v-if="moment.round && moment.rounds > 1">
        · round {{ moment.round }} of {{ moment.rounds }}</template
      ></span
    >
    <span class="status small" role="status">
      <template v-if="state === 'paused'">paused</template>
      <template v-if="tapsKept"> · taps kept here</template>
      <template v-if="untold"> · kept here, the server does not answer</template>
      <template v-if="maySleep"> · this browser may let the screen sleep</template>
    </span>
    <span class="total"><span class="quiet">left</span> {{ left }}</span>
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
.total {
  font-weight: 700;
  white-space: nowrap;
}
@media (max-width: 44rem) {
  .strip {
    flex-wrap: wrap;
  }
}
</style>
