<script setup lang="ts">
import { refDebounced, useEventListener, useFullscreen } from '@vueuse/core'
import { computed, ref, toRef, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { clockText } from '@/lib/clockText'
import KeySheet from '@/ui/KeySheet.vue'
import type { Level, Movement, Run } from '@/lib/api/types'
import { usePreferences } from '@/lib/preferences'
import ChangeDialog from './ChangeDialog.vue'
import EndDialog from './EndDialog.vue'
import FloorControls from './FloorControls.vue'
import FloorDone from './FloorDone.vue'
import FloorStage from './FloorStage.vue'
import ScreensDialog from './ScreensDialog.vue'
import { momentAt } from './plan'
import SoundDialog from './sound/SoundDialog.vue'
import SoundHint from './SoundHint.vue'
import { beatsOf } from './sound/beats'
import { useSound } from './sound/useSound'
import { useCalls } from './useCalls'
import { useFloorKeys } from './useFloorKeys'
import { useRunClock } from './useRunClock'
import { useRunEvents } from './useRunEvents'
import { useStayAwake } from './useStayAwake'
import { useGateHold } from './useGateHold'
import { useTaps } from './useTaps'
import { useVersions } from './useVersions'

const AFTER_TOUCH_MS = 600

// The hall's view: read from ten metres, no names and no limits.
const props = defineProps<{ run: Run; movements: Movement[] }>()
const emit = defineEmits<{ replan: [] }>()
const router = useRouter()
const preferences = usePreferences()
const run = toRef(props, 'run')
const feed = useRunEvents(run, () => emit('replan'))
const clock = useRunClock(run, feed)
const screen = useFullscreen()
const versions = useVersions(run, toRef(props, 'movements'))
const keysShown = ref(false)
const ending = ref(false)
const changing = ref(false)
const screens = ref(false)
const sounds = ref(false)

const { second, plan, state } = clock
const running = computed(() => state.value === 'running')
const awake = useStayAwake(running)
const beats = computed(() =>
  preferences.metronome
    ? beatsOf(plan.value, (block, station, level) => versions.version(block, station, level).tempo.own)
    : [],
)
const sound = useSound(plan, clock.secondNow, running, beats)
const said = useCalls(plan, second, running)
const calls = computed(() => (preferences.voice === 'tones' ? [] : said.value))
const moment = computed(() => momentAt(plan.value, second.value))
useGateHold(plan, second, running, clock.jumps, clock.holdAt)
const taps = useTaps(feed, () => moment.value.plannedS)
/** Names are for a screen of the instructor's own: a tab beside this one, or another device. */
const openMine = () =>
  window.open(router.resolve({ name: 'mine', params: { id: props.run.group_class_id ?? '', run: props.run.id } }).href)
const countable = computed(() => props.run.preview.blocks.some((block) => block.tally || block.paced))
const pacedNow = computed(() =>
  Boolean(props.run.preview.blocks.find((block) => block.id === moment.value.blockId)?.paced),
)
/** The people pace this block, and all wait for all at its gate. */
const atOwnPace = computed(() => pacedNow.value && Boolean(clock.gate.value))
const stage = useTemplateRef<{ tap: (level: Level) => void }>('stage')
const leftText = computed(() => clockText(Math.ceil(plan.value.totalS - second.value)))

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

/** While people go at their own pace Space says that all are through; else it starts, pauses and goes on. */
function onSpace() {
  unlock()
  if (running.value && atOwnPace.value) clock.through()
  else toggle()
}

/** The last part is not skipped without a question. */
function skip() {
  if (clock.atLast.value) askToEnd()
  else clock.skip()
}

const shortcuts = useFloorKeys(clock, {
  space: onSpace,
  toggle,
  skip,
  end: askToEnd,
  change: () => (changing.value = running.value || state.value === 'paused'),
  screens: () => (screens.value = true),
  sounds: () => (sounds.value = true),
  sound: () => (preferences.sound = !preferences.sound),
  fullScreen: () => void screen.toggle(),
  theme: preferences.toggleTheme,
  keys: () => (keysShown.value = true),
  tap: (level) => stage.value?.tap(level),
  counts: () => pacedNow.value,
})
useEventListener(window, ['pointerdown', 'keydown'], unlock, { passive: true })
/** The hint keeps its place until the finger that it asked for is up again: nothing may move under it. */
const soundless = refDebounced(
  computed(() => (running.value || state.value === 'paused') && sound.locked.value && preferences.sound),
  AFTER_TOUCH_MS,
)

function askToEnd() {
  ending.value = running.value || state.value === 'paused'
}
</script>

<template>
  <div class="floor">
    <h1 class="visually-hidden">{{ $t('floor.floor_title', { title: run.title }) }}</h1>
    <FloorStage
      ref="stage"
      :run="run"
      :plan="plan"
      :second="second"
      :moment="moment"
      :state="state"
      :held="clock.isHeld.value"
      :calls="calls"
      :versions="versions"
      :taps="taps"
      :untold="feed.untold.value"
      :may-sleep="running && !awake"
    >
      <SoundHint v-if="soundless" place="on-phone" :is-gone="!sound.locked.value" @click="unlock" />
      <template #over-chart>
        <SoundHint v-if="soundless" place="on-chart" :is-gone="!sound.locked.value" @click="unlock" />
      </template>
      <template #over><FloorDone :run-id="run.id" @back="clock.back" /></template>
    </FloorStage>
    <div v-if="state === 'before'" class="cautions" role="note">
      <b>{{ $t('floor.stop') }}</b> {{ $t('floor.for_chest_pain_dizziness_unusual_breathlessness') }}
    </div>
    <FloorControls
      :state="state"
      :countable="countable"
      :own-pace="atOwnPace"
      :people="Boolean(run.group_class_id)"
      @start="toggle"
      @toggle="toggle"
      @back="clock.back"
      @through="clock.through"
      @skip="skip"
      @add="clock.addTime"
      @change="changing = true"
      @end="askToEnd"
      @screens="screens = true"
      @sounds="sounds = true"
      @screen="screen.toggle()"
      @keys="keysShown = true"
      @count="router.push({ name: 'count', params: { id: run.id } })"
      @mine="openMine"
      @leave="router.push({ name: 'today' })"
    />
    <KeySheet v-model:visible="keysShown" :shortcuts="shortcuts" />
    <ChangeDialog
      v-model:visible="changing"
      :run-id="run.id"
      :planned="Object.keys(run.changed_from_s).join()"
      :planned-s="moment.plannedS"
      :left-s="plan.totalS - second"
      :station="moment.station"
      :versions="versions"
      :change="feed.change"
      @minute="clock.addMinute"
      @skip="skip"
      @end="askToEnd"
    />
    <SoundDialog v-model:visible="sounds" :missing="sound.missing.value" @test="sound.test" />
    <ScreensDialog v-model:visible="screens" :run-id="run.id" />
    <EndDialog v-model:visible="ending" :left="leftText" @end="clock.end" />
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
.floor > :deep(.middle) {
  flex: 0 0 auto;
}
/* Where nothing stands below it, the clock has the middle of the screen. */
.floor:not(:has(> .below)) > :deep(.middle) {
  flex: 1 0 auto;
}
.cautions {
  border: 2px solid var(--warn);
  background: var(--warn-wash);
  padding: 1vh 1.5vw;
  font-size: max(1rem, 2.3vh);
}
/* On a tall screen the levels stand below each other, and need the height. */
@media (min-width: 44.01rem) and (max-aspect-ratio: 1/1) {
  .floor {
    gap: 0.4vh;
  }
}
@media (max-width: 44rem) {
  .floor {
    height: auto;
    min-height: 100dvh;
    overflow: visible;
    padding: var(--space-3) var(--space-3) 0;
  }
}
</style>
