/** Who is known on a device: an answer that was asked for before he left brings nobody back. */
import { afterEach, beforeEach, expect, test } from '@jest/globals'
import Dexie from 'dexie'
import { IDBKeyRange, indexedDB } from 'fake-indexeddb'
import { TESS } from '../../tests/support/fakeServer'
import { fakeStorage } from '../../tests/support/fakeStorage'
import { askWho, leave } from './member'

Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange })

const ME = { member: TESS, seal_key: 'a'.repeat(64) }
const realFetch = globalThis.fetch
let storage: ReturnType<typeof fakeStorage>
let kept: Map<string, string>
/** Answers to *who am I* that are still on their way. */
let waiting: ((response: Response) => void)[]

beforeEach(() => {
  kept = new Map()
  waiting = []
  storage = fakeStorage(kept)
  globalThis.fetch = (url) => {
    if (JSON.stringify(url).includes('/api/me')) return new Promise((resolve) => waiting.push(resolve))
    return Promise.resolve(answer({}))
  }
})
afterEach(() => {
  globalThis.fetch = realFetch
  storage.putBack()
})

const answer = (body: object): Response =>
  new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } })

/** The requests that were made are answered, once they have left. */
async function arrive(): Promise<void> {
  await new Promise((resolve) => setTimeout(resolve, 5))
  for (const resolve of waiting.splice(0)) resolve(answer(ME))
}

test('he is written down when the server says who he is', async () => {
  const asked = askWho()
  await arrive()
  expect(await asked).toMatchObject({ kind: 'member', me: { member: { id: TESS.id } } })
  expect(kept.get('detrimus-member')).toContain(TESS.name)
  await leave()
})

test('signed out while the answer is on its way: nothing of him comes back', async () => {
  const first = askWho()
  await arrive()
  await first
  const asked = askWho()
  await new Promise((resolve) => setTimeout(resolve, 5))
  await leave()
  await arrive()
  expect(await asked).toEqual({ kind: 'nobody' })
  expect([...kept.values()].join(' ')).not.toContain(TESS.name)
})

test('signed out in another page of the browser meanwhile: the same', async () => {
  const first = askWho()
  await arrive()
  await first
  const asked = askWho()
  await new Promise((resolve) => setTimeout(resolve, 5))
  kept.delete('detrimus-member')
  await arrive()
  expect(await asked).toEqual({ kind: 'nobody' })
  expect(kept.has('detrimus-member')).toBe(false)
  await leave()
})
