import { beforeEach, describe, expect, it } from 'vitest'
import { forgetTime, heardTime, serverAhead } from './serverTime'

const NOW = 1_700_000_000_000

describe('the server’s time', () => {
  beforeEach(forgetTime)

  it('is this device’s where nothing was heard, and where the two differ by the way of a message', () => {
    expect(serverAhead()).toBe(0)
    heardTime(NOW + 200, NOW, NOW + 20)
    expect(serverAhead()).toBe(0)
  })

  it('is ahead of a device whose clock is behind, measured in the middle of the way', () => {
    heardTime(NOW + 60_050, NOW, NOW + 100)
    expect(serverAhead()).toBe(60_000)
  })

  it('is believed of the quickest answer: a slow one says less', () => {
    heardTime(NOW + 60_010, NOW, NOW + 20)
    heardTime(NOW + 69_000, NOW, NOW + 9000)
    expect(serverAhead()).toBe(60_000)
  })
})
