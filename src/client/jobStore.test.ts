/** The job on this device against a small server that uses the same core. The browser's database is absent here, as in private mode. */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { FakeServer, TESS } from '../../tests/support/fakeServer'
import { smallHouse, sillNose } from '../../tests/support/jobs'
import { applyChange, JOB_VERSION, stampKey } from '../core/job'
import { JobStore } from './jobStore'

let fake: FakeServer
let signal: 'good' | 'none' | 'signed-out'
const opened: JobStore[] = []

beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['nextTick', 'queueMicrotask', 'setImmediate'] })
  fake = new FakeServer(smallHouse())
  signal = 'good'
  fake.spoil = (_path, _init, honest) => {
    if (signal === 'none') return Promise.reject(new TypeError('offline'))
    if (signal === 'signed-out') {
      const problem = { type: 'urn:detrimus:problem:not-signed-in', status: 401, detail: 'Sign in first.' }
      return Promise.resolve(Response.json(problem, { status: 401 }))
    }
    return Promise.resolve(honest())
  }
  globalThis.fetch = fake.fetch as typeof fetch
})
afterEach(() => {
  for (const store of opened.splice(0)) store.close()
  jest.useRealTimers()
})

const open = (): JobStore => {
  const store = new JobStore('small', {
    job: smallHouse(),
    sequence: 0,
    revisions: {},
    head: null,
    member: TESS,
  })
  opened.push(store)
  return store
}
/** Lets everything under way come to rest; real time does not pass. */
async function rest(): Promise<void> {
  for (let i = 0; i < 30; i += 1) await new Promise((resolve) => setImmediate(resolve))
}
const finding = (id: string): ReturnType<typeof sillNose> => ({ ...sillNose(), id, number: null })

test('an edit is there at once, and then on the server', async () => {
  const store = open()
  expect(store.set('side', 'side-a', { overhang: 640 as never })).toBeNull()
  expect(store.read().job.sides[0]?.overhang).toBe(640)
  expect(store.read()).toMatchObject({ waiting: 1 })
  await rest()
  expect(store.read()).toMatchObject({ waiting: 0, sending: 'sent' })
  expect(fake.state.job.sides[0]?.overhang).toBe(640)
})

test('two touches on one list before the page is drawn anew are both there', () => {
  const store = open()
  store.create('finding', finding('touched-twice'))
  const had = store.read().job.findings.at(-1)!.signs
  for (const sign of ['soft', 'dark-stain'])
    expect(
      store.set('finding', 'touched-twice', ({ signs }) => ({
        signs: [...signs, { sign, how: 'seen-close' as const, present: true }],
      })),
    ).toBeNull()
  expect(store.read().job.findings.at(-1)?.signs.slice(had.length)).toMatchObject([
    { sign: 'soft' },
    { sign: 'dark-stain' },
  ])
  expect(store.set('finding', 'nobody', ({ words }) => ({ words: `${words}!` }))).not.toBeNull()
})

test('what does not fit is refused here with its sentence, and never sent', async () => {
  const store = open()
  expect(store.set('side', 'side-a', { overhang: -1 as never })).toBe('overhang: a length cannot be negative')
  await rest()
  expect(fake.requests).toBe(0)
})

test('a text that no database keeps is refused here, before it holds up the queue', async () => {
  const store = open()
  expect(store.set('job', 'job', { title: 'a\u0000b' })).toContain('cannot be kept')
  await rest()
  expect([fake.requests, store.read().waiting]).toEqual([0, 0])
})

test('asking often while there is no signal sends no oftener', async () => {
  const store = open()
  signal = 'none'
  store.set('side', 'side-a', { overhang: 640 as never })
  const second = async (): Promise<void> => {
    jest.advanceTimersByTime(1000)
    await rest()
  }
  for (let i = 0; i < 3; i += 1) {
    await store.settled()
    await second()
  }
  const before = fake.requests
  for (let i = 0; i < 40; i += 1) await second()
  // Twice as long each time, at least half of it: after three failures 4 s and more, then 8, then 16.
  expect(fake.requests - before).toBeGreaterThanOrEqual(1)
  expect(fake.requests - before).toBeLessThanOrEqual(3)
})

test('setting what is there already is no edit', () => {
  const store = open()
  expect(store.set('side', 'side-a', { letter: 'A', overhang: smallHouse().sides[0]!.overhang })).toBeNull()
  expect(store.read().waiting).toBe(0)
})

test('a new finding has no number until the server gives one', async () => {
  const store = open()
  store.create('finding', finding('f1'))
  expect(store.read().job.findings[0]?.number).toBeNull()
  await rest()
  expect(store.read().job.findings[0]?.number).toBe(1)
})

