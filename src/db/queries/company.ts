import { z } from 'zod'
import type pg from 'pg'
import { maybeOne, run, type Tx } from '../tx'

const Membership = z.object({
  company_id: z.string(),
  user_id: z.string(),
  role: z.string(),
  user_name: z.string(),
  company_name: z.string(),
})
export type Membership = z.infer<typeof Membership>

/** The firm a person belongs to. Asked before any company is set: the view holds no data of a job. */
export async function findMembership(
  pool: pg.Pool,
  userId: string,
): Promise<Omit<Membership, 'company_name'> | null> {
  const { rows } = await pool.query(
    'select company_id, user_id, role, user_name from app.membership where user_id = $1 order by company_id limit 1',
    [userId],
  )
  return rows[0] ? Membership.omit({ company_name: true }).parse(rows[0]) : null
}

export async function insertCompany(tx: Tx, name: string): Promise<void> {
  await run(tx, 'insert into app.company (id, name) values ($1, $2) on conflict do nothing', [
    tx.companyId,
    name,
  ])
}

const Edition = z.object({ edition: z.number(), settings: z.unknown(), rates: z.unknown() })

/** The firm's latest settings edition. */
export function latestEdition(tx: Tx): Promise<z.infer<typeof Edition> | null> {
  return maybeOne(
    tx,
    Edition,
    `select edition, settings, rates from app.settings_edition
     where company_id = $1 order by edition desc limit 1`,
    [tx.companyId],
  )
}

/** Adds an edition; false: there is one of this number already, and nothing was written. */
export async function insertEdition(
  tx: Tx,
  of: { edition: number; settings: unknown; rates: unknown },
): Promise<boolean> {
  const added = await maybeOne(
    tx,
    z.object({ edition: z.number() }),
    `insert into app.settings_edition (company_id, edition, settings, rates) values ($1, $2, $3, $4)
     on conflict do nothing returning edition`,
    [tx.companyId, of.edition, JSON.stringify(of.settings), JSON.stringify(of.rates)],
  )
  return added !== null
}
