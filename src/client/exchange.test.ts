/** Whatever answers, or nothing: the queue goes on, says what stops it, and loses, doubles and reorders nothing. */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { FakeServer, TESS } from '../../tests/support/fakeServer'
import { sillNose, smallHouse } from '../../tests/support/jobs'
import { JobStore } from './jobStore'

let fake: FakeServer
let store: JobStore

async function rest(): Promise<void> {
  for (let i = 0; i < 30; i += 1) await new Promise((resolve) => setImmediate(resolve))
}
/** Lets time pass in steps, so that what waits for a timer and then for an answer comes to rest. */
async function pass(seconds: number): Promise<void> {
  for (let i = 0; i < seconds; i += 1) {
    jest.advanceTimersByTime(1000)
    await rest()
  }
}
const finding = (id: string): ReturnType<typeof sillNose> => ({ ...sillNose(), id, number: null })
const onServer = (): string[] => fake.state.job.findings.map((each) => each.id)

beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['nextTick', 'queueMicrotask', 'setImmediate'] })
  fake = new FakeServer(smallHouse())
  globalThis.fetch = fake.fetch as typeof fetch
  store = new JobStore('small', { job: smallHouse(), sequence: 0, revisions: {}, head: null, member: TESS })
})
afterEach(() => {
  store.close()
  jest.useRealTimers()
})

const html = '<!doctype html><title>Guest network</title><p>Sign in to surf'
const opaque = (): Response => Object.defineProperty(new Response(null), 'type', { value: 'opaqueredirect' })

test.each<[string, () => Promise<Response>, string]>([
  ['a portal’s page with status 200', () => Promise.resolve(new Response(html)), 'foreign-answer'],
  ['a redirect to somebody’s page', () => Promise.resolve(opaque()), 'foreign-answer'],
  ['an empty answer', () => Promise.resolve(new Response('')), 'foreign-answer'],
  ['other JSON', () => Promise.resolve(Response.json({ ok: true })), 'foreign-answer'],
  ['a list', () => Promise.resolve(Response.json([1, 2])), 'foreign-answer'],
  ['null', () => Promise.resolve(Response.json(null)), 'foreign-answer'],
  [
    'an answer of ours that took nothing',
    () => Promise.resolve(Response.json({ sequence: 0, head: null, applied: [], entities: [], facts: [] })),
    'foreign-answer',
  ],
  [
    'a body of another shape',
    () =>
      Promise.resolve(
        Response.json({
          sequence: 1,
          head: 'x',
          applied: [],
          entities: [{ kind: 'side', id: 'x', revision: 1, body: {} }],
          facts: [],
        }),
      ),
    'foreign-answer',
  ],
  [
    'an answer cut in the middle',
    () => Promise.resolve(new Response('{"sequence": 1, "appl')),
    'foreign-answer',
  ],
  [
    'a proxy that finds nobody',
    () => Promise.resolve(new Response('Bad gateway', { status: 502 })),
    'server-unwell',
  ],
  ['a 403 that is not ours', () => Promise.resolve(new Response(html, { status: 403 })), 'foreign-answer'],
  ['a 404 that is not ours', () => Promise.resolve(new Response(html, { status: 404 })), 'foreign-answer'],
  [
    'a stream that breaks',
    () => Promise.resolve(new Response(new ReadableStream({ start: (c) => c.error(new Error('cut')) }))),
    'no-signal',
  ],
  ['no network', () => Promise.reject(new TypeError('failed to fetch')), 'no-signal'],
  ['silence', () => new Promise<Response>(() => undefined), 'no-signal'],
])('%s: the queue goes on, and meanwhile it is said', async (_, spoilt, why) => {
  fake.spoil = spoilt
  store.create('finding', finding('f1'))
  store.create('finding', finding('f2'))
  await pass(40)
  expect(store.read()).toMatchObject({ waiting: 2, sending: why, refusedEdits: [] })
  expect(store.read().since).not.toBeNull()
  fake.spoil = null
  await pass(300)
  expect(store.read()).toMatchObject({ waiting: 0, sending: 'sent', since: null })
  expect(onServer()).toEqual(['f1', 'f2'])
})

