<script setup lang="ts">
import { useEventListener, useFullscreen, useWakeLock } from '@vueuse/core'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { clockText } from '@/components/clockText'
import KeySheet from '@/components/KeySheet.vue'
import LaneChart from '@/components/LaneChart.vue'
import { plainKey, useShortcuts, type Shortcut } from '@/composables/useShortcuts'
import { LEVELS, type Level, type Movement, type Run } from '@/api/types'
import { usePreferences } from '@/state/preferences'
import FloorGroups from './FloorGroups.vue'
import FloorPaced from './FloorPaced.vue'
import FloorControls from './FloorControls.vue'
import FloorHeadline from './FloorHeadline.vue'
import FloorLevel from './FloorLevel.vue'
import { momentAt, stretched } from './plan'
import { useSound } from './sound'
import { useCalls } from './useCalls'
import { ADDED_S, useRunClock } from './useRunClock'
import { useGateHold } from './useGateHold'
import { useTicks } from './useTicks'
import { useVersions } from './useVersions'

// The hall's view: read from ten metres, no names and no limits.
const props = defineProps<{ run: Run; movements: Movement[] }>()
const router = useRouter()
const preferences = usePreferences()
const sound = useSound()
const clock = useRunClock(props.run)
const wake = useWakeLock()
const screen = useFullscreen()
const versions = useVersions(props.run, props.movements)
const keysShown = ref(false)
const ending = ref(false)

const { second, plan } = clock
const state = computed(() => {
  if (clock.isOver.value) return 'over'
  if (!clock.isStarted.value) return 'before'
  return clock.isPaused.value ? 'paused' : 'running'
})
const running = computed(() => state.value === 'running')
const calls = useCalls(plan, second, running, (cue) => preferences.sound && sound.call(cue))
const moment = computed(() => momentAt(plan.value, second.value))
const heldAt = useGateHold(plan, second, running, clock.jumps, clock.holdAt)
const held = computed(() => heldAt.value !== null && state.value === 'paused')
const ticks = useTicks(props.run.id)
/** Names are for a screen of the instructor's own: a tab beside this one, or another device. */
const openMine = () =>
  window.open(router.resolve({ name: 'mine', params: { id: props.run.group_class_id ?? '', run: props.run.id } }).href)
const countable = props.run.document.blocks.some((block) => ['amrap', 'chipper', 'quota'].includes(block.format))
const planBlock = computed(() => plan.value.blocks.find((block) => block.id === moment.value.blockId))
const blockNow = computed(() => props.run.document.blocks.find((block) => block.id === moment.value.blockId))
const blockPreview = computed(() => props.run.preview.blocks.find((block) => block.id === moment.value.blockId))
const pacedNow = computed(() => Boolean(blockPreview.value?.paced && blockNow.value))
/** A rest between rounds is the clock's; the work before a gate is anybody's guess. */
const about = computed(
  () => moment.value.paced && !planBlock.value?.capped && !['rest', 'ready', 'pause'].includes(moment.value.kind),
)
const paced = useTemplateRef<{ tap: (level: Level) => void }>('paced')
const chart = computed(() => stretched(plan.value))
const leftText = computed(() => clockText(Math.ceil(plan.value.totalS - second.value)))

const resting = computed(() => moment.value.kind === 'rest' || moment.value.kind === 'waiting')
const heading = computed(() => {
  const { kind, blockId, station, blockTitle } = moment.value
  if (kind === 'pause') return blockTitle
  if (held.value) return 'Space when all are through'
  if (pacedNow.value) return kind === 'ready' ? `Next: ${blockNow.value?.title || blockTitle}` : blockTitle
  if (blockPreview.value?.groups) return kind === 'work' || kind === 'switch' ? blockTitle : 'Move on'
  const name = versions.name(blockId, station)
  return kind === 'work' || kind === 'switch' ? name : name && `Next: ${name}`
})
const nextLine = computed(() => {
  if (pacedNow.value || blockPreview.value?.groups) return ''
  const next = moment.value.next
  if (next) return `Next: ${versions.line(next.blockId, next.station)}`
  return moment.value.kind === 'work' ? 'Last station' : ''
})

/** Must be called from a touch or a key press: browsers let no sound through before. */
function unlock() {
  void sound.unlock().catch(() => undefined)
}

function toggle() {
  unlock()
  if (state.value === 'before') clock.start()
  else if (state.value === 'paused') clock.resume()
  else clock.pause()
}

const shortcuts: Shortcut[] = [
  { keys: 'Space', label: 'Start, pause, go on', matches: plainKey(' '), run: toggle },
  { keys: '→', label: 'Skip to the next section', matches: plainKey('ArrowRight'), run: clock.skip },
  {
    keys: '←',
    label: 'Back to this section’s start, or the one before',
    matches: plainKey('ArrowLeft'),
    run: clock.back,
  },
  { keys: '+', label: `Add ${ADDED_S} seconds here`, matches: plainKey('+', '='), run: clock.addTime },
  {
    keys: '1 2 3',
    label: 'A round, or the next set, for that level',
    matches: (event) => plainKey('1', '2', '3')(event) && pacedNow.value,
    run: (event) => paced.value?.tap(LEVELS[Number(event.key) - 1]!),
  },
  { keys: 'm', label: 'Sound on or off', matches: plainKey('m'), run: () => (preferences.sound = !preferences.sound) },
  { keys: 'f', label: 'Full screen', matches: plainKey('f'), run: () => void screen.toggle() },
  { keys: 'd', label: 'Light or dark', matches: plainKey('d'), run: preferences.toggleTheme },
  { keys: 'e', label: 'End the class here', matches: plainKey('e'), run: askToEnd },
  { keys: '?', label: 'These keys', matches: plainKey('?'), run: () => (keysShown.value = true) },
]
useShortcuts(shortcuts)
useEventListener(window, ['pointerdown', 'keydown'], unlock, { passive: true })

