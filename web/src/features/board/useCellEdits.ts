import { nextTick, type ComputedRef } from 'vue'
import { LEVELS, type Level, type Movement } from '@/lib/api/types'
import { t } from '@/lib/text'
import { chooseVariation, copyCell, copyDown, copyRight } from './document'
import { movementOf, replaceForAll, sitOut, stepVersion, takeMovement, takeParts, takeStation, unhalve } from './level'
import { writeTarget } from './target'
import type { CellPlace, useCell } from './useCell'
import type { Other } from './VersionChoice.vue'

/**
 * What is done in a cell: a target, a version, another movement, one for all, copies.
 * @param isAll whether all levels are given the same here
 */
export function useCellEdits(props: CellPlace, cell: ReturnType<typeof useCell>, isAll: ComputedRef<boolean>) {
  const { board, level, variation, figures, isDay } = cell

  function type(text: string | undefined) {
    cell.change(
      t('board.target'),
      (station, level) => writeTarget(station.levels[level], text ?? '', variation.value, isDay.value),
      'target',
    )
  }

  function choose(id: string) {
    cell.change(t('board.version'), (station, level) => {
      const ladder = movementOf(board.movement, station, level)
      if (ladder) chooseVariation(ladder, station.levels[level], id)
      unhalve(board.movement, station)
    })
  }

  function takeOther(movement: Movement) {
    cell.change(t('board.another_movement_for_level'), (station, level) => {
      if (isAll.value) replaceForAll(station, movement)
      else takeMovement(station, level, movement)
    })
  }

  function act(what: Other) {
    cell.change(t('board.what_a_level_does'), (station, level) => {
      if (what === 'own_parts') takeParts(station, level, board.offered.value)
      else if (what === 'as_station') takeStation(board.movement, station, level)
      else sitOut(station, level, what === 'sit_out')
    })
  }

  function step(by: 1 | -1) {
    cell.change(t('board.version'), (station, level) => {
      stepVersion(board.movement, station, level, by)
      unhalve(board.movement, station)
    })
  }

  /** The number that the window has time for, as numbers are called. */
  function takeOffer() {
    const offer = figures.value?.offer
    if (offer)
      cell.change(t('board.the_number_that_fits'), (station, level) =>
        writeTarget(station.levels[level], String(offer), variation.value),
      )
  }

  /** One for all: the others are given what this level is. */
  function giveAll() {
    cell.change(t('board.one_for_all'), (station) => {
      for (const other of LEVELS)
        if (other !== level.value) copyCell(station.levels[level.value], station.levels[other], true)
    })
  }

  function right() {
    cell.change(t('board.copy_across'), (station) => copyRight(station, level.value))
  }

  function below(levels: readonly Level[]) {
    board.edit(t('board.copy_down'), (draft) => copyDown(draft.blocks[props.blockIndex], props.stationIndex, levels))
  }

  return { type, choose, takeOther, act, step, takeOffer, giveAll, right, below }
}

/** The number of a station's first cell has the focus, once it is drawn anew. */
export async function focusFirstNumber(row: Element | null) {
  await nextTick()
  row?.querySelector<HTMLElement>('.cell .number')?.focus()
}