test('what is done but answered by somebody else is not done twice', async () => {
  let spoilt = 3
  fake.spoil = (_path, _init, honest) => {
    const answer = honest()
    spoilt -= 1
    return Promise.resolve(spoilt >= 0 ? new Response(html) : answer)
  }
  store.create('finding', finding('f1'))
  await pass(60)
  expect(onServer()).toEqual(['f1'])
  expect(store.read()).toMatchObject({ waiting: 0, sending: 'sent' })
})

test('a request without an answer is no longer called sending after six seconds', async () => {
  fake.spoil = () => new Promise<Response>(() => undefined)
  store.create('finding', finding('f1'))
  await pass(2)
  expect(store.read().sending).toBe('sending')
  await pass(6)
  expect(store.read().sending).toBe('no-answer')
})

test('tried again without a signal, it does not say sending', async () => {
  fake.spoil = () => Promise.reject(new TypeError('offline'))
  store.create('finding', finding('f1'))
  await rest()
  const said = new Set<string>()
  store.subscribe(() => said.add(store.read().sending))
  await pass(60)
  expect([...said]).toEqual(['no-signal'])
})

test('a batch too large is halved until it goes', async () => {
  fake.largest = 3
  for (let i = 0; i < 20; i += 1) store.create('finding', finding(`f${i}`))
  await pass(2)
  expect(onServer()).toEqual(Array.from({ length: 20 }, (_, i) => `f${i}`))
  expect(store.read()).toMatchObject({ waiting: 0, refusedEdits: [] })
})

test('a proxy’s own 413 is taken for what it is', async () => {
  fake.spoil = (_path, init, honest) => {
    const many =
      init.method === 'POST' ? (JSON.parse(init.body as string) as { changes: unknown[] }).changes.length : 0
    return Promise.resolve(many > 4 ? new Response(html, { status: 413 }) : honest())
  }
  for (let i = 0; i < 9; i += 1) store.create('finding', finding(`f${i}`))
  await pass(2)
  expect(onServer()).toHaveLength(9)
})

test('an edit refused without its id is found by halving; everything behind it goes on', async () => {
  fake.spoil = () => Promise.reject(new TypeError('offline'))
  const ids: string[] = []
  for (let i = 0; i < 12; i += 1) store.create('finding', finding(`f${i}`))
  await rest()
  fake.spoil = (_path, init, honest) => {
    if (init.method === 'POST' && ids.length === 0) {
      ids.push(
        ...(JSON.parse(init.body as string) as { changes: { id: string }[] }).changes.map(({ id }) => id),
      )
      fake.refusesUnnamed = new Set([ids[4]!, ids[9]!])
    }
    return Promise.resolve(honest())
  }
  await pass(20)
  expect(onServer()).toEqual(['f0', 'f1', 'f2', 'f3', 'f5', 'f6', 'f7', 'f8', 'f10', 'f11'])
  expect(store.read().refusedEdits.map(({ id, why }) => [id, why])).toEqual([
    [ids[4], 'malformed here'],
    [ids[9], 'malformed here'],
  ])
  expect(store.read()).toMatchObject({ waiting: 0, sending: 'sent' })
})

test('a role that changed meanwhile: what it may not write any more is set aside, the rest goes', async () => {
  fake.refuses = 'f1'
  store.create('finding', finding('f0'))
  store.create('finding', finding('f1'))
  store.create('finding', finding('f2'))
  await pass(3)
  expect(onServer()).toEqual(['f0', 'f2'])
  expect(store.read().refusedEdits).toHaveLength(1)
})

test('a page that is only looked at asks without holding anybody up', async () => {
  const asked: string[] = []
  fake.spoil = (path, init, honest) => {
    asked.push(`${init.method ?? 'GET'} ${path}`)
    return Promise.resolve(honest())
  }
  await store.flush()
  expect(asked).toEqual(['GET /api/jobs/small/changes?known=0'])
})

