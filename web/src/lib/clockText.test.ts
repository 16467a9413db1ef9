import { afterEach, describe, expect, it } from 'vitest'
import { clockText, instantOf, onTheWall, writeDates } from './clockText'

afterEach(() => writeDates('en-GB', 'Europe/London'))

describe('clockText', () => {
  it.each([
    [0, '0:00'],
    [9.4, '0:09'],
    [59.6, '1:00'],
    [257, '4:17'],
    [3600, '1:00:00'],
    [-5, '0:00'],
  ])('writes %d seconds as %s', (seconds, text) => expect(clockText(seconds)).toBe(text))
})

describe('the clock on the studio’s wall', () => {
  it('is read and written in the studio’s time zone', () => {
    writeDates('en-GB', 'America/New_York')
    const at = instantOf('2026-07-01', '18:30')!
    expect(at.toISOString()).toBe('2026-07-01T22:30:00.000Z')
    expect(onTheWall(at)).toEqual({ day: '2026-07-01', hour: '18:30' })
  })

  it('keeps its hour over the change to winter time', () => {
    writeDates('en-GB', 'Europe/London')
    expect(instantOf('2026-10-24', '18:30')!.toISOString()).toBe('2026-10-24T17:30:00.000Z')
    expect(instantOf('2026-10-26', '18:30')!.toISOString()).toBe('2026-10-26T18:30:00.000Z')
  })

  it('knows no instant of a day that does not exist', () => expect(instantOf('not a day', '')).toBeNull())
})
