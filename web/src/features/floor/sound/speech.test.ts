import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

// A browser with voices of its own; happy-dom has none.
class Spoken {
  voice: unknown = null
  rate = 1
  volume = 1
  constructor(readonly text: string) {}
}
const french = { name: 'Aude', lang: 'fr-FR', localService: true }
const far = { name: 'Ada', lang: 'en-US', localService: false }
const near = { name: 'Kit', lang: 'en-GB', localService: true }

function browserWith(voices: object[]) {
  const speak = vi.fn<(said: Spoken) => void>()
  let changed: () => void = () => undefined
  const held = [...voices]
  vi.stubGlobal('SpeechSynthesisUtterance', Spoken)
  vi.stubGlobal('speechSynthesis', {
    getVoices: () => held,
    addEventListener: (_: string, listener: () => void) => void (changed = listener),
    speak,
  })
  return {
    speak,
    come(...more: object[]) {
      held.push(...more)
      changed()
    },
  }
}
async function load() {
  vi.resetModules()
  return import('./speech')
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  vi.resetModules()
})

describe('words said by the browser', () => {
  it('come at their second, by a voice of this device that speaks the language, as loud as is set', async () => {
    const { speak } = browserWith([french, far, near])
    const { browserSpeaks, sayByBrowser } = await load()
    expect(browserSpeaks.value).toBe(true)
    sayByBrowser('Stop, beginners.', 1.5, 0.4)
    vi.advanceTimersByTime(1499)
    expect(speak).not.toHaveBeenCalled()
    vi.advanceTimersByTime(1)
    expect(speak.mock.calls[0]![0]).toMatchObject({ text: 'Stop, beginners.', voice: near, volume: 0.4 })
  })

  it('are not said once they were taken back', async () => {
    const { speak } = browserWith([near])
    const { sayByBrowser } = await load()
    sayByBrowser('Change.', 2, 1)()
    vi.advanceTimersByTime(5000)
    expect(speak).not.toHaveBeenCalled()
  })

  it('are not offered where no voice speaks the language, until one comes', async () => {
    const browser = browserWith([french])
    const { browserSpeaks } = await load()
    expect(browserSpeaks.value).toBe(false)
    browser.come(far)
    expect(browserSpeaks.value).toBe(true)
  })

  it('are not offered by a browser without speech', async () => {
    vi.stubGlobal('speechSynthesis', undefined)
    expect((await load()).browserSpeaks.value).toBe(false)
  })
})

describe('words rendered by the server', () => {
  const context = { decodeAudioData: (bytes: ArrayBuffer) => Promise.resolve({ bytes: bytes.byteLength }) }

  it('are fetched once each, and told how many could not be had', async () => {
    const { RenderedSpeech } = await load()
    const asked = vi.fn((path: string) =>
      Promise.resolve(path.includes('Go') ? new Response('', { status: 503 }) : new Response('sound')),
    )
    vi.stubGlobal('fetch', asked)
    const speech = new RenderedSpeech(context as unknown as BaseAudioContext)
    expect(await speech.fetchAhead(['Stop.', 'Go.', 'Stop.'])).toBe(1)
    expect(asked).toHaveBeenCalledTimes(2)
    expect(speech.get('Stop.')).toEqual({ bytes: 5 })
    expect(speech.get('Go.')).toBeUndefined()
    asked.mockClear()
    await speech.fetchAhead(['Stop.'])
    expect(asked).not.toHaveBeenCalled()
  })
})
