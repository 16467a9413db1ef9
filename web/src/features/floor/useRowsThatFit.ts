import { useIntervalFn, useResizeObserver } from '@vueuse/core'
import { nextTick, ref, watch, type Ref } from 'vue'

const LATER_MS = 500

/** A name of more lines than these is read more slowly than one in smaller letters. */
const LINES = 2

/**
 * How many rows of a list can be shown whole: all of them, or as many as have room in each of some boxes. Looked at
 * again when the boxes change their size, or the rows change.
 * @param enlarged from how many on nothing is left out, and only letters are larger: there no name has more than two lines
 */
export function useRowsThatFit(
  boxes: Readonly<Ref<HTMLElement[] | null>>,
  rows: Readonly<Ref<number>>,
  enlarged: Readonly<Ref<number>>,
) {
  const fitting = ref(rows.value)
  let looking = false

  /** A box that grows with what is in it, as on a phone, is never too small; a row may be too narrow for a word. */
  const cuts = (box: HTMLElement) => getComputedStyle(box).overflowY !== 'visible'
  const isWide = (row: Element) => row.scrollWidth > row.clientWidth + 1
  const isLong = (name: Element) => name.clientHeight > (LINES + 0.5) * parseFloat(getComputedStyle(name).lineHeight)
  const tooSmall = () =>
    (boxes.value ?? []).some(
      (box) =>
        cuts(box) &&
        (box.scrollHeight > box.clientHeight + 1 ||
          [...box.querySelectorAll('li')].some(isWide) ||
          (fitting.value > enlarged.value && [...box.querySelectorAll('li .name')].some(isLong))),
    )

  async function look() {
    if (looking) return
    looking = true
    fitting.value = rows.value
    await nextTick()
    while (fitting.value > 1 && tooSmall()) {
      fitting.value--
      await nextTick()
    }
    looking = false
  }

  useResizeObserver(boxes as Ref<HTMLElement[]>, () => void look())
  watch(rows, () => void look(), { flush: 'post' })
  // Figures come a moment later, and make rows taller.
  useIntervalFn(() => tooSmall() && void look(), LATER_MS)
  return { fitting }
}
