import { t } from '@/lib/text'
import { computed, type Ref } from 'vue'
import type { Run } from '@/lib/api/types'
import type { Moment, Plan } from './plan'
import type { Versions } from './useVersions'

/** What the hall reads in large type: the station or the block, and what comes next. */
export function useHeadline(
  run: Readonly<Ref<Run>>,
  plan: Ref<Plan>,
  moment: Ref<Moment>,
  held: Ref<boolean>,
  versions: Versions,
) {
  const planBlock = computed(() => plan.value.blocks.find((block) => block.id === moment.value.blockId))
  const blockNow = computed(() => run.value.document.blocks.find((block) => block.id === moment.value.blockId))
  const blockPreview = computed(() => run.value.preview.blocks.find((block) => block.id === moment.value.blockId))
  const pacedNow = computed(() => Boolean(blockPreview.value?.paced && blockNow.value))
  /** Groups stand at different stations, and move on together. */
  const moving = computed(() => blockNow.value?.flow === 'rotate' && Boolean(blockPreview.value?.groups))
  /** A rest between rounds is the clock's; the work before a gate is anybody's guess. */
  const about = computed(
    () => moment.value.paced && !planBlock.value?.capped && !['rest', 'ready', 'pause'].includes(moment.value.kind),
  )
  const resting = computed(() => moment.value.kind === 'rest' || moment.value.kind === 'waiting')
  const heading = computed(() => {
    const { kind, blockId, station, blockTitle } = moment.value
    if (kind === 'pause') return blockTitle
    if (held.value) return t('floor.space_when_all_are_through')
    if (pacedNow.value)
      return kind === 'ready' ? t('floor.next_title', { title: blockNow.value?.title || blockTitle }) : blockTitle
    if (moving.value) return kind === 'work' || kind === 'switch' ? blockTitle : t('floor.move_on')
    const name = versions.name(blockId, station)
    return kind === 'work' || kind === 'switch' ? name : name && t('floor.next_name', { name })
  })
  const nextLine = computed(() => {
    if (pacedNow.value || moving.value) return ''
    const next = moment.value.next
    if (next) return t('floor.next_line', { line: versions.line(next.blockId, next.station, next.levels) })
    return moment.value.kind === 'work' ? t('floor.last_station') : ''
  })
  /** Without its versions. */
  const nextBrief = computed(() => {
    const next = moment.value.next
    return next && nextLine.value
      ? t('floor.next_name', { name: versions.name(next.blockId, next.station) })
      : nextLine.value
  })

  return { blockNow, blockPreview, pacedNow, about, resting, heading, nextLine, nextBrief }
}
