/** Several jobs of one firm on one calendar, on a real database: who goes first, who is pushed, what nobody else sees. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { kelpRow } from '../../demo/kelpRow'
import { DOV_AND_PELL } from '../../demo/people'
import { printJobFile, type JobDocument } from '../../src/core/job'
import { dayWords } from '../../src/core/measure'
import { draftBid } from '../../src/server/bids/sendBid'
import { keepCalendar, readAround, readCalendar, readPlannedJobs } from '../../src/server/calendar'
import type { Member } from '../../src/server/http'
import { importJob } from '../../src/server/jobs/files'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { acceptBid, readOwnerBid } from '../../src/server/bids/ownerBid'
import { closePools, newFirm, send, setField, takeAlderHouse } from './support'

const YEAR = new Date().getUTCFullYear() + 1

let firm: Member
let other: Member

async function take(member: Member, title: string, start: string): Promise<string> {
  const job: JobDocument = {
    ...kelpRow(),
    job: { ...kelpRow().job, title },
    plan: { ...kelpRow().plan!, start, finish_by: null },
  }
  return importJob(member, Buffer.from(printJobFile({ ...job, id: `calendar-${title.toLowerCase()}` })))
}

let early: string
let late: string

beforeAll(async () => {
  firm = await newFirm()
  other = await newFirm()
  await keepCalendar(firm, { crews: [DOV_AND_PELL], off: [] })
  early = await take(firm, 'Early', `${YEAR}-03-01`)
  late = await take(firm, 'Late', `${YEAR}-03-03`)
})
afterAll(closePools)

test('the sooner begun has the crew, the later is planned round it and says by whom it is pushed', async () => {
  const { jobs } = await readPlannedJobs(firm)
  expect(jobs.map(({ title }) => title)).toEqual(['Early', 'Late'])
  const [first, second] = jobs
  expect(first!.pushed_days).toBe(0)
  expect(second!.first > first!.first).toBe(true)
  expect(second!.pushed_days).toBeGreaterThan(0)
  expect(second!.pushed_by).toEqual(['Early'])
  const taken = new Map(first!.days.map(({ day, people }) => [day, people]))
  for (const { day, people } of second!.days) expect(people + (taken.get(day) ?? 0)).toBeLessThanOrEqual(2)
})

test('what is reckoned is kept until something it follows from changes', async () => {
  const before = await readPlannedJobs(firm)
  expect(await readPlannedJobs(firm)).toEqual(before)
  await keepCalendar(firm, { crews: [DOV_AND_PELL], off: [{ day: before.jobs[0]!.first, why: 'holiday' }] })
  const after = await readPlannedJobs(firm)
  expect(after.jobs[0]!.first > before.jobs[0]!.first).toBe(true)
  await keepCalendar(firm, { crews: [DOV_AND_PELL], off: [] })
  await applyChanges(firm, early, {
    known: 0,
    changes: [setField({ kind: 'job', id: 'job', fields: { title: 'Early, renamed' } })],
  })
  expect((await readPlannedJobs(firm)).jobs[1]!.pushed_by).toEqual(['Early, renamed'])
})

test('a job is told what stands round it, and no money', async () => {
  const around = await readAround(firm, late)
  expect(around.crews).toEqual([DOV_AND_PELL])
  expect(around.accepted).toBeNull()
  expect(around.taken.length).toBeGreaterThan(0)
  expect((await readAround(firm, early)).taken).toEqual([])
  expect(JSON.stringify(around)).not.toMatch(/cents|price|rate/)
})

test('another firm sees nothing of it; a crew may look and not change', async () => {
  await expect(readAround(other, late)).rejects.toMatchObject({ error: { kind: 'not-found' } })
  expect(await readPlannedJobs(other)).toEqual({ calendar: { crews: [], off: [] }, jobs: [] })
  const crew: Member = { ...firm, role: 'crew' }
  expect((await readCalendar(crew)).crews).toEqual([DOV_AND_PELL])
  await expect(keepCalendar(crew, { crews: [], off: [] })).rejects.toMatchObject({
    error: { kind: 'not-for-role' },
  })
})

test('a bid tells the days beside the other jobs of its crew, as the plan does', async () => {
  const text = async (id: string): Promise<string> =>
    (await draftBid(firm, id)).clauses.find(({ number }) => number === 41)!.text
  const { jobs } = await readPlannedJobs(firm)
  for (const { id, first } of jobs) expect(await text(id)).toContain(`between ${dayWords(first)}`)
})

test('what an owner accepted is told to the plan: the items of his bid, without what he left out', async () => {
  const third = await newFirm()
  const id = await takeAlderHouse(third)
  expect((await readAround(third, id)).accepted).toBeNull()
  const { token } = await send(third, id)
  const { hash } = await readOwnerBid(token)
  await acceptBid(token, { name: 'Orla Fennimore', role: 'owns', hash })
  const { accepted } = await readAround(third, id)
  expect(accepted).toMatchObject({ left: [], taken: [] })
  expect(accepted!.items.length).toBeGreaterThan(5)
  const { jobs } = await readPlannedJobs(third)
  expect(jobs).toHaveLength(1)
  expect(jobs[0]!.days.length).toBeGreaterThan(3)
})