test('a server set back is noticed; what it lacks is brought back, before what waits', async () => {
  store.create('finding', finding('f1'))
  await pass(1)
  const before = { state: fake.state, history: [...fake.history] }
  store.create('finding', finding('f2'))
  store.set('finding', 'f1', { words: 'softer than it looks' })
  store.addFact({ kind: 'permission', level: 'open', given_by: 'owner' })
  await pass(1)
  expect(store.read().sending).toBe('sent')
  fake.state = before.state
  fake.history = before.history
  store.set('finding', 'f2', { words: 'typed after the fall' })
  await pass(3)
  expect(store.read()).toMatchObject({ sending: 'set-back', waiting: 1 })
  expect(store.read().setBack?.map((each) => each.op)).toEqual(['set', 'create', 'fact'])
  expect(await store.bringBack()).toBeNull()
  await pass(2)
  expect(fake.state.job.findings.map((each) => [each.id, each.words])).toEqual([
    ['f1', 'softer than it looks'],
    ['f2', 'typed after the fall'],
  ])
  expect(fake.state.job.facts.map((fact) => fact.kind)).toEqual(['permission'])
  expect(store.read()).toMatchObject({ sending: 'sent', setBack: null, refusedEdits: [] })
})

test('a server set back and gone on with by others is noticed by its history, not by its length', async () => {
  store.create('finding', finding('f1'))
  store.create('finding', finding('f2'))
  await pass(1)
  // Set back to nothing, then as many edits of somebody else as before.
  const other = new FakeServer(smallHouse())
  globalThis.fetch = other.fetch as typeof fetch
  const theirs = new JobStore('small', {
    job: smallHouse(),
    sequence: 0,
    revisions: {},
    head: null,
    member: TESS,
  })
  theirs.create('finding', finding('g1'))
  theirs.create('finding', finding('g2'))
  theirs.create('finding', finding('g3'))
  await pass(1)
  theirs.close()
  void store.flush()
  await pass(1)
  expect(store.read().sending).toBe('set-back')
  expect(store.read().job.findings.map((each) => each.id)).toEqual(['g1', 'g2', 'g3'])
  await store.bringBack()
  await pass(2)
  expect(other.state.job.findings.map((each) => each.id)).toEqual(['g1', 'g2', 'g3', 'f1', 'f2'])
})

test('a job the restored server has never heard of is made again', async () => {
  store.create('finding', finding('f1'))
  store.set('job', 'job', { address: '9 Lapwing Steps' })
  await pass(1)
  fake.isGone = true
  store.create('finding', finding('f2'))
  await pass(2)
  expect(store.read().sending).toBe('set-back')
  expect(await store.bringBack()).toBeNull()
  await pass(2)
  expect(fake.state.job.findings.map((each) => each.id)).toEqual(['f1', 'f2'])
  expect(fake.state.job.job.address).toBe('9 Lapwing Steps')
  expect(fake.state.job.sides).toHaveLength(4)
})

test('the server’s state is taken as it is where somebody wants that', async () => {
  store.create('finding', finding('f1'))
  await pass(1)
  fake.state = new FakeServer(smallHouse()).state
  fake.history = []
  void store.flush()
  await pass(1)
  expect(store.read().setBack).toHaveLength(1)
  store.letSetBackGo()
  await pass(1)
  expect(store.read()).toMatchObject({ sending: 'sent', setBack: null })
  expect(store.read().job.findings).toEqual([])
})

test('the signal comes back while a try is failing: sent at once, not after the wait', async () => {
  let fail: (error: Error) => void = () => undefined
  globalThis.fetch = () => Promise.reject(new TypeError('failed to fetch'))
  expect(store.create('finding', finding('a'))).toBeNull()
  await pass(20)
  globalThis.fetch = () => new Promise((_, reject) => (fail = reject))
  void store.flush()
  await rest()
  globalThis.fetch = fake.fetch as typeof fetch
  void store.signalBack()
  fail(new TypeError('failed to fetch'))
  await rest()
  expect(onServer()).toContain('a')
  expect(store.read().sending).toBe('sent')
})
