import { useSortable } from '@vueuse/integrations/useSortable'
import { nextTick, type Ref } from 'vue'

/**
 * Lets a list be put in order by dragging a handle. The list is drawn from the
 * document, so what was dragged is put back where it was and the document is
 * changed instead.
 */
export function useDragOrder(
  list: Readonly<Ref<HTMLElement | null>>,
  handle: string,
  moved: (from: number, to: number) => void,
) {
  useSortable(list, [], {
    handle,
    animation: 120,
    onUpdate: (event: { oldIndex?: number; newIndex?: number; item: HTMLElement; from: HTMLElement }) => {
      const { oldIndex, newIndex, item, from } = event
      if (oldIndex === undefined || newIndex === undefined) return
      item.remove()
      from.insertBefore(item, from.children[oldIndex] ?? null)
      void nextTick(() => moved(oldIndex, newIndex))
    },
  })
}
