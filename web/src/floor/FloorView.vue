<script setup lang="ts">
import { useEventListener, useFullscreen, useWakeLock } from '@vueuse/core'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { clockText } from '@/components/clockText'
import KeySheet from '@/components/KeySheet.vue'
import LaneChart from '@/components/LaneChart.vue'
import { plainKey, useShortcuts, type Shortcut } from '@/composables/useShortcuts'
import { LEVELS, type Level, type Movement, type Run } from '@/api/types'
import { usePreferences } from '@/state/preferences'
import FloorLevel from './FloorLevel.vue'
import { momentAt, stationOf, stretched } from './plan'
import { useSound } from './sound'
import { useCalls } from './useCalls'
import { ADDED_S, useRunClock } from './useRunClock'

// The hall's view: read from ten metres, no names and no limits.
const props = defineProps<{ run: Run; movements: Movement[] }>()
const router = useRouter()
const preferences = usePreferences()
const sound = useSound()
const clock = useRunClock(props.run)
const wake = useWakeLock()
const screen = useFullscreen()
const keysShown = ref(false)
const ending = ref(false)

const { second, plan } = clock
const running = computed(() => clock.isStarted.value && !clock.isPaused.value && !clock.isOver.value)
const calls = useCalls(plan, second, running, (cue) => preferences.sound && sound.call(cue))
const moment = computed(() => momentAt(plan.value, second.value))
const chart = computed(() => stretched(plan.value))
const numeral = computed(() => {
  const left = Math.ceil(moment.value.leftS)
  return left >= 100 ? clockText(left) : String(left)
})

const WORDS: Record<typeof moment.value.kind, string> = {
  work: 'Work',
  switch: 'Switch sides',
  transition: 'Change over',
  ready: 'Get ready',
  rest: 'Rest',
  pause: 'Pause',
  waiting: 'Rest',
  done: 'Done',
}

const rungs = computed(
  () => new Map(props.movements.flatMap((movement) => movement.ladder.map((rung) => [rung.id, rung] as const))),
)
const movementNames = computed(() => new Map(props.movements.map((movement) => [movement.id, movement.name])))

function stationName(blockId: string, stationId: string | undefined) {
  const station = stationOf(props.run, blockId, stationId)
  if (!station) return ''
  return station.movement
    ? (movementNames.value.get(station.movement) ?? '')
    : (station.parts ?? []).map((part) => movementNames.value.get(part.movement)).join(' + ')
}

/** A level's version of a station; an escalating round takes another level's prescription. */
function version(blockId: string, stationId: string | undefined, level: Level) {
  const station = stationOf(props.run, blockId, stationId)
  const rung = station && rungs.value.get(station.levels[level].variation ?? '')
  const cell = props.run.preview.blocks
    .find((block) => block.id === blockId)
    ?.stations.find((known) => known.id === stationId)?.levels[level]
  return {
    name: rung?.name ?? stationName(blockId, stationId),
    target: cell?.target ?? '',
    standard: rung?.standard ?? '',
  }
}

const resting = computed(() => moment.value.kind === 'rest' || moment.value.kind === 'waiting')
const heading = computed(() => {
  if (moment.value.kind === 'pause' && !moment.value.station) return moment.value.blockTitle
  const name = stationName(moment.value.blockId, moment.value.station)
  return moment.value.kind === 'work' || moment.value.kind === 'switch' ? name : name && `Next: ${name}`
})
const nextLine = computed(() => {
  const next = moment.value.next
  if (!next) return moment.value.kind === 'work' ? 'Last station' : ''
  const names = [...new Set(LEVELS.map((level) => version(next.blockId, next.station, level).name))]
  return `Next: ${stationName(next.blockId, next.station)}. ${names.join(' / ')}`
})

async function begin() {
  await sound.unlock().catch(() => undefined)
  clock.start()
}

function toggle() {
  void sound.unlock().catch(() => undefined)
  if (!clock.isStarted.value) clock.start()
  else if (clock.isPaused.value) clock.resume()
  else clock.pause()
}

function toLog() {
  void router.push({ name: 'log', params: { id: props.run.id } })
}

