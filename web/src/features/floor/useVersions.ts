import { t } from '@/lib/text'
import { computed, type Ref } from 'vue'
import { type Level, type Movement, type Run, type Station } from '@/lib/api/types'
import { weightText } from '@/lib/units'
import { stationOf } from './plan'

const NOTHING = {
  out: true,
  target: '',
  load: '',
  standard: '',
  figure: undefined,
  tempo: { own: undefined, usual: undefined },
  note: undefined,
}

/** What stands at a run's stations, by name: a level's version, its target and what makes it count. */
export function useVersions(run: Readonly<Ref<Run>>, movements: Readonly<Ref<Movement[]>>) {
  const variations = computed(
    () =>
      new Map(
        movements.value.flatMap((movement) => movement.ladder.map((variation) => [variation.id, variation] as const)),
      ),
  )
  const cells = computed(
    () =>
      new Map(
        run.value.preview.blocks.flatMap((block) =>
          block.stations.map((station) => [`${block.id}/${station.id}`, station] as const),
        ),
      ),
  )

  function name(blockId: string, stationId: string | undefined): string {
    return cells.value.get(`${blockId}/${stationId}`)?.name ?? ''
  }

  function version(blockId: string, stationId: string | undefined, level: Level) {
    const station = stationOf(run.value, blockId, stationId)
    const held = station?.levels[level]
    if (held?.sits_out) return { ...NOTHING, name: t('floor.sits_out') }
    const variation = variations.value.get(held?.variation ?? '')
    const cell = cells.value.get(`${blockId}/${stationId}`)?.levels[level]
    return {
      name: variation?.name ?? (held?.parts ? names(held.parts) : name(blockId, stationId)),
      out: false,
      target: cell?.target ?? '',
      load: cell?.load_kg ? weightText(cell.load_kg) : '',
      standard: variation?.standard ?? parts(held?.parts ? held : station),
      figure: variation?.id,
      tempo: { own: cell?.tempo, usual: variation?.tempo ?? undefined },
      note: held?.note,
    }
  }

  /** A compound's parts: “4 high knees + 4 climbers”. */
  const parts = (counted: Pick<Station, 'parts'> | undefined) =>
    (counted?.parts ?? [])
      .map((part) => `${part.reps} ${movements.value.find((held) => held.id === part.movement)?.name ?? ''}`)
      .join(' + ')
  const names = (parts: NonNullable<Station['parts']>) =>
    parts.map((part) => movements.value.find((held) => held.id === part.movement)?.name ?? '').join(' + ')
  const called = (id: string) => variations.value.get(id)?.name ?? ''

  /** The versions of some levels in one line, each once. */
  function line(blockId: string, stationId: string, levels: Level[]): string {
    const names = [...new Set(levels.map((level) => version(blockId, stationId, level).name))]
    return `${name(blockId, stationId)}. ${names.join(' / ')}`
  }

  return { name, version, called, line }
}

export type Versions = ReturnType<typeof useVersions>
