/** What one member keeps on a device, in a database of the browser's kind. */
import { afterEach, beforeEach, expect, test } from '@jest/globals'
import Dexie from 'dexie'
import { IDBKeyRange, indexedDB } from 'fake-indexeddb'
import { TESS } from '../../tests/support/fakeServer'
import { sillNose, smallHouse } from '../../tests/support/jobs'
import { JOB_VERSION, type Change } from '../core/job'
import { LocalCopies } from './localCopies'
import { LocalDatabase } from './localDatabase'
import { OutQueue } from './outQueue'
import { saveEdits, takeEditsIn } from './savedEdits'
import { Seal } from './seal'

Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange })

const KEY = 'a'.repeat(64)
const OTHER_KEY = 'b'.repeat(64)
const nameOf = (key: string, member: string): string => `detrimus-${new Seal(key).nameOf(`firm/${member}`)}`

let copies: LocalCopies
beforeEach(() => {
  copies = new LocalCopies(TESS, KEY)
})
afterEach(async () => {
  await copies.destroy()
})

let made = 0
function create(words: string): Change {
  made += 1
  const body = { ...sillNose(), id: `f${made}`, number: null, words }
  const head = { id: `c${made}`, schema: JOB_VERSION, made_at: '2026-05-04T09:00:00Z', device: 'phone' }
  return { ...head, op: 'create', entity: { kind: 'finding', id: body.id }, body }
}

test('edits come back in their order, and go one by one', async () => {
  const changes = ['one', 'two', 'three'].map(create)
  await copies.keepWaiting('small', changes.slice(0, 2))
  await copies.keepWaiting('small', changes.slice(2))
  await copies.keepWaiting('other job', [create('elsewhere')])
  expect((await copies.listWaiting('small')).edits.map(({ change }) => change)).toEqual(changes)
  await copies.dropWaiting([changes[1]!.id])
  expect((await copies.listWaiting('small')).edits.map(({ change }) => change)).toEqual([
    changes[0],
    changes[2],
  ])
  expect(await copies.countUnsent()).toBe(3)
})

test('the browser’s own files hold no name, address or word of a job', async () => {
  await copies.keepWaiting('lapwing-steps-9', [create('rotten to the core')])
  await copies.keepJob({
    jobId: 'lapwing-steps-9',
    unborn: false,
    opened_at: 1,
    snapshot: { job: smallHouse(), sequence: 0, head: null, revisions: {}, member: TESS },
  })
  const raw = new LocalDatabase(nameOf(KEY, 'tess'))
  const rows = [...(await raw.waiting.toArray()), ...(await raw.jobs.toArray())]
  raw.close()
  const text = rows.map((row) => JSON.stringify(row) + Buffer.from(row.sealed).toString('latin1')).join('\n')
  expect(rows).toHaveLength(2)
  expect(text).not.toMatch(/lapwing|rotten|Small house|sill/)
})

test('another member’s key opens nothing, and his database is another', async () => {
  await copies.keepJob({
    jobId: 'small',
    unborn: false,
    opened_at: 1,
    snapshot: { job: smallHouse(), sequence: 0, head: null, revisions: {}, member: TESS },
  })
  const other = new LocalCopies({ ...TESS, id: 'uma' }, OTHER_KEY)
  expect(await other.findJob('small')).toBeNull()
  expect(await other.listJobs()).toEqual([])
  await other.destroy()
  await expect(new Seal(OTHER_KEY).openJson(await new Seal(KEY).sealJson('money'))).rejects.toThrow()
  expect(await copies.findJob('small')).toMatchObject({ jobId: 'small' })
})

test('after signing out nothing is left, and what was still being written does not come back', async () => {
  await copies.keepNote('template', { rates: 1 })
  const late = copies.keepWaiting('small', [create('late')]).catch(() => 'refused')
  await copies.destroy()
  await late
  await expect(copies.keepNote('template', { rates: 2 })).rejects.toThrow()
  const again = new LocalCopies(TESS, KEY)
  expect(await again.countUnsent()).toBe(0)
  expect(await again.findNote('template')).toBeUndefined()
  await again.destroy()
})

test('in another role what the server can tell again goes, what only this device has stays', async () => {
  const snapshot = { job: smallHouse(), sequence: 0, head: null, revisions: {}, member: TESS }
  await copies.keepJob({ jobId: 'small', unborn: false, opened_at: 1, snapshot })
  await copies.keepJob({ jobId: 'begun here', unborn: true, opened_at: 2, snapshot })
  await copies.keepNote('template', { rates: 1 })
  await copies.keepWaiting('small', [create('not sent')])
  await copies.forgetKnown()
  expect((await copies.listJobs()).map((job) => job.jobId)).toEqual(['begun here'])
  expect(await copies.findNote('template')).toBeUndefined()
  expect((await copies.listWaiting('small')).edits).toHaveLength(1)
})

