/** The list of jobs as the firm's day, on real PostgreSQL: states, sums, away and back, copies. */
import { afterAll, expect, test } from '@jest/globals'
import { jobDay, tellMonths } from '../../src/core/office'
import type { JobRowAnswer } from '../../src/core/contract'
import { acceptBid, readOwnerBid } from '../../src/server/bids/ownerBid'
import type { Member } from '../../src/server/http'
import { copyJob, readMonths, sayOfJob } from '../../src/server/jobs/office'
import { createJob, listFirmJobs, readJobSnapshot } from '../../src/server/jobs/readJobs'
import { closePools, newFirm, refusalOf, send, takeAlderHouse } from './support'

afterAll(closePools)

const rowOf = async (
  member: Member,
  id: string,
  archived: 'yes' | 'no' = 'no',
): Promise<JobRowAnswer | undefined> =>
  (await listFirmJobs(member, { words: '', after: '', archived })).jobs.find((job) => job.id === id)
const stateOf = async (member: Member, id: string): Promise<string> =>
  jobDay((await rowOf(member, id))!, new Date().toISOString().slice(0, 10)).state

test('a job goes from priced to sent, seen when its owner opens it, and accepted; the sum is that of the bid', async () => {
  const firm = await newFirm()
  const id = await takeAlderHouse(firm)
  expect(await stateOf(firm, id)).toBe('priced')
  const sent = await send(firm, id)
  expect(await stateOf(firm, id)).toBe('sent')
  const row = (await rowOf(firm, id))!
  expect(row.bid).toMatchObject({ seen_at: null })
  expect(row.total_cents).toBeGreaterThan(100_000)
  expect(row.owner).toBe('Orla Fennimore')
  const { hash } = await readOwnerBid(sent.token)
  const first = (await rowOf(firm, id))!.bid!.seen_at
  expect(await stateOf(firm, id)).toBe('seen')
  await readOwnerBid(sent.token)
  expect((await rowOf(firm, id))!.bid!.seen_at).toBe(first)
  await acceptBid(sent.token, { name: 'Orla Fennimore', role: 'owns', hash })
  expect(await stateOf(firm, id)).toBe('accepted')
})

test('the office sets a date, closes, takes it back, puts away and back; another firm and the crew may not', async () => {
  const firm = await newFirm()
  const other = await newFirm()
  const id = await takeAlderHouse(firm)
  await sayOfJob(firm, id, { standing: { state: 'scheduled', on: '2026-06-01' } })
  expect(await rowOf(firm, id)).toMatchObject({ standing: { state: 'scheduled', on: '2026-06-01' } })
  await sayOfJob(firm, id, { standing: { state: 'closed', on: '2026-06-03' } })
  expect(await stateOf(firm, id)).toBe('closed')
  await sayOfJob(firm, id, { standing: null })
  expect(await stateOf(firm, id)).toBe('priced')
  await sayOfJob(firm, id, { archived: true })
  expect(await rowOf(firm, id)).toBeUndefined()
  expect(await rowOf(firm, id, 'yes')).toMatchObject({ archived: true })
  // Away, it is whole all the same.
  expect((await readJobSnapshot(firm, id)).job.findings.length).toBeGreaterThan(20)
  await sayOfJob(firm, id, { archived: false })
  expect(await rowOf(firm, id)).toMatchObject({ archived: false })
  expect(await refusalOf(sayOfJob(other, id, { archived: true }))).toBe('not-found')
  expect(await refusalOf(sayOfJob({ ...firm, role: 'crew' }, id, { archived: true }))).toBe('not-for-role')
})

test('a copy has the work, a new job at the house only the house; asked twice it is one', async () => {
  const firm = await newFirm()
  const id = await takeAlderHouse(firm)
  await copyJob(firm, id, { id: 'again', what: 'job' })
  await copyJob(firm, id, { id: 'again', what: 'job' })
  await copyJob(firm, id, { id: 'house', what: 'house' })
  const [old, again, house] = await Promise.all(
    [id, 'again', 'house'].map((each) => readJobSnapshot(firm, each)),
  )
  expect(again!.job.findings).toEqual(old!.job.findings)
  expect(again!.job.work_items.length).toBe(old!.job.work_items.length)
  expect(again!.job.job.title).toBe('Alder House (copy)')
  expect(house!.job.sides).toEqual(old!.job.sides)
  expect(house!.job.features).toEqual(old!.job.features)
  expect([house!.job.findings, house!.job.work_items, house!.job.photos, house!.job.facts]).toEqual([
    [],
    [],
    [],
    [],
  ])
  expect(await refusalOf(copyJob(await newFirm(), id, { id: 'theirs', what: 'job' }))).toBe('not-found')
})

test('a job is found by its owner’s name too, and money stays with whoever may see it', async () => {
  const firm = await newFirm()
  const id = await takeAlderHouse(firm)
  await send(firm, id)
  const found = await listFirmJobs(firm, { words: 'fennimore', after: '', archived: 'no' })
  expect(found.jobs.map((job) => job.id)).toEqual([id])
  expect(await rowOf({ ...firm, role: 'crew' }, id)).not.toHaveProperty('total_cents')
})

test('what was won, by the month it went out: the accepted bid counts, a put-away job too, another firm’s never', async () => {
  const firm = await newFirm()
  const other = await newFirm()
  const id = await takeAlderHouse(firm)
  const first = await send(firm, id)
  const { hash, model } = await readOwnerBid(first.token)
  await acceptBid(first.token, { name: 'Orla Fennimore', role: 'owns', hash })
  await sayOfJob(firm, id, { archived: true })
  const today = new Date().toISOString().slice(0, 10)
  const { jobs } = await readMonths(firm)
  expect(jobs).toMatchObject([{ total_cents: model.total_cents, standing: null, until: model.valid_until }])
  const told = tellMonths(jobs, today)
  expect(told.won).toEqual({
    count: 1,
    of: 1,
    cents: model.total_cents,
    of_cents: model.total_cents,
  })
  expect(told.months.at(-1)?.count.won).toBe(1)
  expect((await readMonths(other)).jobs).toEqual([])
  await sayOfJob(firm, id, { standing: { state: 'declined', on: today } })
  expect(tellMonths((await readMonths(firm)).jobs, today).won).toMatchObject({ count: 0, of: 1 })
  expect(await refusalOf(readMonths({ ...firm, role: 'crew' }))).toBe('not-for-role')
})

test('a job begun from a contact has its address and its owner from the start', async () => {
  const firm = await newFirm()
  const owner = { name: 'Ada Fell', email: 'ada@mail.invalid', phone: '555 0102' }
  await createJob(firm, {
    id: 'from-a-contact',
    title: '9 Sedge Road',
    timeZone: 'Etc/UTC',
    address: '9 Sedge Road, Brae Haven',
    owner,
  })
  const { job } = await readJobSnapshot(firm, 'from-a-contact')
  expect(job.job.address).toBe('9 Sedge Road, Brae Haven')
  expect(job.people).toMatchObject([{ ...owner, roles: ['owns', 'pays', 'may-approve'] }])
  expect(await rowOf(firm, 'from-a-contact')).toMatchObject({ owner: 'Ada Fell' })
})