const shortcuts: Shortcut[] = [
  { keys: 'Space', label: 'Start, pause, go on', matches: plainKey(' '), run: toggle },
  { keys: '→', label: 'Skip to the next section', matches: plainKey('ArrowRight'), run: clock.skip },
  {
    keys: '←',
    label: 'Back to the start of this section, or the one before',
    matches: plainKey('ArrowLeft'),
    run: clock.back,
  },
  { keys: '+', label: `Add ${ADDED_S} seconds here`, matches: plainKey('+', '='), run: clock.addTime },
  { keys: 'm', label: 'Sound on or off', matches: plainKey('m'), run: () => (preferences.sound = !preferences.sound) },
  { keys: 'f', label: 'Full screen', matches: plainKey('f'), run: () => void screen.toggle() },
  { keys: 'd', label: 'Light or dark', matches: plainKey('d'), run: preferences.toggleTheme },
  {
    keys: 'e',
    label: 'End the class here',
    matches: plainKey('e'),
    run: () => (ending.value = clock.isStarted.value && !clock.isOver.value),
  },
  { keys: '?', label: 'These keys', matches: plainKey('?'), run: () => (keysShown.value = true) },
]
useShortcuts(shortcuts)

// Any touch or key will do for the browser to let sound through.
useEventListener(window, ['pointerdown', 'keydown'], () => void sound.unlock().catch(() => undefined), {
  passive: true,
})

async function stayAwake() {
  if (wake.isSupported.value) await wake.request('screen').catch(() => undefined)
}
onMounted(() => running.value && void stayAwake())
watch(clock.isOver, (over) => over && nextTick(() => document.getElementById('to-log')?.focus()), { immediate: true })
watch(running, (now) => (now ? stayAwake() : wake.release().catch(() => undefined)))

const callText = computed(() => calls.value.map((cue) => cue.text).join(' · '))
const calledFor = computed(() => calls.value.find((cue) => cue.levels?.length === 1)?.levels?.[0] ?? '')
</script>

<template>
  <div class="floor" :class="[moment.kind, { stopped: !running }]">
    <h1 class="visually-hidden">Floor: {{ run.title }}</h1>
    <header class="strip">
      <span class="where"
        ><b>{{ moment.blockTitle }}</b>
        <template v-if="moment.round"> · round {{ moment.round }} of {{ moment.rounds }}</template></span
      >
      <span class="status small" role="status">
        <template v-if="clock.isPaused.value && !clock.isOver.value">paused</template>
        <template v-if="clock.untold.value"> · kept here, the server does not answer</template>
        <template v-if="clock.isStarted.value && !wake.isActive.value && running">
          · this browser may let the screen sleep</template
        >
      </span>
      <span class="total"><span class="quiet">left</span> {{ clockText(Math.ceil(plan.totalS - second)) }}</span>
    </header>

    <button
      v-if="clock.isStarted.value && !clock.isOver.value && sound.locked.value && preferences.sound"
      class="unlock"
      @click="sound.unlock()"
    >
      Touch here or press a key once: the browser gives no sound before that
    </button>

    <div v-if="clock.isOver.value" class="centre">
      <p class="over">Done</p>
      <p class="over-line">Walk it off, drink, and ask how everybody is.</p>
      <Button id="to-log" label="Log this class" size="large" @click="toLog" />
    </div>
    <template v-else>
      <div class="middle">
        <p class="numeral" data-testid="numeral" aria-hidden="true">{{ numeral }}</p>
        <div class="words">
          <p class="phase">
            {{ WORDS[moment.kind] }}<template v-if="moment.side === 'second'">: second side</template>
          </p>
          <p class="station" :class="{ long: heading.length > 18 }">{{ heading }}</p>
          <p class="call" :class="calledFor" role="status" aria-live="polite">{{ callText }}</p>
        </div>
      </div>
      <div v-if="moment.station" class="levels">
        <FloorLevel
          v-for="level in LEVELS"
          :key="level"
          :level="level"
          v-bind="version(moment.blockId, moment.station, moment.lanes[level].level)"
          :lane="moment.lanes[level]"
          :resting="resting"
        />
      </div>
      <p class="next">{{ nextLine }}</p>
    </template>

    <LaneChart class="now-line" :preview="chart" :now="second" compact />

    <div v-if="!clock.isStarted.value" class="cautions" role="note">
      <b>Stop</b> for chest pain, dizziness, unusual breathlessness or sharp joint pain, and get help. Chairs against a
      wall, bars and tables tested, water at hand, floor clear.
    </div>
    <footer class="keys">
      <Button v-if="!clock.isStarted.value" label="Start" icon="pi pi-play" size="large" @click="begin" />
      <template v-else-if="!clock.isOver.value">
        <Button icon="pi pi-step-backward" label="Back" severity="secondary" variant="outlined" @click="clock.back" />
        <Button
          :icon="clock.isPaused.value ? 'pi pi-play' : 'pi pi-pause'"
          :label="clock.isPaused.value ? 'Go on' : 'Pause'"
          @click="toggle"
        />
        <Button icon="pi pi-step-forward" label="Skip" severity="secondary" variant="outlined" @click="clock.skip" />
        <Button :label="`+ ${ADDED_S} s`" severity="secondary" variant="outlined" @click="clock.addTime" />
        <Button label="End" severity="secondary" variant="text" @click="ending = true" />
      </template>
      <span class="gap" />
      <Button
        :icon="preferences.sound ? 'pi pi-volume-up' : 'pi pi-volume-off'"
        :aria-label="preferences.sound ? 'Sound off' : 'Sound on'"
        severity="secondary"
        variant="text"
        @click="preferences.sound = !preferences.sound"
      />
      <Button
        :icon="preferences.dark ? 'pi pi-sun' : 'pi pi-moon'"
        :aria-label="preferences.dark ? 'Light' : 'Dark'"
        severity="secondary"
        variant="text"
        @click="preferences.toggleTheme()"
      />
      <Button
        icon="pi pi-window-maximize"
        aria-label="Full screen"
        severity="secondary"
        variant="text"
        @click="screen.toggle()"
      />
      <Button severity="secondary" variant="text" @click="keysShown = true"><kbd>?</kbd> keys</Button>
      <Button label="Leave" severity="secondary" variant="text" @click="router.push({ name: 'today' })" />
    </footer>
    <KeySheet v-model:visible="keysShown" :shortcuts="shortcuts" />
    <Dialog v-model:visible="ending" modal header="End the class here?" :style="{ width: 'min(26rem, 94vw)' }">
      <p>{{ clockText(Math.ceil(plan.totalS - second)) }} of the plan are left. What has been done can be logged.</p>
      <div class="row choices">
        <Button label="End it" autofocus @click="((ending = false), clock.end())" />
        <Button label="Go on" severity="secondary" variant="outlined" @click="ending = false" />
      </div>
    </Dialog>
  </div>
