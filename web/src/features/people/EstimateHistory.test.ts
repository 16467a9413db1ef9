import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { i18n } from '@/lib/text'
import EstimateHistory from './EstimateHistory.vue'

const point = (day: string, source: 'measured' | 'results', bound: boolean, value: number, after: number) => ({
  day,
  source,
  bound,
  name: 'Floor push-up',
  amount: value,
  value,
  after,
})
const draw = (points: ReturnType<typeof point>[]) =>
  mount(EstimateHistory, {
    props: { measure: { unit: 'reps', at: 'Floor push-up', changes: 'A test replaces it.', points } },
    global: { plugins: [i18n] },
  })

describe('the history of an estimate', () => {
  it('draws a square for a test, a dot for a result and an arrow for what was there at least', () => {
    const drawn = draw([
      point('2026-09-01', 'measured', false, 10, 10),
      point('2026-10-01', 'results', false, 14, 12),
      point('2026-11-01', 'results', true, 8, 12),
    ])
    expect([drawn.findAll('rect').length, drawn.findAll('circle').length, drawn.findAll('path.bound').length]).toEqual([
      1, 1, 1,
    ])
    expect(drawn.findAll('li').map((item) => item.text().split(': ')[1])).toEqual([
      'Floor push-up, 8 at least',
      'Floor push-up, 14 were there',
      'tested, Floor push-up 10',
    ])
  })

  it('is a sentence alone where nothing is known yet', () => {
    const drawn = draw([])
    expect(drawn.find('svg').exists()).toBe(false)
    expect(drawn.text()).toContain('A test replaces it.')
  })
})
