<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, toRef } from 'vue'
import { readable } from '@/lib/readable'
import { clockText } from '@/lib/clockText'
import { LEVELS, type Level, type Movement, type Run } from '@/lib/api/types'
import EndDialog from '@/features/floor/EndDialog.vue'
import { momentAt } from '@/features/floor/plan'
import { useCalls } from '@/features/floor/useCalls'
import { useHeadline } from '@/features/floor/useHeadline'
import { ADDED_S, useRunClock } from '@/features/floor/useRunClock'
import { useRunEvents } from '@/features/floor/useRunEvents'
import { useStayAwake } from '@/features/floor/useStayAwake'
import { useTaps } from '@/features/floor/useTaps'
import { useVersions } from '@/features/floor/useVersions'

// A phone that drives the class: each button large enough for a thumb that nobody looks at. The lowest is the one that is used most.
const props = defineProps<{ run: Run; movements: Movement[] }>()
const emit = defineEmits<{ replan: [] }>()
const run = toRef(props, 'run')
const feed = useRunEvents(run, () => emit('replan'))
const clock = useRunClock(run, feed)
const { plan, second, state, isHeld } = clock
const versions = useVersions(run, toRef(props, 'movements'))
const moment = computed(() => momentAt(plan.value, second.value))
const { heading, blockPreview, pacedNow } = useHeadline(run, plan, moment, isHeld, versions)
const running = computed(() => state.value === 'running')
const calls = useCalls(plan, second, running)
useStayAwake(running)

const taps = useTaps(feed, () => moment.value.plannedS)
const counts = computed(() => blockPreview.value?.tally === 'rounds')
const rounds = (level: Level) =>
  taps.sum((tap) => tap.block === moment.value.blockId && tap.level === level && !tap.station && !tap.person_id)

const ending = ref(false)
function next() {
  if (clock.atLast.value) ending.value = true
  else clock.skip()
}
function toggle() {
  if (state.value === 'before') clock.start()
  else if (state.value === 'paused') clock.resume()
  else clock.pause()
}
</script>

<template>
  <main class="remote">
    <h1 class="small">{{ run.title }}</h1>
    <p class="now">
      <span class="numeral" data-testid="numeral">{{ clockText(Math.ceil(moment.leftS)) }}</span>
      <span class="heading">{{ state === 'over' ? $t('floor.done') : heading }}</span>
    </p>
    <p class="small status" role="status">
      <template v-if="feed.untold.value">{{ $t('floor.kept_here_the_server_does_not') }}</template>
      <template v-else-if="calls.length">{{ calls.map((cue) => cue.text).join(' · ') }}</template>
    </p>
    <div v-if="counts" class="taps">
      <Button
        v-for="level in LEVELS"
        :key="level"
        severity="secondary"
        variant="outlined"
        :aria-label="$t('floor.rounds_rounds_for_level_one_more', { rounds: rounds(level), level: readable(level) })"
        @click="taps.add({ block: moment.blockId, level, amount: 1 })"
        ><b class="count">{{ rounds(level) }}</b> {{ readable(level) }}</Button
      >
    </div>
    <div class="pair">
      <Button
        :label="$t('floor.added_s_s', { added_s: ADDED_S })"
        severity="secondary"
        variant="outlined"
        @click="clock.addTime"
      />
      <Button
        v-if="pacedNow && running"
        :label="$t('floor.all_through')"
        icon="pi pi-check"
        severity="secondary"
        @click="clock.through"
      />
    </div>
    <div class="pair">
      <Button
        :label="$t('floor.back')"
        icon="pi pi-step-backward"
        severity="secondary"
        variant="outlined"
        @click="clock.back"
      />
      <Button
        :label="$t('floor.skip')"
        icon="pi pi-step-forward"
        severity="secondary"
        variant="outlined"
        @click="next"
      />
    </div>
    <Button
      class="main"
      :icon="running ? 'pi pi-pause' : 'pi pi-play'"
      :label="running ? $t('floor.pause') : state === 'before' ? $t('common.start') : $t('common.continue')"
      :disabled="state === 'over'"
      @click="toggle"
    />
    <EndDialog v-model:visible="ending" :left="clockText(Math.ceil(plan.totalS - second))" @end="clock.end" />
  </main>
</template>

<style scoped>
.remote {
  min-height: 100dvh;
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  padding: var(--space-3);
  max-width: 34rem;
  margin: 0 auto;
  touch-action: manipulation;
}
.now {
  flex: 1;
  display: grid;
  align-content: center;
}
.numeral {
  font-weight: 800;
  font-size: min(28vw, 20vh);
  line-height: 1;
  font-variant-numeric: tabular-nums lining-nums;
}
.heading {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: 1.6rem;
  line-height: 1.1;
}
.status {
  min-height: 1.4em;
}
.pair,
.taps {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: 1fr;
  gap: var(--space-3);
}
.remote :deep(.p-button) {
  min-height: 5rem;
  font-size: 1.15rem;
}
.remote :deep(.main) {
  min-height: 8.5rem;
  font-size: 1.6rem;
}
.count {
  font-size: 1.8rem;
}
</style>
