<script setup lang="ts">
import { useEventListener, useFullscreen } from '@vueuse/core'
import { computed, toRef } from 'vue'
import type { Movement, Run } from '@/lib/api/types'
import FloorStage from '@/features/floor/FloorStage.vue'
import { momentAt } from '@/features/floor/plan'
import { useSound } from '@/features/floor/sound/useSound'
import { useCalls } from '@/features/floor/useCalls'
import { useRunClock } from '@/features/floor/useRunClock'
import { useStayAwake } from '@/features/floor/useStayAwake'
import { useTaps } from '@/features/floor/useTaps'
import { useVersions } from '@/features/floor/useVersions'
import { useHall } from './useHall'

// A screen in the hall: the Floor without a name, a limit or a control. Sound only where somebody asks for it by a touch or a key.
const props = defineProps<{ code: string; run: Run; movements: Movement[] }>()
const emit = defineEmits<{ replan: [] }>()
const run = toRef(props, 'run')
const feed = useHall(props.code, run, () => emit('replan'))
const { plan, second, secondNow, state, isHeld } = useRunClock(run, feed)
const versions = useVersions(run, toRef(props, 'movements'))
const running = computed(() => state.value === 'running')
useStayAwake(running)
const sound = useSound(
  plan,
  secondNow,
  running,
  computed(() => []),
)
const calls = useCalls(plan, second, running)
const moment = computed(() => momentAt(plan.value, second.value))
const screen = useFullscreen()
useEventListener(window, ['pointerdown', 'keydown'], () => void sound.unlock().catch(() => undefined))
useEventListener(window, 'dblclick', () => void screen.toggle())
</script>

<template>
  <main class="hall">
    <h1 class="visually-hidden">{{ run.title }}</h1>
    <FloorStage
      :run="run"
      :plan="plan"
      :second="second"
      :moment="moment"
      :state="state"
      :held="isHeld"
      :calls="calls"
      :versions="versions"
      :taps="useTaps(feed)"
      :untold="feed.untold.value"
      plain
    >
      <template #over>
        <div class="over">
          <p class="done">{{ $t('floor.done') }}</p>
          <p>{{ $t('floor.walk_it_off_drink_and_ask') }}</p>
        </div>
      </template>
    </FloorStage>
    <p v-if="state === 'before'" class="cautions" role="note">
      <b>{{ $t('floor.stop') }}</b> {{ $t('floor.for_chest_pain_dizziness_unusual_breathlessness') }}
    </p>
  </main>
</template>

<style scoped>
.hall {
  height: 100vh;
  height: 100dvh;
  display: flex;
  flex-direction: column;
  padding: 1.4vh 2vw;
  gap: 0.8vh;
  overflow: hidden;
}
.hall:not(:has(> .below)) > :deep(.middle) {
  flex: 1 0 auto;
}
.over {
  flex: 1 0 auto;
  display: grid;
  place-content: center;
  justify-items: center;
  font-size: max(1rem, 3vh);
}
.done {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: 22vh;
  line-height: 1;
}
.cautions {
  border: 2px solid var(--warn);
  background: var(--warn-wash);
  padding: 1vh 1.5vw;
  font-size: max(1rem, 2.3vh);
}
@media (max-width: 44rem) {
  .hall {
    height: auto;
    min-height: 100dvh;
    overflow: visible;
  }
}
</style>
