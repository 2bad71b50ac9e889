/** A job opened from this device: what was told in another role is asked for anew, however late it was written down. */
import { afterEach, beforeEach, expect, test } from '@jest/globals'
import Dexie from 'dexie'
import { IDBKeyRange, indexedDB } from 'fake-indexeddb'
import { TESS } from '../../tests/support/fakeServer'
import { fakeStorage } from '../../tests/support/fakeStorage'
import { smallHouse } from '../../tests/support/jobs'
import { askWho, leave } from './member'
import { openJob } from './openJob'

Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange })

const OFFICE = { ...TESS, role: 'office' as const }
const CREW = { ...TESS, role: 'crew' as const }
const realFetch = globalThis.fetch
let storage: ReturnType<typeof fakeStorage>
const snapshot = (member: typeof TESS) => ({
  job: smallHouse(),
  sequence: 0,
  head: null,
  revisions: {},
  member,
})
const json = (body: object): Response =>
  new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } })
/** Whole jobs that were fetched from the server. */
let fetched: number

beforeEach(() => {
  const kept = new Map<string, string>()
  fetched = 0
  storage = fakeStorage(kept)
  globalThis.fetch = (url) => {
    const path = JSON.stringify(url)
    if (path.includes('/api/me')) return Promise.resolve(json({ member: CREW, seal_key: 'c'.repeat(64) }))
    if (path.endsWith('/api/jobs/small"')) {
      fetched += 1
      return Promise.resolve(json(snapshot(CREW)))
    }
    return Promise.resolve(json({}))
  }
})
afterEach(async () => {
  await leave()
  globalThis.fetch = realFetch
  storage.putBack()
})

test.each([
  ['of his role today is opened as it lies here', CREW, false, 0],
  ['of the role he had is not: the server tells the job anew', OFFICE, false, 1],
  ['of a job that only this device has is opened, whatever he was then', OFFICE, true, 0],
])('a copy %s', async (_, of, unborn, times) => {
  const who = await askWho()
  if (who.kind !== 'member') throw new Error(who.kind)
  await who.copies.keepJob({ jobId: 'small', unborn, opened_at: 1, snapshot: snapshot(of) })
  const opened = await openJob('small')
  expect(opened.ok).toBe(true)
  if (opened.ok) opened.store.close()
  expect(fetched).toBe(times)
})
