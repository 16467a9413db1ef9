/** Where the Floor reads the time: the system's clock, unless another was put in before the page began. */
export function timeNow(): number {
  return window.sparrowTimeSource?.now() ?? Date.now()
}
