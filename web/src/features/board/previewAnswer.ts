import type { components } from '@/lib/api/schema'
import type { BlockPreview, Preview } from '@/lib/api/types'

type Answer = components['schemas']['Preview']

/** The tags of the blocks that are here, by the block's id: what is still the same of them need not be sent again. */
export function tagsOf(preview: Preview | null): Record<string, string> {
  return Object.fromEntries(preview?.blocks.flatMap((block) => (block.tag ? [[block.id, block.tag]] : [])) ?? [])
}

/**
 * An answer made whole with what was here before.
 * @param order ids of the document's blocks
 * @returns null where something was left out that is not here
 */
export function whole(answer: Answer, before: Preview | null, order: string[]): Preview | null {
  const blocks = new Map(answer.blocks.map((block) => [block.id, block]))
  const held = new Map(before?.blocks.map((block) => [block.id, block]))
  for (const id of answer.as_seen ?? []) {
    const block = held.get(id)
    if (block) blocks.set(id, block)
  }
  for (const figures of answer.figures ?? []) {
    const block = held.get(figures.id)
    if (block) blocks.set(figures.id, { ...figures, lanes: withSegments(figures.lanes, block.lanes) })
  }
  const found = order.map((id) => blocks.get(id))
  return found.every((block) => block !== undefined) ? { ...answer, blocks: found as BlockPreview[] } : null
}

function withSegments(
  sums: components['schemas']['BlockFigures']['lanes'],
  lanes: BlockPreview['lanes'],
): BlockPreview['lanes'] {
  return {
    beginner: { ...sums.beginner, segments: lanes.beginner.segments },
    intermediate: { ...sums.intermediate, segments: lanes.intermediate.segments },
    advanced: { ...sums.advanced, segments: lanes.advanced.segments },
  }
}
