import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useHistory } from './history'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

describe('undo and redo', () => {
  it('goes back step by step and forward again, and says what was undone', () => {
    const history = useHistory('a')
    history.change('b', 'First')
    history.change('c', 'Second')
    expect([history.undo(), history.present.value]).toEqual(['Second', 'b'])
    expect([history.undo(), history.present.value]).toEqual(['First', 'a'])
    expect(history.undo()).toBeUndefined()
    expect([history.redo(), history.present.value, history.canUndo.value]).toEqual(['First', 'b', true])
  })

  it('takes quick edits of one field as one step, and slow ones as two', () => {
    const history = useHistory(0)
    history.change(1, 'Rounds', '/rounds')
    history.change(12, 'Rounds', '/rounds')
    vi.advanceTimersByTime(2000)
    history.change(123, 'Rounds', '/rounds')
    history.undo()
    expect(history.present.value).toBe(12)
    history.undo()
    expect(history.present.value).toBe(0)
  })

  it('never takes edits of different fields, or without a field, as one step', () => {
    const history = useHistory(0)
    history.change(1, 'Rounds', '/rounds')
    history.change(2, 'Work', '/work_s')
    history.change(3, 'Add')
    history.change(4, 'Add')
    ;[3, 2, 1, 0].forEach((value) => {
      history.undo()
      expect(history.present.value).toBe(value)
    })
  })

  it('forgets what could be redone once something else is done', () => {
    const history = useHistory('a')
    history.change('b', 'First')
    history.undo()
    history.change('c', 'Other')
    expect([history.canRedo.value, history.redo()]).toEqual([false, undefined])
  })
})
