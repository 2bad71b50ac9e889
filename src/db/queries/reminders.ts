import type pg from 'pg'
import * as z from 'zod'
import { REMINDERS, type ReminderKind } from '../../core/office/reminders'
import { many, run, type Tx } from '../tx'

/** Firms of which a bid is out. Of no firm anything else is read here. */
export async function firmsWithBidsOut(pool: pg.Pool): Promise<string[]> {
  const found = await pool.query<{ id: string }>(
    'select firm as id from app.firms_with_bids_out() firm order by 1',
  )
  return found.rows.map(({ id }) => id)
}

const OutBid = z.object({
  id: z.string(),
  job_id: z.string(),
  number: z.number(),
  title: z.string(),
  firm: z.string(),
  until: z.string(),
  time_zone: z.string(),
  sent_at: z.date(),
  seen_at: z.date().nullable(),
  asked: z.boolean(),
  to: z.string(),
  reminded: z.array(z.enum(REMINDERS)),
})
export type OutBid = z.infer<typeof OutBid>

/** Bids that stand, are the last of their job, and that nobody has answered. */
export function listBidsOut(tx: Tx): Promise<OutBid[]> {
  return many(
    tx,
    OutBid,
    `select b.id, b.job_id, b.number, b.sent_at, b.snapshot::jsonb ->> 'title' as title,
       b.snapshot::jsonb #>> '{firm,name}' as firm, b.snapshot::jsonb ->> 'valid_until' as until,
       coalesce((select e.body ->> 'time_zone' from app.job_entity e
         where e.company_id = b.company_id and e.job_id = b.job_id and e.kind = 'job'), 'UTC') as time_zone,
       v.seen_at, m.to_address as to,
       coalesce((select o.from_owner from app.owner_message o
           where o.company_id = b.company_id and o.job_id = b.job_id order by o.written_at desc, o.id limit 1), false) as asked,
       array(select r.kind from app.reminder r where r.company_id = b.company_id and r.bid_id = b.id) as reminded
     from app.bid b
     join lateral (
       select mail.to_address from app.mail
       where mail.company_id = b.company_id and mail.bid_id = b.id order by created_at, mail.id limit 1) m on true
     left join lateral (
       select min(w.first_at) as seen_at from app.owner_view w
       join app.owner_link l on l.company_id = w.company_id and l.id = w.link_id
       where l.company_id = b.company_id and l.bid_id = b.id) v on true
     where b.company_id = $1 and b.superseded_at is null
       and exists (select from app.owner_link l where l.company_id = b.company_id and l.bid_id = b.id
         and l.revoked_at is null and l.expires_at > now())
       and not exists (select from app.acceptance a where a.company_id = b.company_id and a.bid_id = b.id)
     order by b.sent_at, b.id`,
    [tx.companyId],
  )
}

/** Notes that an owner is reminded; false where he was already. */
export async function noteReminder(tx: Tx, bidId: string, kind: ReminderKind): Promise<boolean> {
  const done = await run(
    tx,
    'insert into app.reminder (company_id, bid_id, kind) values ($1, $2, $3) on conflict do nothing',
    [tx.companyId, bidId, kind],
  )
  return done === 1
}