test('without a signal edits stay, in order, and go when it is back', async () => {
  const store = open()
  signal = 'none'
  store.create('finding', finding('f1'))
  await rest()
  store.set('finding', 'f1', { words: 'typed offline' })
  await rest()
  expect(store.read()).toMatchObject({ waiting: 2, sending: 'no-signal' })
  expect(await store.settled()).toBe(false)
  signal = 'good'
  jest.advanceTimersByTime(10_000)
  await rest()
  expect(store.read()).toMatchObject({ waiting: 0, sending: 'sent' })
  expect(fake.state.job.findings[0]).toMatchObject({ words: 'typed offline', number: 1 })
})

test('signed out while away: the queue is kept', async () => {
  const store = open()
  signal = 'signed-out'
  store.set('side', 'side-a', { overhang: 640 as never })
  await rest()
  expect(store.read()).toMatchObject({ waiting: 1, sending: 'signed-out' })
})

test('one refused edit is taken off with the reason; the others go', async () => {
  const store = open()
  fake.refuses = 'f1'
  store.create('finding', finding('f1'))
  store.set('side', 'side-a', { overhang: 640 as never })
  await rest()
  expect(store.read()).toMatchObject({ waiting: 0, refused: 'not here' })
  expect(store.read().job.findings).toEqual([])
  expect(fake.state.job.sides[0]?.overhang).toBe(640)
  store.dismissRefused()
  expect(store.read().refused).toBeNull()
})

test('undo takes back the last edit, on the server too', async () => {
  const store = open()
  const before = smallHouse().sides[0]!.overhang
  store.set('side', 'side-a', { overhang: 640 as never })
  await rest()
  expect(store.read().canUndo).toBe(true)
  expect(store.undo()).toBeNull()
  await rest()
  expect([store.read().job.sides[0]?.overhang, fake.state.job.sides[0]?.overhang]).toEqual([before, before])
  expect(store.read().canUndo).toBe(false)
  expect(store.undo()).toBeNull()
})

test('a hazard is taken back only with a reason', async () => {
  const store = open()
  store.addFact({
    kind: 'hazard',
    about: { kind: 'house' },
    hazard: 'wiring',
    signs: [],
    what: 'bare',
    do_now: '',
  })
  await rest()
  expect(store.read().undoWantsReason).toBe(true)
  expect(store.undo()).toContain('only with a reason')
  expect(store.read()).toMatchObject({ canUndo: true, job: { facts: [{ kind: 'hazard' }] } })
  expect(store.undo('mended, seen')).toBeNull()
  expect(store.read().job.facts.map((fact) => fact.kind)).toEqual(['hazard', 'retraction'])
})

test('an edit of another device is merged in with the answer', async () => {
  const store = open()
  const other = applyChange(fake.state, {
    id: 'other-1',
    schema: JOB_VERSION,
    made_at: '2026-05-04T09:00:00Z',
    device: 'desk',
    op: 'set',
    entity: { kind: 'side', id: 'side-b' },
    base: 0,
    fields: { overhang: 128 },
  })
  if (!other.ok) throw new Error(other.error.kind)
  fake.state = other.value.state
  fake.history.push('other-1')
  store.set('side', 'side-a', { overhang: 640 as never })
  await rest()
  expect(
    store
      .read()
      .job.sides.map((side) => side.overhang)
      .slice(0, 2),
  ).toEqual([640, 128])
})

test('whoever listens is told, until he stops', async () => {
  const store = open()
  let told = 0
  const stop = store.subscribe(() => (told += 1))
  store.set('side', 'side-a', { overhang: 640 as never })
  await rest()
  const heard = told
  expect(heard).toBeGreaterThan(1)
  stop()
  store.set('side', 'side-a', { overhang: 704 as never })
  await rest()
  expect(told).toBe(heard)
  expect(fake.state.stamps[stampKey({ kind: 'side', id: 'side-a' })]?.revision).toBe(2)
})

test('what was made with one touch is taken back, and made again, with one', async () => {
  const store = open()
  const there = (): number => store.read().job.findings.filter((each) => !each.removed).length
  store.create('finding', finding('f0'))
  expect(store.createAll('finding', [finding('f1'), finding('f2'), finding('f3')])).toBeNull()
  expect(there()).toBe(4)
  expect(store.undo()).toBeNull()
  expect(there()).toBe(1)
  expect(store.redo()).toBeNull()
  expect(there()).toBe(4)
  expect(store.undo()).toBeNull()
  expect(store.undo()).toBeNull()
  expect(there()).toBe(0)
  await rest()
})

