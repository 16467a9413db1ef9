import { computed, type Ref } from 'vue'
import { LEVELS, type Level, type Movement, type Run } from '@/lib/api/types'
import { stationOf } from './plan'

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
    const variation = station && variations.value.get(station.levels[level].variation ?? '')
    return {
      name: variation?.name ?? name(blockId, stationId),
      target: cells.value.get(`${blockId}/${stationId}`)?.levels[level].target ?? '',
      standard: variation?.standard ?? '',
      figure: variation?.id,
      tempo: { own: station?.levels[level].tempo, usual: variation?.tempo ?? undefined },
    }
  }

  /** The three versions in one line, each once. */
  function line(blockId: string, stationId: string): string {
    const names = [...new Set(LEVELS.map((level) => version(blockId, stationId, level).name))]
    return `${name(blockId, stationId)}. ${names.join(' / ')}`
  }

  return { name, version, line }
}

export type Versions = ReturnType<typeof useVersions>
