import 'fake-indexeddb/auto'
import { get as fromDatabase } from 'idb-keyval'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createStore, entries } from 'idb-keyval'

type Queue = typeof import('./delivery')
type Kept = (typeof import('./kept'))['kept']
interface Body {
  text: string
  version?: number
}

let queue: Queue
let client: typeof import('@/lib/api/client')
let kept: Kept
let sent: string[]
/** What the server says next, the last of it for ever: a status, 0 for no answer. */
let answers: number[]
let outcomes: string[]
/** What an answer waits for. */
let held: Promise<void> | undefined

const refusal = (status: number) =>
  new client.Refusal(status, { title: 'No', status, detail: 'no', errors: [] } as never)

async function send(body: Body) {
  sent.push(body.text)
  await held
  const status = answers.length > 1 ? answers.shift()! : answers[0]!
  if (status === 0) throw new client.Unreachable()
  if (status !== 200) throw refusal(status)
  return { version: (body.version ?? 0) + 1 }
}

/** As a page is loaded: what is in memory is gone, what the browser keeps is there. */
async function load() {
  vi.resetModules()
  client = await import('@/lib/api/client')
  queue = await import('./delivery')
  kept = (await import('./kept')).kept
  await kept.ready()
  const words = { inWords: (items: unknown[]) => `${items.length} of them`, place: () => '/' }
  const log = queue.declareDelivery<Body, { version: number }>({
    kind: 'log',
    send,
    rebase: (newer, answer) => ({ ...newer, version: answer.version }),
    ...words,
  })
  const tap = queue.declareDelivery<Body, unknown>({
    kind: 'tap',
    send,
    line: (key) => key.split('/')[0]!,
    givesUp: true,
    ...words,
  })
  log.on((_, outcome) => outcomes.push(outcome.kind))
  return { log, tap }
}

let log: Awaited<ReturnType<typeof load>>['log']
let tap: Awaited<ReturnType<typeof load>>['tap']
const waiting = () => queue.delivery.waiting.value.map((item) => (item.body as Body).text)
const inDatabase = () => entries<string, string>(createStore('willing-sparrow', 'kept'))

beforeEach(async () => {
  sent = []
  outcomes = []
  held = undefined
  answers = [200]
  ;({ log, tap } = await load())
  await kept.belongsTo('ottoline')
})
afterEach(() => kept.forget())

describe('what is put in', () => {
  it('is sent once and then kept no longer', async () => {
    await log.put('r1', 'Tuesday', { text: 'a' })
    await queue.delivery.flush()
    expect([sent, log.items.value, outcomes]).toEqual([['a'], [], ['sent']])
    expect(await inDatabase()).toEqual([])
  })

  it.each([0, 401, 408, 429, 500, 503])('waits where the answer is %d, and is sent again', async (status) => {
    answers = [status, 200]
    await log.put('r1', 'Tuesday', { text: 'a' })
    expect([waiting(), queue.delivery.away.value]).toEqual([['a'], true])
    await queue.delivery.flush()
    expect([sent, waiting(), queue.delivery.away.value]).toEqual([['a', 'a'], [], false])
  })

  it.each([409, 404, 422])('is kept where it was refused with %d, and not sent again by itself', async (status) => {
    answers = [status]
    await log.put('r1', 'Tuesday', { text: 'a' })
    await queue.delivery.flush()
    expect(log.get('r1')).toMatchObject({ title: 'Tuesday', refused: { status } })
    expect([sent, queue.delivery.refused.value.length]).toEqual([['a'], 1])
    answers = [200]
    await log.put('r1', 'Tuesday', { text: 'b' })
    expect([sent, log.items.value]).toEqual([['a', 'b'], []])
  })

  it('is given up where its kind says so, and stays in no line', async () => {
    answers = [404, 200]
    await tap.put('r1/1', 'A count', { text: 'first' })
    await tap.put('r1/2', 'A count', { text: 'second' })
    expect([sent, tap.items.value]).toEqual([['first', 'second'], []])
  })

  it('goes in its line’s order: one that waits holds back those after it, and nothing else', async () => {
    answers = [503, 200]
    void tap.put('r1/1', 'A count', { text: 'first' })
    void tap.put('r1/2', 'A count', { text: 'second' })
    void tap.put('r2/1', 'A count', { text: 'of another run' })
    await queue.delivery.flush()
    expect(waiting()).toEqual(['first', 'second'])
    await queue.delivery.flush()
    expect(sent).toEqual(['first', 'of another run', 'first', 'second'])
  })

  it('takes the place of what waits under its key', async () => {
    answers = [503]
    await log.put('r1', 'Tuesday', { text: 'old' })
    await log.put('r1', 'Tuesday', { text: 'new' })
    expect(waiting()).toEqual(['new'])
  })

  it('is made over what the server made of an older one that was on its way', async () => {
    let answer = () => {}
    held = new Promise((resolve) => (answer = resolve))
    const first = log.put('r1', 'Tuesday', { text: 'old', version: 4 })
    await vi.waitFor(() => expect(sent).toEqual(['old']))
    const bodies: Body[] = []
    log.on((item) => bodies.push(item.body))
    const second = log.put('r1', 'Tuesday', { text: 'new', version: 4 })
    answer()
    await Promise.all([first, second])
    expect(bodies.at(-1)).toEqual({ text: 'new', version: 5 })
    expect(waiting()).toEqual([])
  })
})

