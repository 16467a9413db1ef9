import { describe, expect, it } from 'vitest'
import { byWeek, weekText } from './weeks'

describe('weeks of classes', () => {
  it('keeps the order of the classes, each under the first day of its week', () => {
    const lines = ['2026-11-30', '2026-11-30', '2026-12-07'].map((week, id) => ({ week, id }))
    expect(byWeek(lines)).toEqual([
      { week: '2026-11-30', held: lines.slice(0, 2) },
      { week: '2026-12-07', held: lines.slice(2) },
    ])
    expect(byWeek([])).toEqual([])
  })

  it('names the weeks around this one, the others by their first day, over a change of the clock too', () => {
    expect(
      ['2026-10-12', '2026-10-19', '2026-10-26', '2026-11-02'].map((week) => weekText(week, '2026-10-19')),
    ).toEqual(['Last week', 'This week', 'Next week', 'Week from 2 November'])
  })
})
