import { onScopeDispose, ref, watch, type Ref } from 'vue'
import type { Cue } from '@/lib/api/types'
import { usePreferences } from '@/lib/preferences'
import { timeNow } from '@/lib/timeSource'
import type { Plan } from '@/features/floor/plan'
import { CallScheduler } from './scheduler'
import { browserSpeaks, RenderedSpeech, sayByBrowser } from './speech'
import { loudnessOf, tonesOf, type Tone } from './tones'

const BEAT: Record<'down' | 'other', Tone> = { down: [320, 0, 0.06], other: [240, 0, 0.05] }
/** Of a voice counts stay tones: numbers a second apart are clearer so. */
const AS_TONES: Cue['kind'][] = ['countdown']

/** A beat of a tempo, among the calls. */
export type Beat = Cue & { beat?: 'down' | 'other' }

/**
 * Sounds the calls of a class: tones, or words by the browser's voice or the server's. Browsers let a page sound only after a
 * touch or a key; until then `locked` says so.
 * @param beats where a metronome ticks
 */
export function useSound(
  plan: Readonly<Ref<Plan>>,
  second: () => number,
  running: Readonly<Ref<boolean>>,
  beats: Readonly<Ref<Beat[]>>,
) {
  const preferences = usePreferences()
  const locked = ref(true)
  /** Words that could not be fetched; tones stand in for them. */
  const missing = ref(0)
  let context: AudioContext | null = null
  let rendered: RenderedSpeech | null = null

  /** Must be called from a touch or a key press. */
  async function unlock() {
    context ??= new AudioContext()
    if (context.state !== 'running') await context.resume()
    locked.value = context.state !== 'running'
    prepare()
  }

  function play(tones: Tone[], inS: number, volume: number) {
    if (!context || context.state !== 'running' || !volume) return () => undefined
    const playing = tones.map(([frequency, atS, lengthS]) => {
      const oscillator = context!.createOscillator()
      const gain = context!.createGain()
      const from = context!.currentTime + inS + atS
      oscillator.type = 'triangle'
      oscillator.frequency.value = frequency
      gain.gain.setValueAtTime(0.0001, from)
      gain.gain.exponentialRampToValueAtTime(0.5 * volume, from + 0.015)
      gain.gain.exponentialRampToValueAtTime(0.0001, from + lengthS)
      oscillator.connect(gain).connect(context!.destination)
      oscillator.start(from)
      oscillator.stop(from + lengthS + 0.05)
      return oscillator
    })
    return () => playing.forEach((oscillator) => oscillator.disconnect())
  }

  function playWords(buffer: AudioBuffer, inS: number, volume: number) {
    const source = context!.createBufferSource()
    const gain = context!.createGain()
    source.buffer = buffer
    gain.gain.value = volume
    source.connect(gain).connect(context!.destination)
    source.start(context!.currentTime + inS)
    return () => source.disconnect()
  }

  function begin(cue: Beat, inS: number): () => void {
    if (!preferences.sound) return () => undefined
    if (cue.beat) return play([BEAT[cue.beat]], inS, 0.6)
    const volume = preferences.loudness[loudnessOf(cue.kind)] / 100
    if (preferences.voice === 'spoken' && !AS_TONES.includes(cue.kind) && volume) {
      if (browserSpeaks.value && !preferences.serverVoice) return sayByBrowser(cue.text, inS, volume)
      const words = rendered?.get(cue.text)
      if (words) return playWords(words, inS, volume)
    }
    return play(tonesOf(cue), inS, volume)
  }

  /** A class's words are fetched ahead, so that it is called without any network. */
  function prepare() {
    if (!context || preferences.voice !== 'spoken' || (browserSpeaks.value && !preferences.serverVoice)) return
    rendered ??= new RenderedSpeech(context)
    const texts = plan.value.cues.filter((cue) => !AS_TONES.includes(cue.kind)).map((cue) => cue.text)
    void rendered.fetchAhead(texts).then((failed) => (missing.value = failed))
  }
  watch([() => preferences.voice, () => preferences.serverVoice, () => plan.value.preview], prepare)

  const scheduler = new CallScheduler(begin)
  let all: Beat[] = []
  watch(
    [() => plan.value.cues, beats],
    ([cues, ticks]) => (all = [...cues, ...ticks].sort((one, other) => one.at_s - other.at_s)),
    { immediate: true },
  )
  const tick = () => scheduler.tick(all, second(), timeNow(), running.value)
  const timer =
    typeof Worker === 'undefined' ? null : new Worker(new URL('./timer.worker.ts', import.meta.url), { type: 'module' })
  if (timer) timer.onmessage = tick
  watch(running, tick)
  onScopeDispose(() => {
    scheduler.silence()
    timer?.terminate()
    void context?.close()
  })

  /** A call as it would sound, for who sets this up. */
  const test = () => void unlock().then(() => begin({ at_s: 0, kind: 'go', text: 'Go', says_s: 1 } as Cue, 0.1))

  return { locked, missing, unlock, test }
}
