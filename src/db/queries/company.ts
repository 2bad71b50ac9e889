import * as z from 'zod'
import { maybeOne, run, type PersonTx, type Tx } from '../tx'

const Membership = z.object({
  company_id: z.string(),
  user_id: z.string(),
  role: z.string(),
  /** As the firm keeps it; a profile the person may change says nothing here. */
  user_name: z.string(),
  /** Seals this person's copies on his devices. */
  seal_key: z.string(),
})
export type Membership = z.infer<typeof Membership>

/** The firm a person belongs to, asked before any company is set. */
export async function findMembership(tx: PersonTx): Promise<Membership | null> {
  return maybeOne(
    tx,
    Membership,
    'select company_id, user_id, role, user_name, seal_key from app.membership where user_id = $1 order by company_id limit 1',
    [tx.userId],
  )
}

export async function insertCompany(tx: Tx, name: string): Promise<void> {
  await run(tx, 'insert into app.company (id, name) values ($1, $2) on conflict do nothing', [
    tx.companyId,
    name,
  ])
}

const Edition = z.object({
  edition: z.number(),
  /** Shape that both were written in. */
  schema: z.number(),
  settings: z.unknown(),
  rates: z.unknown(),
})

/** The firm's latest settings edition. */
export function latestEdition(tx: Tx): Promise<z.infer<typeof Edition> | null> {
  return maybeOne(
    tx,
    Edition,
    `select edition, schema, settings, rates from app.settings_edition
     where company_id = $1 order by edition desc limit 1`,
    [tx.companyId],
  )
}

/** Adds an edition; false: there is one of this number already, and nothing was written. */
export async function insertEdition(
  tx: Tx,
  of: { edition: number; schema: number; settings: unknown; rates: unknown },
): Promise<boolean> {
  const added = await maybeOne(
    tx,
    z.object({ edition: z.number() }),
    `insert into app.settings_edition (company_id, edition, schema, settings, rates) values ($1, $2, $3, $4, $5)
     on conflict do nothing returning edition`,
    [tx.companyId, of.edition, of.schema, JSON.stringify(of.settings), JSON.stringify(of.rates)],
  )
  return added !== null
}

/** What the firm shows of itself: its mark, by the hash of its picture. */
export async function findLogo(tx: Tx): Promise<string | null> {
  const found = await maybeOne(
    tx,
    z.object({ logo_sha256: z.string().nullable() }),
    'select logo_sha256 from app.company where id = $1',
    [tx.companyId],
  )
  return found?.logo_sha256 ?? null
}

export async function setLogo(tx: Tx, sha256: string | null): Promise<void> {
  await run(tx, 'update app.company set logo_sha256 = $2 where id = $1', [tx.companyId, sha256])
}

export async function renameCompany(tx: Tx, name: string): Promise<void> {
  await run(tx, 'update app.company set name = $2 where id = $1 and name <> $2', [tx.companyId, name])
}
