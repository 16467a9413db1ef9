import { computed, ref } from 'vue'
import { api, ask } from '@/lib/api/client'

// Words said aloud: by the browser where it has a voice; else rendered by the server and fetched ahead, so that a class is
// called without any network.

const LANGUAGE = 'en'
const AT_ONCE = 4

const voices = ref<SpeechSynthesisVoice[]>([])
function look() {
  voices.value = window.speechSynthesis?.getVoices().filter((voice) => voice.lang.startsWith(LANGUAGE)) ?? []
}
look()
window.speechSynthesis?.addEventListener?.('voiceschanged', look)

/** Whether this browser can speak by itself. */
export const browserSpeaks = computed(() => voices.value.length > 0)

/** Says something by the browser's voice after so many seconds. @returns how to take it back */
export function sayByBrowser(text: string, inS: number, volume: number): () => void {
  const timer = setTimeout(() => {
    const said = new SpeechSynthesisUtterance(text)
    said.voice = voices.value.find((voice) => voice.localService) ?? voices.value[0] ?? null
    said.rate = 1.1
    said.volume = volume
    window.speechSynthesis.speak(said)
  }, inS * 1000)
  return () => clearTimeout(timer)
}

export const serverSpeaks = async () => (await ask(api.GET('/api/speech'))).available

/** Words that were rendered by the server, by their text. */
export class RenderedSpeech {
  private readonly held = new Map<string, AudioBuffer>()

  constructor(private readonly context: BaseAudioContext) {}

  get(text: string) {
    return this.held.get(text)
  }

  /** Fetches what is not here yet, the first first. @returns how many could not be had */
  async fetchAhead(texts: string[]): Promise<number> {
    const wanted = [...new Set(texts)].filter((text) => !this.held.has(text))
    let failed = 0
    const work = async () => {
      for (let text = wanted.shift(); text !== undefined; text = wanted.shift()) {
        try {
          const answer = await fetch(`/api/speech/words?text=${encodeURIComponent(text)}`)
          if (!answer.ok) throw new Error(String(answer.status))
          this.held.set(text, await this.context.decodeAudioData(await answer.arrayBuffer()))
        } catch {
          failed++
        }
      }
    }
    await Promise.all(Array.from({ length: AT_ONCE }, work))
    return failed
  }
}
