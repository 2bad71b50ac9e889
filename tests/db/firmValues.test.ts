/** The firm's own values and clauses, kept as editions of its settings, on a real PostgreSQL; older editions are raised. */
import { afterAll, beforeEach, expect, test } from '@jest/globals'
import { startingRates, startingSettings } from '../../src/core/job'
import { insertEdition } from '../../src/db/queries/company'
import { withTx } from '../../src/db/tx'
import { context } from '../../src/server/context'
import { keepFirmValues, readFirmValues } from '../../src/server/firmValues'
import type { Member } from '../../src/server/http'
import { createJob, readJobSnapshot } from '../../src/server/jobs/readJobs'
import { closePools, newFirm, refusalOf } from './support'

let member: Member
beforeEach(async () => {
  member = await newFirm()
})
afterAll(closePools)

const CHANGES = [
  { key: 'task.fascia.typical', value: 0.3, reason: 'three closed jobs' },
  { key: 'good.paint', value: 61.5, reason: 'the yard since May' },
]
async function keep(changes: typeof CHANGES, notices = ''): ReturnType<typeof keepFirmValues> {
  const { edition, clauses, firm } = await readFirmValues(member)
  return keepFirmValues(member, {
    edition,
    changes,
    clauses: { ...clauses, required_notices: notices },
    firm,
  })
}
const begin = async (id: string) => {
  await createJob(member, { id, title: id, timeZone: 'Etc/UTC' })
  return (await readJobSnapshot(member, id)).job
}

test('new jobs start from them, reasons and clauses with them; a job that is there keeps its own', async () => {
  await begin('before')
  const kept = await keep(CHANGES, 'Lien notice of this state.')
  expect(kept.values.filter((value) => value.own !== null)).toMatchObject([
    { key: 'task.fascia.typical', own: 0.3, shipped: 0.22 },
    { key: 'good.paint', own: 61.5, shipped: 52 },
  ])
  const after = await begin('after')
  expect(after.settings.values['task.fascia.typical']).toEqual({ value: 0.3, reason: 'three closed jobs' })
  expect(after.settings.clauses.required_notices).toBe('Lien notice of this state.')
  expect(after.rates?.consumable_cents.paint).toBe(6150)
  expect((await readJobSnapshot(member, 'before')).job.settings.values).toEqual({})
})

test('one wrong value refuses all, by name, and nothing is kept', async () => {
  const wrong = [...CHANGES, { key: 'task.haul.typical', value: -4, reason: 'x' }]
  expect(await refusalOf(keep(wrong))).toBe('malformed')
  const { edition, values } = await readFirmValues(member)
  expect([edition, values.every((value) => value.own === null)]).toEqual([1, true])
})

test('of two who change the same edition, the second is told', async () => {
  const { edition, clauses, firm } = await readFirmValues(member)
  await keep(CHANGES)
  expect(await refusalOf(keepFirmValues(member, { edition, changes: [], clauses, firm }))).toBe(
    'settings-changed',
  )
})

test('crew and apprentice neither read nor change them; another firm has its own', async () => {
  await keep(CHANGES)
  for (const role of ['crew', 'apprentice'] as const) {
    expect(await refusalOf(readFirmValues({ ...member, role }))).toBe('not-for-role')
    const { edition, clauses, firm } = await readFirmValues(member)
    expect(
      await refusalOf(keepFirmValues({ ...member, role }, { edition, changes: [], clauses, firm })),
    ).toBe('not-for-role')
  }
  const { values } = await readFirmValues(await newFirm())
  expect(values.every((value) => value.own === null)).toBe(true)
})

test('an edition that an older program kept is raised when it is read', async () => {
  const { pool } = await context()
  const firm = { name: 'Tern & Mallet', place: 'Port Alder', licence: '' }
  const { values: _, catalogue_edition: __, ...settings } = startingSettings(firm)
  expect([_, __]).toBeDefined()
  const rates = { ...startingRates(), burdened_rate_cents: -100 }
  await withTx(pool, member.companyId, (tx) => insertEdition(tx, { edition: 2, schema: 4, settings, rates }))
  const job = await begin('raised')
  expect(job.settings).toMatchObject({ values: {}, catalogue_edition: 'before 2026-11' })
  expect(job.rates?.burdened_rate_cents).toBe(0)
})
