import { useIntervalFn, useResizeObserver } from '@vueuse/core'
import { nextTick, ref, watch, type Ref } from 'vue'

const LATER_MS = 500

/** A name of more lines than these is read more slowly than one in smaller letters. */
const LINES = 2

/**
 * How many rows of a list can be shown whole: all of them, or as many as have room in each of some boxes. Looked at
 * again when the boxes change their size, or the rows change.
 * @param smallest how many are shown in the smallest letters with nothing left out: beyond these only letters are larger,
 * and none so large that a word is wider than its row, or a name has more than two lines
 */
export function useRowsThatFit(
  boxes: Readonly<Ref<HTMLElement[] | null>>,
  rows: Readonly<Ref<number>>,
  smallest: Readonly<Ref<number>>,
) {
  const fitting = ref(rows.value)
  let looking = false

  /** A box that grows with what is in it, as on a phone, is never too small. */
  const cuts = (box: HTMLElement) => getComputedStyle(box).overflowY !== 'visible'
  const isWide = (row: Element) => row.scrollWidth > row.clientWidth + 1
  const isLong = (name: Element) => name.clientHeight > (LINES + 0.5) * parseFloat(getComputedStyle(name).lineHeight)
  const readsBadly = (box: HTMLElement) =>
    [...box.querySelectorAll('li')].some(isWide) || [...box.querySelectorAll('li .name')].some(isLong)
  const isTooSmall = (box: HTMLElement) =>
    cuts(box) && (box.scrollHeight > box.clientHeight + 1 || (fitting.value > smallest.value && readsBadly(box)))

  async function shrink() {
    if (looking) return
    looking = true
    while (fitting.value > 1 && boxes.value?.some(isTooSmall)) {
      fitting.value--
      await nextTick()
    }
    looking = false
  }

  /** From the largest on; where it is shrinking already, that goes on from there. */
  async function look() {
    fitting.value = rows.value
    await nextTick()
    await shrink()
  }

  useResizeObserver(boxes as Ref<HTMLElement[]>, () => void look())
  watch(rows, () => void look(), { flush: 'post' })
  // Figures come a moment later, and make rows taller.
  useIntervalFn(() => void shrink(), LATER_MS)
  return { fitting }
}