describe('what waits', () => {
  beforeEach(async () => {
    answers = [503]
    await log.put('r1', 'Tuesday', { text: 'private' })
    await tap.put('r1/1', 'A count', { text: 'tap' })
  })

  it('is there again after a reload, in its order', async () => {
    await vi.waitFor(async () => expect(await inDatabase()).toHaveLength(2))
    const { log: again } = await load()
    expect(waiting()).toEqual(['private', 'tap'])
    answers = [200]
    await queue.delivery.flush()
    expect([waiting(), again.items.value]).toEqual([[], []])
  })

  it('is there where the page ended before the database had it, and so is what was taken away', async () => {
    await vi.waitFor(async () => expect(await inDatabase()).toHaveLength(2))
    localStorage.setItem('sparrow.unconfirmed.ottoline.draft', '"a word"')
    localStorage.setItem('sparrow.unconfirmed.ottoline.send.tap/r1/1', '')
    await load()
    expect([kept.read('draft'), waiting()]).toEqual(['a word', ['private']])
    await vi.waitFor(() => expect(Object.keys(localStorage).filter((key) => key.includes('unconfirmed'))).toEqual([]))
    expect((await inDatabase()).map(([key]) => key)).toEqual(['ottoline.draft', 'ottoline.send.log/r1'])
  })

  it('is neither seen nor sent by whoever signs in next on the same device', async () => {
    await kept.belongsTo('emeka')
    answers = [200]
    sent = []
    await queue.delivery.flush()
    expect([waiting(), sent]).toEqual([[], []])
    await kept.belongsTo('ottoline')
    expect(waiting()).toEqual(['private', 'tap'])
  })

  it('is told in words, a line a kind', () => {
    expect(queue.delivery.inWords()).toEqual(['1 of them', '1 of them'])
  })

  it('is seen in another tab of the same person, and gone there when it is sent', async () => {
    const other = new BroadcastChannel('sparrow.kept')
    const item = { id: 'x', kind: 'log', key: 'r9', title: 'There', body: { text: 'elsewhere' }, order: 99 }
    other.postMessage({ who: 'ottoline', key: 'send.log/r9', text: JSON.stringify(item) })
    await vi.waitFor(() => expect(waiting()).toEqual(['private', 'tap', 'elsewhere']))
    other.postMessage({ who: 'emeka', key: 'send.log/r8', text: JSON.stringify(item) })
    other.postMessage({ who: 'ottoline', key: 'send.log/r9', text: null })
    await vi.waitFor(() => expect(waiting()).toEqual(['private', 'tap']))
    other.close()
  })

  it('leaves nothing on the device when somebody signs out', async () => {
    kept.write('draft', { note: 'private' })
    await vi.waitFor(async () => expect(JSON.stringify(await inDatabase())).toContain('draft'))
    await kept.forget()
    expect([waiting(), kept.read('draft'), await inDatabase()]).toEqual([[], null, []])
    expect(await fromDatabase('ottoline.draft', createStore('willing-sparrow', 'kept'))).toBeUndefined()
  })
})
