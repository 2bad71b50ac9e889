/** The firm's own weights, kept as a new edition of its settings, on a real PostgreSQL. */
import { afterAll, beforeEach, expect, test } from '@jest/globals'
import type { Member } from '../../src/server/http'
import { createJob, readJobSnapshot } from '../../src/server/jobs/readJobs'
import { keepFirmWeights, readFirmWeights } from '../../src/server/weights'
import { closePools, newFirm, refusalOf } from './support'

const OURS = [
  { cause: 'kick-out-missing', sign: 'fan-stain-below-roof-end', ratio: 9, reason: 'opened twelve' },
]
let member: Member

beforeEach(async () => {
  member = await newFirm()
})
afterAll(closePools)

const begin = async (id: string): Promise<readonly unknown[]> => {
  await createJob(member, { id, title: id, timeZone: 'Etc/UTC' })
  return (await readJobSnapshot(member, id)).job.settings.likelihood_overrides
}

test('new jobs start from them; a job that is there keeps its own', async () => {
  expect(await begin('before')).toEqual([])
  const { edition } = await readFirmWeights(member)
  const kept = await keepFirmWeights(member, { edition, likelihood_overrides: OURS })
  expect(kept.edition).toBe(edition + 1)
  expect(await begin('after')).toEqual(OURS)
  expect((await readJobSnapshot(member, 'before')).job.settings.likelihood_overrides).toEqual([])
})

test('another firm has its own', async () => {
  const { edition } = await readFirmWeights(member)
  await keepFirmWeights(member, { edition, likelihood_overrides: OURS })
  expect((await readFirmWeights(await newFirm())).likelihood_overrides).toEqual([])
})

test('of two who change the same edition, the second is told, and the first stays', async () => {
  const { edition } = await readFirmWeights(member)
  await keepFirmWeights(member, { edition, likelihood_overrides: OURS })
  expect(await refusalOf(keepFirmWeights(member, { edition, likelihood_overrides: [] }))).toBe(
    'settings-changed',
  )
  expect((await readFirmWeights(member)).likelihood_overrides).toEqual(OURS)
})

test('two at the same moment: one is kept, one is told', async () => {
  const { edition } = await readFirmWeights(member)
  const both = await Promise.allSettled(
    [OURS, []].map((likelihood_overrides) => keepFirmWeights(member, { edition, likelihood_overrides })),
  )
  expect(both.map((each) => each.status).sort()).toEqual(['fulfilled', 'rejected'])
})

test('a crew does not change what the firm reckons with', async () => {
  const { edition } = await readFirmWeights(member)
  const crew: Member = { ...member, role: 'crew' }
  expect(await refusalOf(keepFirmWeights(crew, { edition, likelihood_overrides: OURS }))).toBe('not-for-role')
})
