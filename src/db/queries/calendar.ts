import * as z from 'zod'
import { many, maybeOne, run, type Tx } from '../tx'

const Body = z.object({ body: z.unknown() })

/** The firm's calendar as it was last said; null: nobody said one. */
export async function findCalendar(tx: Tx): Promise<unknown> {
  const row = await maybeOne(tx, Body, 'select body from app.firm_calendar where company_id = $1', [
    tx.companyId,
  ])
  return row?.body ?? null
}

export async function saveCalendar(tx: Tx, of: { body: unknown; by: string }): Promise<void> {
  await run(
    tx,
    `insert into app.firm_calendar (company_id, body, said_by) values ($1, $2, $3)
     on conflict (company_id) do update set body = excluded.body, said_by = excluded.said_by, said_at = now()`,
    [tx.companyId, JSON.stringify(of.body), of.by],
  )
}

const Planned = z.object({
  id: z.string(),
  sequence: z.coerce.number(),
  title: z.string(),
  address: z.string(),
  start: z.string(),
  accepted: z.string().nullable(),
  stamp: z.string().nullable(),
  body: z.unknown(),
})
export type PlannedRow = z.infer<typeof Planned>

/** Jobs of the list that have a first day, soonest first, with what was last reckoned of each. Done ones are not among them. */
export function listPlanned(tx: Tx): Promise<PlannedRow[]> {
  return many(
    tx,
    Planned,
    `select j.id, j.sequence, coalesce(of.body ->> 'title', '') as title, coalesce(of.body ->> 'address', '') as address,
       p.body ->> 'start' as start,
       a.bid_id::text || ' ' || (
         select count(*) || ' ' || count(w.order_id) || ' ' || count(o.withdrawn_at) from app.change_order o
         left join app.order_answer w on w.company_id = o.company_id and w.order_id = o.id
         where o.company_id = j.company_id and o.bid_id = a.bid_id) as accepted, r.stamp, r.body
     from app.job j
     join app.job_entity p on p.company_id = j.company_id and p.job_id = j.id and p.kind = 'plan' and not p.removed
     join app.job_entity of on of.company_id = j.company_id and of.job_id = j.id and of.kind = 'job'
     left join app.job_planned r on r.company_id = j.company_id and r.job_id = j.id
     left join app.job_standing s on s.company_id = j.company_id and s.job_id = j.id
     left join lateral (
       select c.bid_id from app.acceptance c
       join app.bid b on b.company_id = c.company_id and b.id = c.bid_id
       where c.company_id = j.company_id and b.job_id = j.id and c.replaced_at is null limit 1
     ) a on true
     where j.company_id = $1 and j.archived_at is null and p.body ->> 'start' is not null
       and coalesce(s.state, '') not in ('closed', 'declined')
     order by p.body ->> 'start', j.id
     limit 200`,
    [tx.companyId],
  )
}

export async function savePlanned(
  tx: Tx,
  of: { jobId: string; stamp: string; body: unknown },
): Promise<void> {
  await run(
    tx,
    `insert into app.job_planned (company_id, job_id, stamp, body) values ($1, $2, $3, $4)
     on conflict (company_id, job_id) do update set stamp = excluded.stamp, body = excluded.body`,
    [tx.companyId, of.jobId, of.stamp, JSON.stringify(of.body)],
  )
}

const Accepted = z.object({ choice: z.unknown(), items: z.array(z.string()) })
export type AcceptedRow = z.infer<typeof Accepted>

/** What the owner of a job said yes to, and the items of that bid; null: to nothing yet. */
export function findAcceptedWork(tx: Tx, jobId: string): Promise<AcceptedRow | null> {
  return maybeOne(
    tx,
    Accepted,
    `select c.choice,
       array(select each ->> 'id' from jsonb_array_elements(b.snapshot::jsonb -> 'items') each) as items
     from app.acceptance c
     join app.bid b on b.company_id = c.company_id and b.id = c.bid_id
     where c.company_id = $1 and b.job_id = $2 and c.replaced_at is null
     order by c.accepted_at desc limit 1`,
    [tx.companyId, jobId],
  )
}
