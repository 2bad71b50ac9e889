import * as z from 'zod'
import { many, maybeOne, run, type OwnerTx, type Tx } from '../tx'

const Cents = z.union([z.string(), z.number()]).transform(Number)
const Counter = z.union([z.string(), z.number()]).transform(Number)

const Closed = z.object({
  id: z.string(),
  sequence: Counter,
  /** What was accepted, and how often its changes were answered: with the job they decide what its record says. */
  accepted: z.string(),
  stamp: z.string().nullable(),
  body: z.unknown(),
})
export type ClosedRow = z.infer<typeof Closed>

/** Jobs whose work is over, put away or not: the office closed them, or they were handed over. The last touched first. */
export function listClosed(tx: Tx, limit: number): Promise<ClosedRow[]> {
  return many(
    tx,
    Closed,
    `select j.id, j.sequence, r.stamp, r.body,
       coalesce(a.bid_id::text, '') || '/' || (
         select count(*) from app.change_order o left join app.order_answer w on w.company_id = o.company_id and w.order_id = o.id
         where o.company_id = j.company_id and o.job_id = j.id and (w.id is not null or o.withdrawn_at is not null)) as accepted
     from app.job j
     left join app.job_record r on r.company_id = j.company_id and r.job_id = j.id
     left join app.acceptance a on a.company_id = j.company_id and a.job_id = j.id and a.replaced_at is null
     where j.company_id = $1 and (
       exists (select from app.job_standing s where s.company_id = j.company_id and s.job_id = j.id and s.state = 'closed')
       or exists (select from app.job_entity h where h.company_id = j.company_id and h.job_id = j.id and h.kind = 'handover' and not h.removed))
     order by j.touched_at desc, j.id limit $2`,
    [tx.companyId, limit],
  )
}

/** Keeps what a job says to the next one. */
export async function saveRecord(tx: Tx, of: { jobId: string; stamp: string; body: unknown }): Promise<void> {
  await run(
    tx,
    `insert into app.job_record (company_id, job_id, stamp, body) values ($1, $2, $3, $4)
     on conflict (company_id, job_id) do update set stamp = excluded.stamp, body = excluded.body`,
    [tx.companyId, of.jobId, of.stamp, JSON.stringify(of.body)],
  )
}

const Lost = z.object({
  id: z.string(),
  title: z.string().nullable(),
  cents: Cents.nullable(),
  on: z.string(),
  why: z.string(),
})
export type LostRow = z.infer<typeof Lost>

/** Jobs whose owner said no since a day, with what was asked and why they were lost. */
export function listLost(tx: Tx, since: string): Promise<LostRow[]> {
  return many(
    tx,
    Lost,
    `select j.id, e.body ->> 'title' as title, s.on_day::text as on, s.why,
       (select b.total_cents from app.bid b where b.company_id = j.company_id and b.job_id = j.id order by b.number desc limit 1) as cents
     from app.job_standing s
     join app.job j on j.company_id = s.company_id and j.id = s.job_id
     join app.job_entity e on e.company_id = j.company_id and e.job_id = j.id and e.kind = 'job'
     where s.company_id = $1 and s.state = 'declined' and s.on_day >= $2::date
     order by s.on_day desc, j.id`,
    [tx.companyId, since],
  )
}

/** Jobs in which anybody wrote an invoice, a payment or a receipt. */
export async function listBooked(tx: Tx): Promise<string[]> {
  const rows = await many(
    tx,
    z.object({ job_id: z.string() }),
    `select distinct job_id from app.job_entity
     where company_id = $1 and kind in ('invoice', 'payment', 'receipt') and not removed order by job_id`,
    [tx.companyId],
  )
  return rows.map(({ job_id }) => job_id)
}

/** Freezes what is handed over. */
export async function insertHandover(
  tx: Tx,
  of: {
    id: string
    jobId: string
    bidId: string
    snapshot: string
    snapshotSha256: string
    pdf: Buffer
    pdfSha256: string
    sentBy: string
  },
): Promise<void> {
  await run(
    tx,
    `insert into app.handover (company_id, id, job_id, bid_id, snapshot, snapshot_sha256, pdf, pdf_sha256, sent_by)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
    [
      tx.companyId,
      of.id,
      of.jobId,
      of.bidId,
      of.snapshot,
      of.snapshotSha256,
      of.pdf,
      of.pdfSha256,
      of.sentBy,
    ],
  )
}

const Handed = z.object({ snapshot: z.string(), snapshot_sha256: z.string(), sent_at: z.date() })
export type HandedRow = z.infer<typeof Handed>

/** When a job's work was last handed over by letter; null: never. */
export async function findHandedAt(tx: Tx, jobId: string): Promise<Date | null> {
  const row = await maybeOne(
    tx,
    z.object({ sent_at: z.date() }),
    'select sent_at from app.handover where company_id = $1 and job_id = $2 order by sent_at desc limit 1',
    [tx.companyId, jobId],
  )
  return row?.sent_at ?? null
}

/** What was handed over last of the bid that the link in this transaction belongs to; null: nothing. */
export function findOwnHandover(tx: OwnerTx): Promise<HandedRow | null> {
  return maybeOne(
    tx,
    Handed,
    'select snapshot, snapshot_sha256, sent_at from app.handover order by sent_at desc limit 1',
    [],
  )
}

export function findOwnHandoverPdf(tx: OwnerTx): Promise<{ pdf: Buffer; pdf_sha256: string } | null> {
  return maybeOne(
    tx,
    z.object({ pdf: z.instanceof(Buffer), pdf_sha256: z.string() }),
    'select pdf, pdf_sha256 from app.handover order by sent_at desc limit 1',
    [],
  )
}
