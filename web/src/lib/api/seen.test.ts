import 'fake-indexeddb/auto'
import { http, HttpResponse } from 'msw'
import { setupServer } from 'msw/node'
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { kept } from '@/lib/delivery/kept'
import { api, ask } from './client'
import { seen, seenAt } from './seen'

const server = setupServer()
const circuits = () => ask(api.GET('/api/workouts'))
const people = () => ask(api.GET('/api/people'))
const answer = { workouts: [{ title: 'Lock-gate Tuesday' }] }
const isThere = () => server.use(http.get('*/api/*', () => HttpResponse.json(answer)))
const isAway = () => server.use(http.get('*/api/*', () => HttpResponse.error()))
const isStored = (path: string) => vi.waitFor(async () => expect(await seen.read(path)).not.toBeNull())

beforeAll(() => server.listen())
afterAll(() => server.close())
beforeEach(() => kept.belongsTo('ottoline'))
afterEach(async () => {
  server.resetHandlers()
  vi.useRealTimers()
  await seen.forget()
})

describe('what the server said', () => {
  beforeEach(async () => {
    isThere()
    await circuits()
    await isStored('/api/workouts')
  })

  it('is shown where it does not answer, with its time, until it does again', async () => {
    expect(seenAt.value).toBeNull()
    isAway()
    expect(await circuits()).toEqual(answer)
    expect(seenAt.value?.getTime()).toBeLessThanOrEqual(Date.now())
    isThere()
    await circuits()
    expect(seenAt.value).toBeNull()
  })

  it('is for whoever was told, and for nobody who signs in after them', async () => {
    isAway()
    await kept.belongsTo('emeka')
    await expect(circuits()).rejects.toThrow('The server does not answer.')
    await kept.belongsTo('ottoline')
    await seen.forget()
    await expect(circuits()).rejects.toThrow('The server does not answer.')
  })

  it('is not shown after a week', async () => {
    isAway()
    vi.useFakeTimers({ toFake: ['Date'], now: Date.now() + 8 * 24 * 60 * 60 * 1000 })
    await expect(circuits()).rejects.toThrow('The server does not answer.')
  })

  it('of people, and of what was refused, is not kept', async () => {
    await people()
    isAway()
    await expect(people()).rejects.toThrow('The server does not answer.')
    server.use(http.get('*/api/workouts', () => HttpResponse.json({ detail: 'no' }, { status: 500 })))
    await expect(circuits()).rejects.toThrow('no')
  })
})
