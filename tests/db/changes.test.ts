/** The one door for edits, on a real PostgreSQL. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { alderHouse } from '../../demo/alderHouse'
import { printJobFile, type Change } from '../../src/core/job'
import { withTx } from '../../src/db/tx'
import { applyChanges, readChanges } from '../../src/server/jobs/applyChanges'
import { exportJob, exportZip, importJob } from '../../src/server/jobs/files'
import { createJob, listFirmJobs, readHistory, readJobSnapshot } from '../../src/server/jobs/readJobs'
import type { Member } from '../../src/server/http'
import { sillNose } from '../support/jobs'
import {
  addFact,
  appPool,
  asRole,
  closePools,
  createEntity,
  newFirm,
  refusalOf,
  setField,
  takeAlderHouse,
  whole,
} from './support'

let member: Member
let jobId: string

beforeAll(async () => {
  member = await newFirm()
  jobId = await takeAlderHouse(member)
})
afterAll(closePools)

const createFinding = (id: string): Change => createEntity('finding', { ...sillNose(), id })

const send = (
  changes: Parameters<typeof applyChanges>[2]['changes'],
  known = 0,
): ReturnType<typeof applyChanges> => applyChanges(member, jobId, { known, changes })
const sequence = async (): Promise<number> => (await readJobSnapshot(member, jobId)).sequence

test('a job file goes in and comes out the same, to the letter', async () => {
  const firm = await newFirm()
  const id = await takeAlderHouse(firm)
  expect(printJobFile(await exportJob(firm, id))).toBe(printJobFile(alderHouse()))
  const elsewhere = await newFirm()
  await importJob(elsewhere, await whole(await exportZip(firm, id, { originals: false })))
  expect(printJobFile(await exportJob(elsewhere, id))).toBe(printJobFile(alderHouse()))
})

test.each([
  ['no JSON', '{', 'not-json'],
  ['another file', '{"a": 1}', 'not-a-job-file'],
  ['a zip that is none', 'PK\u0003\u0004broken', 'bad-archive'],
])('taking in %s is refused and leaves nothing', async (_, text, kind) => {
  const firm = await newFirm()
  expect(await refusalOf(importJob(firm, Buffer.from(text, 'latin1')))).toBe(kind)
})

test('the same job twice is refused', async () => {
  expect(await refusalOf(takeAlderHouse(member))).toBe('job-exists')
})

test('an edit sent twice counts once', async () => {
  const change = setField({ kind: 'side', id: 'side-a', fields: { overhang: 640 } })
  const one = await send([change])
  const two = await send([change])
  expect(two.applied).toEqual(one.applied)
  expect(two.sequence).toBe(one.sequence)
  const both = await send([change, change])
  expect(both.sequence).toBe(one.sequence)
})

test('a creation sent twice counts once, although the database hands its keys back in another order', async () => {
  const change = createFinding('twice')
  const one = await send([change])
  const two = await send([change])
  expect(two.applied).toEqual(one.applied)
  expect(two.sequence).toBe(one.sequence)
})

test('a fact of tomorrow is written down for now, and sent again it is the same one', async () => {
  const tomorrow = `${new Date(Date.now() + 86_400_000).toISOString().slice(0, 19)}Z`
  const change = addFact({
    kind: 'permission',
    id: 'ahead',
    by: 'x',
    level: 'open',
    given_by: 'owner',
    at: tomorrow,
  })
  const one = await send([change])
  const kept = one.facts.find((fact) => fact.id === 'ahead')
  expect(kept!.at < tomorrow).toBe(true)
  expect((await send([change])).sequence).toBe(one.sequence)
})

test('edits of somebody else are not taken in this person’s name', async () => {
  const request = { as: 'another-user', known: 0, changes: [createFinding('not-mine')] }
  expect(await refusalOf(applyChanges(member, jobId, request))).toBe('other-person')
  expect(await refusalOf(applyChanges(member, jobId, { ...request, as: member.userId }))).toBeNull()
})

test('an id used for another edit is refused', async () => {
  const change = setField({ kind: 'side', id: 'side-a', fields: { overhang: 700 } })
  await send([change])
  expect(await refusalOf(send([{ ...change, fields: { overhang: 701 } } as never]))).toBe('change-id-reused')
})

test('a batch is taken whole or not at all', async () => {
  const before = await sequence()
  const good = setField({ kind: 'side', id: 'side-b', fields: { overhang: 640 } })
  const bad = setField({ kind: 'side', id: 'side-b', fields: { overhang: -5 } })
  expect(await refusalOf(send([good, bad]))).toBe('invalid')
  expect(await sequence()).toBe(before)
  expect((await readJobSnapshot(member, jobId)).job.sides[1]?.overhang).not.toBe(640)
})

test('two devices: fields merge, the later wins, the loser is in the history', async () => {
  const known = await sequence()
  const base = (await readJobSnapshot(member, jobId)).revisions['side/side-d'] ?? 0
  await send([
    setField({
      kind: 'side',
      id: 'side-d',
      base,
      fields: { overhang: 64, cladding: 'stucco' },
      device: 'phone',
    }),
  ])
  const late = await send(
    [setField({ kind: 'side', id: 'side-d', base, fields: { overhang: 128 }, device: 'desk' })],
    known,
  )
  expect(late.applied[0]?.overruled).toEqual({ overhang: { value: 64, sequence: known + 1 } })
  const side = late.entities.find((each) => each.id === 'side-d')?.body
  expect(side).toMatchObject({ overhang: 128, cladding: 'stucco' })
  const [newest] = await readHistory(member, jobId)
  expect(newest?.overruled).toEqual({ overhang: { value: 64, sequence: known + 1 } })
})

test('numbers of findings come from the server, in sequence', async () => {
  const last = Math.max(
    ...(await readJobSnapshot(member, jobId)).job.findings.map((each) => each.number ?? 0),
  )
  const body = (id: string): { id: string } => ({ ...sillNose({ place: { kind: 'none' } }), id })
  const answer = await send([createEntity('finding', body('new-a')), createEntity('finding', body('new-b'))])
  const numbers = ['new-a', 'new-b'].map(
    (id) => (answer.entities.find((each) => each.id === id)?.body as { number: number }).number,
  )
  expect(numbers).toEqual([last + 1, last + 2])
})

test('two at once never take one number', async () => {
  const body = (id: string): { id: string } => ({ ...sillNose({ place: { kind: 'none' } }), id })
  await Promise.all(Array.from({ length: 6 }, (_, i) => send([createEntity('finding', body(`both-${i}`))])))
  const { job } = await readJobSnapshot(member, jobId)
  const numbers = job.findings.map((finding) => finding.number)
  expect(new Set(numbers).size).toBe(numbers.length)
})

test('a fact is signed by who is signed in, whatever it says', async () => {
  const fact = {
    kind: 'permission',
    id: 'permission-x',
    by: 'Somebody Else',
    at: '2026-05-04T09:00:00Z',
    level: 'open',
    given_by: 'owner',
  } as const
  const answer = await send([addFact(fact)])
  expect(answer.facts.find((each) => each.id === 'permission-x')?.by).toBe(member.name)
})

test('a new job has the firm’s settings pinned, and asking twice makes one', async () => {
  await createJob(member, { id: 'fresh', title: '', timeZone: 'America/New_York' })
  expect(await refusalOf(createJob(member, { id: 'fresh', title: '', timeZone: 'UTC' }))).toBe('job-exists')
  const { job } = await readJobSnapshot(member, 'fresh')
  expect(job.settings.firm_name).toBe('Tern & Mallet Repair')
  expect(job.job.time_zone).toBe('America/New_York')
})

test('crew get no money and write none', async () => {
  const crew = asRole(member, 'crew')
  await send([
    createEntity('typed_price', {
      id: 'typed-1',
      removed: false,
      on: { kind: 'job' },
      cents: 123456,
      reason: 'said so',
    }),
  ])
  const seen = [
    await readJobSnapshot(crew, jobId),
    await readHistory(crew, jobId),
    await exportJob(crew, jobId),
    await applyChanges(crew, jobId, { known: 0, changes: [] }),
  ]
  for (const each of seen) expect(JSON.stringify(each)).not.toMatch(/cents|burdened|123456/)
  const typed = createEntity('typed_price', { id: 'typed-2', removed: false })
  expect(await refusalOf(applyChanges(crew, jobId, { known: 0, changes: [typed] }))).toBe('not-for-role')
  const rates = setField({ kind: 'rates', id: 'rates', fields: { profit_share: 0 } })
  expect(await refusalOf(applyChanges(crew, jobId, { known: 0, changes: [rates] }))).toBe('not-for-role')
})

test('crew and apprentice change no settings; the refusal names the edit, so that the others go', async () => {
  for (const role of ['crew', 'apprentice'] as const) {
    const change = setField({ kind: 'settings', id: 'settings', fields: { productive_share: 0.9 } })
    const sent = applyChanges(asRole(member, role), jobId, { known: 0, changes: [change] })
    await expect(sent).rejects.toMatchObject({ error: { kind: 'not-for-role', changeId: change.id } })
  }
  const kept = (await readJobSnapshot(member, jobId)).job.settings.productive_share
  expect(kept).not.toBe(0.9)
})

test('somebody renamed since sends the same fact still, and it stays signed as it was', async () => {
  const fact = {
    kind: 'permission',
    id: 'before-the-wedding',
    by: 'x',
    at: '2026-05-04T09:00:00Z',
    level: 'open',
    given_by: 'owner',
  } as const
  const change = addFact(fact)
  const one = await send([change])
  const two = await applyChanges({ ...member, name: 'Tess Tangle' }, jobId, { known: 0, changes: [change] })
  expect(two.sequence).toBe(one.sequence)
  expect(two.facts.find((each) => each.id === fact.id)?.by).toBe('Tess Tingle')
})

test('what others did since is read without a lock, and only that', async () => {
  const before = await readJobSnapshot(member, jobId)
  const nothing = await readChanges(member, jobId, { known: before.sequence, head: before.head })
  expect(nothing).toMatchObject({ sequence: before.sequence, applied: [], entities: [], facts: [] })
  // Somebody holds the job; whoever only looks does not wait for him.
  await withTx(appPool, member.companyId, async (tx) => {
    await tx.query('select from app.job where id = $1 for update', [jobId])
    expect((await readChanges(member, jobId, { known: before.sequence, head: before.head })).sequence).toBe(
      before.sequence,
    )
  })
  await send([setField({ kind: 'side', id: 'side-a', fields: { overhang: 1024 } })])
  const news = await readChanges(member, jobId, { known: before.sequence, head: before.head })
  expect(news.entities.map((each) => each.id)).toEqual(['side-a'])
})

test('a server that knows less than it told before says so, to whoever sends and to whoever asks', async () => {
  const { sequence: known, head } = await readJobSnapshot(member, jobId)
  for (const told of [
    { known: known + 5, head: 'a-later-one' },
    { known, head: 'another-one' },
  ]) {
    expect(await refusalOf(readChanges(member, jobId, told))).toBe('set-back')
    expect(await refusalOf(applyChanges(member, jobId, { ...told, changes: [] }))).toBe('set-back')
  }
  expect(await refusalOf(readChanges(member, jobId, { known, head }))).toBeNull()
})

test('the list comes a page at a time, complete, in order, and is found by words', async () => {
  const firm = await newFirm()
  for (let n = 0; n < 120; n += 1) {
    await createJob(firm, { id: `j${n}`, title: n === 7 ? '100% Lapwing' : `House ${n}`, timeZone: 'UTC' })
  }
  const seen: string[] = []
  let after = ''
  for (let page = 0; page < 4 && (page === 0 || after !== ''); page += 1) {
    const answer = await listFirmJobs(firm, { words: '', after, archived: 'no' })
    seen.push(...answer.jobs.map((job) => job.id))
    after = answer.next ?? ''
  }
  expect(seen).toHaveLength(120)
  expect(new Set(seen).size).toBe(120)
  expect(seen[0]).toBe('j119')
  const found = async (words: string): Promise<string[]> =>
    (await listFirmJobs(firm, { words, after: '', archived: 'no' })).jobs.map((job) => job.id)
  expect(await found('lapwing')).toEqual(['j7'])
  // What is typed is no pattern.
  expect(await found('100%')).toEqual(['j7'])
  expect(await found('_ouse')).toEqual([])
  expect(await refusalOf(listFirmJobs(firm, { words: '', after: 'nonsense', archived: 'no' }))).toBe(
    'malformed',
  )
})