test('redo does again what undo took back, for fields, new things and facts', async () => {
  const store = open()
  const overhang = (): number | undefined => store.read().job.sides[0]?.overhang
  store.set('side', 'side-a', { overhang: 640 as never })
  store.create('finding', finding('f1'))
  store.addFact({ kind: 'permission', level: 'open', given_by: 'owner' })
  expect(store.undo()).toBeNull()
  expect(store.undo()).toBeNull()
  expect(store.undo()).toBeNull()
  expect(overhang()).toBe(768)
  expect(store.read()).toMatchObject({ canUndo: false, canRedo: true })
  expect(store.redo()).toBeNull()
  expect(overhang()).toBe(640)
  expect(store.redo()).toBeNull()
  expect(store.read().job.findings.map((each) => each.removed)).toEqual([false])
  expect(store.redo()).toBeNull()
  await rest()
  // The fact taken back stays on record, its retraction too; it is stated anew.
  expect(fake.state.job.facts.map((fact) => fact.kind)).toEqual(['permission', 'retraction', 'permission'])
  expect(store.read()).toMatchObject({ canRedo: false, waiting: 0 })
})

test('a new edit ends redo: what was taken back stays back', () => {
  const store = open()
  store.set('side', 'side-a', { overhang: 640 as never })
  store.undo()
  store.set('side', 'side-b', { overhang: 128 as never })
  expect(store.read().canRedo).toBe(false)
  expect(store.redo()).toBeNull()
  expect(store.read().job.sides[0]?.overhang).toBe(768)
})

test('a refused edit is put aside with its sentence, not dropped, until it is let go', async () => {
  const store = open()
  fake.refuses = 'f1'
  store.create('finding', finding('f1'))
  await rest()
  expect(store.read().refusedEdits).toMatchObject([{ why: 'not here', change: { entity: { id: 'f1' } } }])
  await store.letGo(store.read().refusedEdits[0]!.id)
  expect(store.read().refusedEdits).toEqual([])
})

test('an edit the browser could not keep is counted until the server has it', async () => {
  signal = 'none'
  const store = open()
  store.set('side', 'side-a', { overhang: 640 as never })
  await rest()
  expect(store.read()).toMatchObject({ notKept: 1, sending: 'no-signal' })
  signal = 'good'
  await store.flush()
  expect(store.read()).toMatchObject({ notKept: 0, sending: 'sent' })
})

test('settled waits until the job is written down on this device too', async () => {
  const told: string[] = []
  let written: () => void = () => undefined
  const slow = {
    member: TESS,
    keepJob: () =>
      new Promise<void>((resolve) => {
        written = () => {
          told.push('written')
          resolve()
        }
      }),
  }
  const local = new Proxy(slow, {
    get: (of, key) => (key in of ? of[key as keyof typeof of] : () => Promise.resolve(undefined)),
  }) as never
  const store = new JobStore(
    'small',
    { job: smallHouse(), sequence: 0, revisions: {}, head: null, member: TESS },
    { local },
  )
  opened.push(store)
  store.create('finding', finding('f1'))
  void store.settled().then(() => told.push('settled'))
  await rest()
  expect(told).toEqual([])
  written()
  await rest()
  expect(told).toEqual(['written', 'settled'])
})

/** A browser's database of which some calls are given; all others succeed and find nothing. */
const someLocal = (calls: Record<string, unknown>): never =>
  new Proxy(
    { member: TESS, ...calls },
    {
      get: (of, key) => (key in of ? of[key as keyof typeof of] : () => Promise.resolve(undefined)),
    },
  ) as never
const begun = (calls: Record<string, unknown>): JobStore => {
  const store = new JobStore(
    'small',
    { job: smallHouse(), sequence: 0, revisions: {}, head: null, member: TESS },
    { local: someLocal(calls), unborn: true },
  )
  opened.push(store)
  return store
}

test('a page is not left before what was typed is on the disk, however soon the sending fails', async () => {
  signal = 'none'
  let written: () => void = () => undefined
  const store = begun({ keepWaiting: () => new Promise<void>((resolve) => (written = resolve)) })
  await store.remember()
  store.create('finding', finding('f1'))
  const told: unknown[] = []
  void store.mayLeave().then((said) => told.push(said))
  await rest()
  expect(told).toEqual([])
  written()
  await rest()
  expect(told).toEqual([null])
})

test('a page is not left where the browser keeps nothing and nothing could be sent', async () => {
  signal = 'none'
  const full = (): Promise<never> => Promise.reject(new Error('quota'))
  const edits = begun({ keepWaiting: full })
  await edits.remember()
  edits.create('finding', finding('f1'))
  expect(await edits.mayLeave()).toContain('only in this page')
  const whole = begun({ keepJob: full })
  await whole.remember()
  whole.create('finding', finding('f2'))
  expect(await whole.mayLeave()).toContain('only in this page')
})

test('a page may be left where the browser keeps nothing and all was sent', async () => {
  const full = (): Promise<never> => Promise.reject(new Error('quota'))
  const store = begun({ keepWaiting: full, keepJob: full })
  await store.remember()
  store.create('finding', finding('f1'))
  expect(await store.mayLeave()).toBeNull()
})
