import { afterEach, describe, expect, it } from 'vitest'
import { pieceName } from './readable'
import { measureIn, shownWeight, storedWeight, weightText } from './units'

afterEach(() => measureIn('metric'))

describe('units', () => {
  it('are kilograms and centimetres unless the studio says otherwise', () => {
    expect([weightText(8), storedWeight(8), pieceName('bench')]).toEqual(['8 kg', 8, 'bench, 60 cm'])
  })

  it('are pounds and inches where it does', () => {
    measureIn('imperial')
    expect([weightText(8), pieceName('bench'), pieceName('step')]).toEqual(['17.6 lb', 'bench, 24 in', 'step, 12 in'])
  })

  it.each([5, 12.5, 25, 45, 100])('give %d lb back as it was typed', (pounds) => {
    measureIn('imperial')
    expect(shownWeight(storedWeight(pounds) as number)).toBe(pounds)
  })

  it('leave what is no number to the server, which says so', () => {
    measureIn('imperial')
    expect(storedWeight('heavy')).toBe('heavy')
  })
})
