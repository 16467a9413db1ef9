import { http, HttpResponse } from 'msw'
import { setupServer } from 'msw/node'
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { device } from '@/state/device'
import { outbox, type Outcome, type Waiting } from './outbox'

const server = setupServer()
let sent: string[] = []
let stop: () => void
let outcomes: Outcome['kind'][] = []

const log = (runId: string, note = 'a') =>
  ({
    runId,
    title: runId,
    body: { submission_id: `${runId}/${note}`, log_version: 0, attendances: [] },
  }) as unknown as Waiting
const answers = (...statuses: number[]) => {
  const left = [...statuses]
  server.use(
    http.put('*/api/runs/:id/log', async ({ request }) => {
      const body = (await request.json()) as { submission_id: string }
      sent.push(body.submission_id)
      const status = left.length > 1 ? left.shift()! : left[0]!
      if (status === 0) return HttpResponse.error()
      return HttpResponse.json(status === 200 ? {} : { status, detail: 'no', errors: [] }, { status })
    }),
  )
}

beforeAll(() => server.listen({ onUnhandledRequest: 'error' }))
afterAll(() => server.close())
beforeEach(() => {
  localStorage.clear()
  device.belongsTo('ottoline')
  outbox.waiting.value.forEach((item) => outbox.drop(item.runId))
  sent = []
  outcomes = []
  stop = outbox.on((_, outcome) => outcomes.push(outcome.kind))
})
afterEach(() => {
  stop()
  server.resetHandlers()
})

describe('a log that is handed in', () => {
  it('is sent once and then kept no longer', async () => {
    answers(200)
    await outbox.put(log('r1'))
    expect([sent, outbox.waiting.value, outcomes]).toEqual([['r1/a'], [], ['sent']])
  })

  it.each([0, 401, 408, 429, 500, 503])('waits where the answer is %d, and is sent again', async (status) => {
    answers(status, status, 200)
    await outbox.put(log('r1'))
    expect(outbox.waiting.value.map((item) => item.runId)).toEqual(['r1'])
    expect(JSON.stringify({ ...localStorage })).toContain('r1/a')
    await outbox.flush()
    expect(outbox.waiting.value).toEqual([])
  })

  it.each([409, 404, 422])('is kept where it was refused with %d, and not sent again by itself', async (status) => {
    answers(status)
    await outbox.put(log('r1'))
    expect(outbox.waiting.value[0]).toMatchObject({ runId: 'r1', refused: { status } })
    await outbox.flush()
    expect(sent).toEqual(['r1/a'])
    outbox.drop('r1')
    expect(outbox.waiting.value).toEqual([])
  })

  it('takes the place of an older log of the same run', async () => {
    answers(503)
    await outbox.put(log('r1', 'old'))
    await outbox.put(log('r1', 'new'))
    expect(outbox.waiting.value.map((item) => item.body.submission_id)).toEqual(['r1/new'])
  })

  it('is neither seen nor sent by whoever signs in next on the same device', async () => {
    answers(503)
    await outbox.put(log('r1'))
    device.belongsTo('emeka')
    answers(200)
    sent = []
    await outbox.flush()
    expect([outbox.waiting.value, sent]).toEqual([[], []])
    device.belongsTo('ottoline')
    expect(outbox.waiting.value.map((item) => item.runId)).toEqual(['r1'])
  })
})

describe('signing out', () => {
  it('leaves nothing of a person on the device', async () => {
    answers(503)
    await outbox.put(log('r1'))
    device.write('draft', { note: 'private' })
    device.forget()
    expect(outbox.waiting.value).toEqual([])
    expect(JSON.stringify({ ...localStorage })).not.toContain('private')
  })
})
