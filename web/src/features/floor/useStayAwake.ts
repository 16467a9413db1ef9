import { useWakeLock } from '@vueuse/core'
import { computed, onMounted, watch, type Ref } from 'vue'

/** Keeps the screen awake while the class goes on. @returns whether the browser does so */
export function useStayAwake(running: Ref<boolean>) {
  const wake = useWakeLock()
  async function stay() {
    if (wake.isSupported.value) await wake.request('screen').catch(() => undefined)
  }
  onMounted(() => running.value && void stay())
  watch(running, (now) => (now ? stay() : wake.release().catch(() => undefined)))
  return computed(() => wake.isActive.value)
}
