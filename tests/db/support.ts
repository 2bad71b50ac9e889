import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { alderHouse } from '../../demo/alderHouse'
import { FIRM } from '../../demo/build'
import { JOB_VERSION, startingRates, startingSettings, type Change } from '../../src/core/job'
import { insertCompany, insertEdition } from '../../src/db/queries/company'
import { makePool } from '../../src/db/pool'
import { withTx } from '../../src/db/tx'
import { context } from '../../src/server/context'
import type { Member } from '../../src/server/http'
import { printJobFile } from '../../src/core/job'
import { importJob } from '../../src/server/jobs/files'

function needed(name: string): string {
  const value = process.env[name]
  if (!value)
    throw new Error(
      `${name} is not set: run these tests through \`npm test\`, which starts a database for them.`,
    )
  return value
}

export const appPool = makePool(needed('DETRIMUS_APP_DATABASE_URL'))
export const migratorPool = new pg.Pool({ connectionString: needed('DETRIMUS_MIGRATOR_URL'), max: 2 })

export async function closePools(): Promise<void> {
  const { close } = await context()
  await Promise.all([appPool.end(), migratorPool.end(), close()])
}

/** A firm nobody else knows, with its settings, and a member of it. */
export async function newFirm(): Promise<Member> {
  const companyId = randomUUID()
  await withTx(appPool, companyId, async (tx) => {
    await insertCompany(tx, 'Test firm')
    await insertEdition(tx, { edition: 1, settings: startingSettings(FIRM), rates: startingRates() })
  })
  return { userId: randomUUID(), name: 'Tess Tingle', companyId, role: 'owner-estimator' }
}

export const asRole = (member: Member, role: Member['role']): Member => ({
  ...member,
  role,
  userId: randomUUID(),
})

/** The main demo job, taken in for a firm. */
export function takeAlderHouse(member: Member): Promise<string> {
  return importJob(member, Buffer.from(printJobFile(alderHouse())))
}

let made = 0
export function setField(of: {
  kind: 'side' | 'job' | 'finding' | 'rates' | 'typed_price'
  id: string
  base?: number
  fields: Record<string, unknown>
  device?: string
}): Change {
  made += 1
  return {
    id: `change-${process.pid}-${made}`,
    schema: JOB_VERSION,
    made_at: '2026-05-04T09:00:00Z',
    device: of.device ?? 'phone',
    op: 'set',
    entity: { kind: of.kind, id: of.id },
    base: of.base ?? 0,
    fields: of.fields,
  }
}

export function createEntity(kind: 'finding' | 'typed_price' | 'photo', body: { id: string }): Change {
  made += 1
  return {
    id: `change-${process.pid}-${made}`,
    schema: JOB_VERSION,
    made_at: '2026-05-04T09:00:00Z',
    device: 'phone',
    op: 'create',
    entity: { kind, id: body.id },
    body,
  }
}

export function addFact(fact: Extract<Change, { op: 'fact' }>['fact']): Change {
  made += 1
  return {
    id: `change-${process.pid}-${made}`,
    schema: JOB_VERSION,
    made_at: '2026-05-04T09:00:00Z',
    device: 'phone',
    op: 'fact',
    fact,
  }
}

/** The problem kind a refused promise carries, or null when it went through. */
export async function refusalOf(work: Promise<unknown>): Promise<string | null> {
  try {
    await work
    return null
  } catch (error) {
    const told = error as { error?: { kind: string; error?: { kind: string } } }
    if (!told.error) throw error
    return told.error.error?.kind ?? told.error.kind
  }
}
