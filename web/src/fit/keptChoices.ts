import { device } from '@/state/device'

// Choices on a fit sheet that the server has not answered yet, by class and cell.

export interface Choice {
  variation?: string
  number?: number
  why?: string
}

/** A choice on its way: what it is to be, null for "recalculate", and the version it was made over. */
export interface KeptChoice {
  person: string
  block: string
  station: string
  choice: Choice | null
  version: number
}

const key = (classId: string) => `fit.${classId}`

export const keptChoices = {
  of(classId: string): Record<string, KeptChoice> {
    return device.read<Record<string, KeptChoice>>(key(classId)) ?? {}
  },
  put(classId: string, cell: string, kept: KeptChoice) {
    device.write(key(classId), { ...this.of(classId), [cell]: kept })
  },
  drop(classId: string, cell: string) {
    const rest = Object.fromEntries(Object.entries(this.of(classId)).filter(([key]) => key !== cell))
    if (Object.keys(rest).length) device.write(key(classId), rest)
    else device.drop(key(classId))
  },
  count(): number {
    return device.keys('fit.').reduce((sum, id) => sum + Object.keys(this.of(id)).length, 0)
  },
}
