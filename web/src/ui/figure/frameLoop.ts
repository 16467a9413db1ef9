import { ref } from 'vue'

// One loop for all figures on a screen. It measures itself: where frames come too late, or drawing
// takes too long, figures stand still from then on and show their key poses.

/** A device on which figures stand still. */
export const tooSlow = ref(false)
const LATE_MS = 48
const WORK_MS = 8
const LOOKED_AT = 90
const SHARE = 0.4

const drawers = new Set<(now: number) => void>()
let running = 0
let last = 0
let seen = 0
let bad = 0

function frame(now: number) {
  const began = performance.now()
  for (const draw of drawers) draw(now)
  const work = performance.now() - began
  if (last) {
    seen += 1
    if (now - last > LATE_MS || work > WORK_MS) bad += 1
  }
  last = now
  if (seen >= LOOKED_AT) {
    if (bad > LOOKED_AT * SHARE) tooSlow.value = true
    seen = bad = 0
  }
  running = drawers.size ? requestAnimationFrame(frame) : 0
}

/** Draws at every frame until the answer is called. */
export function onEachFrame(draw: (now: number) => void): () => void {
  drawers.add(draw)
  if (!running) {
    last = 0
    running = requestAnimationFrame(frame)
  }
  return () => void drawers.delete(draw)
}
