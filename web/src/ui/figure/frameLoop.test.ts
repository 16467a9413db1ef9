import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'

// Frames are handed out by hand, and the clock with them.
let frames: ((now: number) => void)[] = []
let now = 0
const drawFor = async (count: number, everyMs: number, workMs = 0) => {
  const { onEachFrame, tooSlow } = await import('./frameLoop')
  const drawn = vi.fn(() => (now += workMs))
  const stop = onEachFrame(drawn)
  for (let index = 0; index < count; index++) {
    now += everyMs - workMs
    frames.splice(0).forEach((frame) => frame(now))
  }
  return { drawn, stop, tooSlow }
}

describe('the loop that draws all figures', () => {
  beforeEach(() => {
    vi.resetModules()
    frames = []
    now = 1000
    vi.stubGlobal('requestAnimationFrame', (frame: (now: number) => void) => frames.push(frame))
    vi.spyOn(performance, 'now').mockImplementation(() => now)
  })
  afterEach(() => vi.unstubAllGlobals())

  it('draws at every frame, until it is told to stop', async () => {
    const { drawn, stop } = await drawFor(5, 16)
    expect(drawn).toHaveBeenCalledTimes(5)
    stop()
    frames.splice(0).forEach((frame) => frame(now))
    frames.splice(0).forEach((frame) => frame(now))
    expect(drawn).toHaveBeenCalledTimes(5)
    expect(frames).toHaveLength(0)
  })

  it('lets figures move where frames come in time', async () => {
    const { tooSlow } = await drawFor(200, 17, 2)
    expect(tooSlow.value).toBe(false)
  })

  it('lets them stand still where frames come late, or drawing takes too long', async () => {
    expect((await drawFor(100, 70)).tooSlow.value).toBe(true)
    vi.resetModules()
    expect((await drawFor(100, 17, 12)).tooSlow.value).toBe(true)
  })

  it('forgives a moment of it', async () => {
    const { tooSlow } = await drawFor(20, 70)
    await drawFor(80, 16)
    expect(tooSlow.value).toBe(false)
  })
})
