// Where a figure is at an instant: frames lie at even shares of their step, the easing is ours.

interface Step {
  phase: string
  seconds: number
  pause: number
  frames: number[][]
}
export interface Segment {
  phase: string
  /** The frame it starts from, and how many follow. */
  from: number
  count: number
  startsS: number
  movesS: number
  endsS: number
}
export interface Motion {
  /** Every frame whole, the first pose first. */
  frames: Int16Array[]
  segments: Segment[]
  lengthS: number
}

/** From what is sent: each frame is what it differs by from the one before. */
export function motionOf(figure: { start: number[]; steps: Step[] }): Motion {
  const frames = [Int16Array.from(figure.start)]
  const segments: Segment[] = []
  let at = 0
  for (const step of figure.steps) {
    segments.push({
      phase: step.phase,
      from: frames.length - 1,
      count: step.frames.length,
      startsS: at,
      movesS: step.seconds,
      endsS: (at += step.seconds + step.pause),
    })
    for (const moved of step.frames) {
      const last = frames.at(-1)!
      frames.push(last.map((number, index) => number + moved[index]!))
    }
  }
  return { frames, segments, lengthS: at }
}

const eased = (share: number) => (1 - Math.cos(Math.PI * share)) / 2

/** The frame, with its share of the way to the next, and what is being done. */
export function instant(motion: Motion, seconds: number): { frame: number; phase: string; still: boolean } {
  if (!motion.lengthS) return { frame: 0, phase: 'hold', still: true }
  const now = ((seconds % motion.lengthS) + motion.lengthS) % motion.lengthS
  const segment = motion.segments.find((held) => now < held.endsS) ?? motion.segments.at(-1)!
  const share = Math.min((now - segment.startsS) / segment.movesS, 1)
  return { frame: segment.from + eased(share) * segment.count, phase: segment.phase, still: share >= 1 }
}

/** Numbers between two frames. */
export function numbersAt(motion: Motion, frame: number, into: Float32Array): Float32Array {
  const low = Math.min(Math.floor(frame), motion.frames.length - 1)
  const one = motion.frames[low]!
  const other = motion.frames[Math.min(low + 1, motion.frames.length - 1)]!
  const share = frame - low
  for (let index = 0; index < into.length; index++) into[index] = one[index]! + (other[index]! - one[index]!) * share
  return into
}

/** The next or the last end of a step, in seconds: to look at one pose after the other. */
export function stepFrom(motion: Motion, seconds: number, direction: 1 | -1): number {
  // The last step ends where the first begins: that pose is looked at once.
  const ends = [0, ...motion.segments.slice(0, -1).map((segment) => segment.startsS + segment.movesS)]
  const now = ((seconds % motion.lengthS) + motion.lengthS) % motion.lengthS
  const next = direction === 1 ? ends.find((end) => end > now + 0.01) : ends.findLast((end) => end < now - 0.01)
  return next ?? (direction === 1 ? 0 : ends.at(-1)!)
}

/** The key poses, each once, at most so many: for paper, and where nothing may move. */
export function keyPoses(motion: Motion, most: number): Int16Array[] {
  const ends = [motion.frames[0]!, ...motion.segments.map((segment) => motion.frames[segment.from + segment.count]!)]
  const once = ends.filter((pose, index) => ends.findIndex((other) => other.join() === pose.join()) === index)
  if (once.length <= most) return once
  return Array.from({ length: most }, (_, index) => once[Math.round((index * (once.length - 1)) / (most - 1))]!)
}
