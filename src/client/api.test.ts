import { afterEach, beforeEach, expect, test } from '@jest/globals'
import { AcceptRequest, ChangesRequest, NewJobRequest, SendRequest } from '../core/contract'
import { JOB_VERSION } from '../core/job'
import { postJson } from './api'

const real = globalThis.fetch
let sent: string[]
beforeEach(() => {
  sent = []
  globalThis.fetch = (_, init) => {
    sent.push(typeof init?.body === 'string' ? init.body : '')
    return Promise.resolve(new Response('{}', { headers: { 'content-type': 'application/json' } }))
  }
})
afterEach(() => {
  globalThis.fetch = real
})

const job = { id: 'j', title: 'Heron Lane', time_zone: 'UTC' }

test('what the server would not take is not sent, and says what is wrong with it', async () => {
  const long = await postJson(
    '/api/jobs',
    { asks: NewJobRequest, answers: null },
    { ...job, title: 'x'.repeat(201) },
  )
  expect(long).toMatchObject({ ok: false, failure: { kind: 'refused', status: 422 } })
  expect(!long.ok && long.failure.kind === 'refused' && long.failure.detail).toContain('title')
  expect(sent).toEqual([])
})

test('what it takes is sent as it is', async () => {
  expect((await postJson('/api/jobs', { asks: NewJobRequest, answers: null }, job)).ok).toBe(true)
  expect(sent).toEqual([JSON.stringify(job)])
})

test.each([
  ['a field nobody knows', NewJobRequest, { ...job, colour: 'red' }],
  ['a wish without an id of its own', SendRequest, { id: 'x', replaces: null }],
  ['a yes without a name', AcceptRequest, { name: ' ', role: 'owns', hash: 'a'.repeat(64) }],
  ['a yes to nothing read', AcceptRequest, { name: 'Odile Marrow', role: 'owns', hash: '' }],
  ['an edit that is none', ChangesRequest, { known: 0, changes: [{ op: 'sing' }] }],
])('the contract refuses %s', (_, schema, body) => {
  expect(schema.safeParse(body).success).toBe(false)
})

test('edits of an older program are raised by the contract itself, on whichever side it is held to', () => {
  const change = {
    id: 'c',
    schema: 4,
    made_at: '2026-05-04T09:00:00Z',
    device: 'd',
    op: 'set',
    entity: { kind: 'repair', id: 'r' },
    base: 1,
    fields: { removed: true },
  }
  expect(ChangesRequest.parse({ known: 0, changes: [change] }).changes[0]).toMatchObject({
    schema: JOB_VERSION,
    entity: { kind: 'work_item', id: 'r' },
  })
})