</template>

<style scoped>
.floor {
  height: 100vh;
  height: 100dvh;
  display: grid;
  grid-template-rows: auto 1fr auto auto auto auto auto;
  padding: 1.4vh 2vw;
  gap: 0.8vh;
  overflow: hidden;
}
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
  font-size: min(42vh, 28vw);
  line-height: 0.9;
  letter-spacing: -0.03em;
  font-variant-numeric: tabular-nums lining-nums;
}
.rest .numeral,
.ready .numeral,
.pause .numeral,
.waiting .numeral {
  color: var(--accent);
}
.phase {
  font-size: max(1.2rem, 5vh);
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
  font-size: max(1.6rem, 9vh);
  line-height: 1.02;
}
.station.long {
  font-size: max(1.4rem, 6.4vh);
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
.levels {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 2vw;
}
.next {
  font-size: max(0.95rem, 2.6vh);
  min-height: 1.4em;
  color: var(--ink-soft);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.centre {
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 2vh;
}
.over {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: 22vh;
  line-height: 1;
}
.over-line {
  font-size: max(1rem, 3vh);
}
.cautions {
  border: 2px solid var(--warn);
  background: var(--warn-wash);
  padding: 1vh 1.5vw;
  font-size: max(1rem, 2.3vh);
}
.unlock {
  font: inherit;
  font-size: max(1rem, 2.6vh);
  color: var(--ink);
  background: var(--warn-wash);
  border: 2px solid var(--warn);
  padding: 1vh 2vw;
  cursor: pointer;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2);
}
.gap {
  flex: 1;
}
.choices {
  margin-top: var(--space-4);
}
@media (max-width: 44rem) {
  .floor {
    height: auto;
    min-height: 100dvh;
    overflow: visible;
    padding: var(--space-3);
  }
  .middle {
    grid-template-columns: 1fr;
    gap: var(--space-2);
  }
  .numeral {
    font-size: 30vh;
  }
  .levels {
    grid-template-columns: 1fr;
    gap: var(--space-2);
  }
  .strip {
    flex-wrap: wrap;
  }
  .next {
    white-space: normal;
  }
}
</style>
