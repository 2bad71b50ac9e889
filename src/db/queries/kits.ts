import * as z from 'zod'
import { many, run, type Tx } from '../tx'

const KitRow = z.object({ name: z.string(), body: z.unknown() })
export type KitRow = z.infer<typeof KitRow>

export function listKits(tx: Tx): Promise<KitRow[]> {
  return many(tx, KitRow, 'select name, body from app.company_kit where company_id = $1 order by name', [
    tx.companyId,
  ])
}

/** Keeps a kit; a later one of the same name replaces the earlier. */
export async function saveKit(tx: Tx, of: { name: string; body: unknown; by: string }): Promise<void> {
  await run(
    tx,
    `insert into app.company_kit (company_id, name, body, kept_by) values ($1, $2, $3, $4)
     on conflict (company_id, name)
     do update set body = excluded.body, kept_by = excluded.kept_by, kept_at = now()`,
    [tx.companyId, of.name, JSON.stringify(of.body), of.by],
  )
}

export async function dropKit(tx: Tx, name: string): Promise<void> {
  await run(tx, 'delete from app.company_kit where company_id = $1 and name = $2', [tx.companyId, name])
}
