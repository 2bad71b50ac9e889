import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { alderHouse } from '../../demo/alderHouse'
import { FIRM } from '../../demo/build'
import {
  JOB_VERSION,
  startingRates,
  startingSettings,
  type Change,
  type EntityKind,
} from '../../src/core/job'
import { insertCompany, insertEdition } from '../../src/db/queries/company'
import { makePool } from '../../src/db/pool'
import { withTx } from '../../src/db/tx'
import { context } from '../../src/server/context'
import type { Member } from '../../src/server/http'
import { printJobFile } from '../../src/core/job'
import { importJob } from '../../src/server/jobs/files'
import { sendBid } from '../../src/server/bids/sendBid'

function needed(name: string): string {
  const value = process.env[name]
  if (!value)
    throw new Error(
      `${name} is not set: run these tests through \`npm test\`, which starts a database for them.`,
    )
  return value
}

export const appPool = makePool(needed('DETRIMUS_APP_DATABASE_URL'))
export const authPool = makePool(needed('DETRIMUS_AUTH_DATABASE_URL'))
export const migratorPool = new pg.Pool({ connectionString: needed('DETRIMUS_MIGRATOR_URL'), max: 2 })

export async function closePools(): Promise<void> {
  const { close } = await context()
  await Promise.all([appPool.end(), authPool.end(), migratorPool.end(), close()])
}

/** A firm nobody else knows, with its settings, and a member of it. */
export async function newFirm(): Promise<Member> {
  const companyId = randomUUID()
  await withTx(appPool, companyId, async (tx) => {
    await insertCompany(tx, 'Test firm')
    await insertEdition(tx, {
      edition: 1,
      schema: JOB_VERSION,
      settings: startingSettings(FIRM),
      rates: startingRates(),
    })
  })
  return { userId: randomUUID(), name: 'Tess Tingle', companyId, role: 'owner-estimator' }
}

/** Somebody who can sign in and belongs to a firm; gives back his id. */
export async function newMember(companyId: string, name: string, role: Member['role']): Promise<string> {
  const userId = randomUUID()
  await authPool.query(
    `insert into organization (id, name, slug, created_at) values ($1, 'Test firm', $2, now()) on conflict do nothing`,
    [companyId, companyId],
  )
  await authPool.query(`insert into "user" (id, name, email, email_verified) values ($1, $2, $3, true)`, [
    userId,
    name,
    `${userId}@test.invalid`,
  ])
  await authPool.query(
    `insert into member (organization_id, user_id, role, created_at) values ($1, $2, $3, now())`,
    [companyId, userId, role],
  )
  return userId
}

export const asRole = (member: Member, role: Member['role']): Member => ({
  ...member,
  role,
  userId: randomUUID(),
})

/** The main demo job, taken in for a firm. */
export function takeAlderHouse(member: Member, as: string | null = null): Promise<string> {
  return importJob(member, Buffer.from(printJobFile(alderHouse())), as)
}

/** Sends the bid of a job as a small PDF; gives back its id and the owner's token. */
export async function send(
  member: Member,
  jobId: string,
  of: { id?: string; replaces?: string | null } = {},
): Promise<{ bidId: string; token: string }> {
  const { id = randomUUID(), replaces = null } = of
  const { bid_id, url } = await sendBid(member, jobId, { id, replaces }, { printPdf: smallPdf })
  return { bidId: bid_id, token: url?.split('/').at(-1) ?? '' }
}
export const smallPdf = (): Promise<Uint8Array> => Promise.resolve(Buffer.from('a pdf'))

/** All bytes of a stream. */
export async function whole(stream: ReadableStream<Uint8Array>): Promise<Buffer> {
  const chunks: Uint8Array[] = []
  for await (const chunk of stream) chunks.push(chunk)
  return Buffer.concat(chunks)
}

let made = 0
export function setField(of: {
  kind: EntityKind
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

export function createEntity(
  kind: EntityKind,
  body: { readonly id: string; readonly [field: string]: unknown },
): Change {
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