function askToEnd() {
  ending.value = running.value || state.value === 'paused'
}

async function stayAwake() {
  if (wake.isSupported.value) await wake.request('screen').catch(() => undefined)
}
onMounted(() => running.value && void stayAwake())
watch(running, (now) => (now ? stayAwake() : wake.release().catch(() => undefined)))
watch(clock.isOver, (over) => over && nextTick(() => document.getElementById('to-log')?.focus()), { immediate: true })
</script>

<template>
  <div class="floor">
    <h1 class="visually-hidden">Floor: {{ run.title }}</h1>
    <header class="strip">
      <span class="where"
        ><b>{{ moment.blockTitle }}</b>
        <template v-if="moment.round && moment.rounds > 1">
          · round {{ moment.round }} of {{ moment.rounds }}</template
        ></span
      >
      <span class="status small" role="status">
        <template v-if="state === 'paused'">paused</template>
        <template v-if="ticks.away.value"> · taps kept here</template>
        <template v-if="clock.untold.value"> · kept here, the server does not answer</template>
        <template v-if="running && !wake.isActive.value"> · this browser may let the screen sleep</template>
      </span>
      <span class="total"><span class="quiet">left</span> {{ leftText }}</span>
    </header>

    <button
      v-if="(running || state === 'paused') && sound.locked.value && preferences.sound"
      class="unlock"
      @click="unlock"
    >
      Touch here or press a key once: the browser gives no sound before that
    </button>

    <div v-if="state === 'over'" class="centre">
      <p class="over">Done</p>
      <p class="over-line">Walk it off, drink, and ask how everybody is.</p>
      <Button
        id="to-log"
        label="Log this class"
        size="large"
        @click="router.push({ name: 'log', params: { id: run.id } })"
      />
    </div>
    <template v-else>
      <FloorHeadline :moment="moment" :heading="heading" :calls="calls" :about="about" :held="held" />
      <FloorPaced
        v-if="pacedNow"
        ref="paced"
        :block="blockNow!"
        :preview="blockPreview!"
        :moment="moment"
        :versions="versions"
        :ticks="ticks"
      />
      <FloorGroups
        v-else-if="blockPreview?.groups"
        :preview="blockPreview"
        :second="moment.plannedS"
        :working="moment.kind === 'work' || moment.kind === 'switch'"
        :versions="versions"
      />
      <div v-else-if="moment.station" class="levels">
        <FloorLevel
          v-for="level in LEVELS"
          :key="level"
          :level="level"
          v-bind="versions.version(moment.blockId, moment.station, moment.lanes[level].level)"
          :lane="moment.lanes[level]"
          :resting="resting"
        />
      </div>
      <p v-if="state !== 'before'" class="next">{{ nextLine }}</p>
    </template>

    <LaneChart class="now-line" :preview="chart" :now="second" compact />
    <div v-if="state === 'before'" class="cautions" role="note">
      <b>Stop</b> for chest pain, dizziness, unusual breathlessness or sharp joint pain, and get help. Chairs against a
      wall, bars and tables tested, water at hand, floor clear.
    </div>
    <FloorControls
      :state="state"
      :countable="countable"
      :people="Boolean(run.group_class_id)"
      @start="toggle"
      @toggle="toggle"
      @back="clock.back"
      @skip="clock.skip"
      @add="clock.addTime"
      @end="askToEnd"
      @screen="screen.toggle()"
      @keys="keysShown = true"
      @count="router.push({ name: 'count', params: { id: run.id } })"
      @mine="openMine"
      @leave="router.push({ name: 'today' })"
    />
    <KeySheet v-model:visible="keysShown" :shortcuts="shortcuts" />
    <Dialog v-model:visible="ending" modal header="End the class here?" :style="{ width: 'min(26rem, 94vw)' }">
      <p>{{ leftText }} of the plan are left. What has been done can be logged.</p>
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
  display: flex;
  flex-direction: column;
  padding: 1.4vh 2vw;
  gap: 0.8vh;
  overflow: hidden;
}
.floor > .middle,
.centre {
  flex: 1 0 auto;
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
.now-line {
  flex: none;
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
/* Laid over the screen: it goes at the first touch, and nothing may move under that finger. */
.unlock {
  position: fixed;
  left: 50%;
  bottom: 9vh;
  transform: translateX(-50%);
  width: max-content;
  max-width: 94vw;
  z-index: 4;
  font: inherit;
  font-size: max(1rem, 2.6vh);
  color: var(--ink);
  background: var(--warn-wash);
  border: 2px solid var(--warn);
  padding: 1vh 2vw;
  cursor: pointer;
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