test('kept is said of an edit only once the database has confirmed it', async () => {
  const told: number[] = []
  const queue = new OutQueue('small', copies, () => told.push(queue.unconfirmed))
  for (let i = 0; i < 20; i += 1) queue.add(create(`edit ${i}`))
  expect([queue.length, queue.unconfirmed]).toEqual([20, 20])
  await queue.written()
  expect([queue.length, queue.unconfirmed, queue.notKept]).toEqual([20, 0, 0])
  expect(told).toEqual([0])
  expect((await copies.listWaiting('small')).edits).toHaveLength(20)
})

test('many edits at once are one transaction: all are there or none', async () => {
  const queue = new OutQueue('small', copies, () => undefined)
  let writes = 0
  const keep = copies.keepWaiting.bind(copies)
  copies.keepWaiting = async (jobId, changes) => {
    writes += 1
    await keep(jobId, changes)
  }
  for (let i = 0; i < 50; i += 1) queue.add(create(`edit ${i}`))
  await queue.written()
  expect(writes).toBe(1)
})

test('storage that is full says so, and is tried again', async () => {
  const queue = new OutQueue('small', copies, () => undefined)
  const keep = copies.keepWaiting.bind(copies)
  copies.keepWaiting = () => Promise.reject(new DOMException('quota', 'QuotaExceededError'))
  queue.add(create('one'))
  await queue.written()
  expect([queue.notKept, queue.unconfirmed]).toEqual([1, 1])
  copies.keepWaiting = keep
  queue.add(create('two'))
  await queue.written()
  expect([queue.notKept, queue.unconfirmed]).toEqual([1, 1])
  await queue.keepAgain()
  expect([queue.notKept, queue.unconfirmed]).toEqual([0, 0])
  expect((await copies.listWaiting('small')).edits).toHaveLength(2)
})

test('a queued edit that cannot be read is shown, not dropped, and the others go', async () => {
  await copies.keepWaiting('small', [
    create('good'),
    { ...create('odd'), op: 'telepathy' } as never,
    create('good too'),
  ])
  const raw = new LocalDatabase(nameOf(KEY, 'tess'))
  const last = await raw.waiting.orderBy('position').last()
  await raw.waiting.update(last!.position, { sealed: new Uint8Array([1, 2, 3]) })
  raw.close()
  const queue = new OutQueue('small', copies, () => undefined)
  await queue.load()
  expect(queue.all.map((change) => (change.op === 'create' ? change.body['words'] : ''))).toEqual(['good'])
  expect(queue.unreadable).toHaveLength(2)
  expect(queue.unreadable[0]?.why).toMatch(/damaged/)
  expect(queue.unreadable[1]).toMatchObject({ why: expect.stringMatching(/cannot read it/) })
  expect(queue.unreadable[1]?.raw).toContain('telepathy')
  await queue.letUnreadableGo(queue.unreadable[1]!.position)
  expect(await copies.countUnsent()).toBe(2)
})

test('what waits goes out as a file and comes in again, for whoever made it and nobody else', async () => {
  const changes = [create('one'), create('two')]
  await copies.keepWaiting('small', changes)
  const picture = new Blob([new Uint8Array([9, 8, 7])], { type: 'image/png' })
  await copies.keepPicture({
    sha256: 'd'.repeat(64),
    jobId: 'small',
    bytes: picture,
    what: 'photo',
    refused: null,
  })
  const file = await saveEdits(copies)
  await copies.destroy()

  copies = new LocalCopies(TESS, KEY)
  const stranger = new LocalCopies({ ...TESS, id: 'uma' }, OTHER_KEY)
  expect(await takeEditsIn(stranger, file)).toMatchObject({
    ok: false,
    words: expect.stringContaining('another person'),
  })
  await stranger.destroy()
  expect(await takeEditsIn(copies, new Blob(['nonsense']))).toMatchObject({ ok: false })
  for (let twice = 0; twice < 2; twice += 1) {
    expect(await takeEditsIn(copies, file)).toMatchObject({
      ok: true,
      edits: 2,
      pictures: 1,
      jobIds: ['small'],
    })
  }
  expect((await copies.listWaiting('small')).edits.map(({ change }) => change)).toEqual(changes)
  const [kept] = await copies.listPictures('small')
  expect([kept?.bytes.type, [...new Uint8Array(await kept!.bytes.arrayBuffer())]]).toEqual([
    'image/png',
    [9, 8, 7],
  ])
})

test('sealed by the browser or by the library, it opens by the other', async () => {
  const seal = new Seal(KEY)
  const own = Object.getOwnPropertyDescriptor(globalThis, 'crypto')!
  const withoutSubtle = { getRandomValues: crypto.getRandomValues.bind(crypto) }
  const byBrowser = await seal.sealJson({ a: 1 })
  Object.defineProperty(globalThis, 'crypto', { configurable: true, value: withoutSubtle })
  try {
    const plain = new Seal(KEY)
    expect(await plain.openJson(byBrowser)).toEqual({ a: 1 })
    const byLibrary = await plain.sealJson({ b: 2 })
    Object.defineProperty(globalThis, 'crypto', own)
    expect(await new Seal(KEY).openJson(byLibrary)).toEqual({ b: 2 })
  } finally {
    Object.defineProperty(globalThis, 'crypto', own)
  }
})
