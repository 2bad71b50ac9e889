import * as z from 'zod'
import { Sha256 } from '../../core/job'
import { many, maybeOne, one, run, type OwnerTx, type Tx } from '../tx'

const Cents = z.union([z.string(), z.number()]).transform(Number)

const Baseline = z.object({
  bid_id: z.string(),
  number: z.number(),
  snapshot: z.string(),
  snapshot_sha256: z.string(),
  choice: z.unknown(),
  total_cents: Cents,
  accepted_by: z.string(),
  accepted_at: z.date(),
})
export type BaselineRow = z.infer<typeof Baseline>

/** The bid of a job whose acceptance counts, as it was frozen, and what of it was accepted; null: none is. */
export function findBaseline(tx: Tx, jobId: string): Promise<BaselineRow | null> {
  return maybeOne(
    tx,
    Baseline,
    `select b.id as bid_id, b.number, b.snapshot, b.snapshot_sha256, a.choice,
       coalesce(a.total_cents, b.total_cents) as total_cents, a.name as accepted_by, a.accepted_at
     from app.acceptance a join app.bid b on b.company_id = a.company_id and b.id = a.bid_id
     where a.company_id = $1 and a.job_id = $2 and a.replaced_at is null`,
    [tx.companyId, jobId],
  )
}

/** Whether anybody wrote a change order in a job at all. */
export async function hasOrders(tx: Tx, jobId: string): Promise<boolean> {
  const row = await one(
    tx,
    z.object({ found: z.boolean() }),
    `select exists (
       select from app.job_entity where company_id = $1 and job_id = $2 and kind = 'change_order') as found`,
    [tx.companyId, jobId],
  )
  return row.found
}

const Sent = z.object({
  id: z.string(),
  bid_id: z.string(),
  number: z.number(),
  snapshot: z.string(),
  snapshot_sha256: z.string(),
  total_cents: Cents,
  sent_at: z.date(),
  withdrawn_at: z.date().nullable(),
  says: z.enum(['yes', 'no']).nullable(),
  said_by: z.string().nullable(),
  said_at: z.date().nullable(),
  taken_by: z.string().nullable(),
  seen_at: z.date().nullable(),
})
export type SentOrder = z.infer<typeof Sent>

/** Change orders that were put to the owner of a job, in order, each with its answer. */
export function listOrders(tx: Tx, jobId: string): Promise<SentOrder[]> {
  return many(
    tx,
    Sent,
    `select o.id, o.bid_id, o.number, o.snapshot, o.snapshot_sha256, o.total_cents, o.sent_at, o.withdrawn_at,
       a.says, a.name as said_by, a.said_at, a.taken_by, v.seen_at
     from app.change_order o
     left join app.order_answer a on a.company_id = o.company_id and a.order_id = o.id
     left join lateral (
       select min(w.first_at) as seen_at from app.owner_link l
       join app.owner_view w on w.company_id = l.company_id and w.link_id = l.id
       where l.company_id = o.company_id and l.order_id = o.id) v on true
     where o.company_id = $1 and o.job_id = $2 order by o.sent_at, o.number`,
    [tx.companyId, jobId],
  )
}

const Refused = z.object({ order_id: z.string(), why: z.string() })

/** Those that could not be put to him, each with its reason. */
export function listRefusedOrders(tx: Tx, jobId: string): Promise<z.infer<typeof Refused>[]> {
  return many(
    tx,
    Refused,
    'select order_id, why from app.order_refused where company_id = $1 and job_id = $2',
    [tx.companyId, jobId],
  )
}

export async function refuseOrder(
  tx: Tx,
  of: { orderId: string; jobId: string; why: string },
): Promise<void> {
  await run(
    tx,
    `insert into app.order_refused (company_id, order_id, job_id, why) values ($1, $2, $3, $4) on conflict do nothing`,
    [tx.companyId, of.orderId, of.jobId, of.why],
  )
}

/** Freezes an order with its pictures. Its number is the next of its bid. */
export async function insertOrder(
  tx: Tx,
  of: {
    id: string
    jobId: string
    bidId: string
    number: number
    snapshot: string
    snapshotSha256: string
    pdf: Buffer
    pdfSha256: string
    totalCents: number
    sentBy: string
    hashes: readonly string[]
  },
): Promise<void> {
  await run(
    tx,
    `insert into app.change_order
       (company_id, id, job_id, bid_id, number, snapshot, snapshot_sha256, pdf, pdf_sha256, total_cents, sent_by)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)`,
    [
      tx.companyId,
      of.id,
      of.jobId,
      of.bidId,
      of.number,
      of.snapshot,
      of.snapshotSha256,
      of.pdf,
      of.pdfSha256,
      of.totalCents,
      of.sentBy,
    ],
  )
  await run(
    tx,
    `insert into app.order_picture (company_id, order_id, sha256, media_type, bytes, bytes_sha256)
     select company_id, $2, sha256, media_type, bytes, encode(sha256(bytes), 'hex')
     from app.blob where company_id = $1 and rendition = 'screen' and sha256 = any ($3)`,
    [tx.companyId, of.id, of.hashes],
  )
}

/** Withdraws an order nobody answered; false where it was answered, or withdrawn before. */
export async function withdrawOrder(tx: Tx, orderId: string): Promise<boolean> {
  const touched = await run(
    tx,
    `update app.change_order o set withdrawn_at = now()
     where o.company_id = $1 and o.id = $2 and o.withdrawn_at is null and not exists (
       select from app.order_answer a where a.company_id = o.company_id and a.order_id = o.id)`,
    [tx.companyId, orderId],
  )
  return touched === 1
}

export async function insertOrderLink(
  tx: Tx,
  of: { id: string; bidId: string; orderId: string; tokenHash: string; expiresAt: Date },
): Promise<void> {
  await run(
    tx,
    `insert into app.owner_link (company_id, id, bid_id, order_id, token_hash, expires_at) values ($1, $2, $3, $4, $5, $6)`,
    [tx.companyId, of.id, of.bidId, of.orderId, of.tokenHash, of.expiresAt],
  )
}

/** What the owner said on a phone of the firm's; false where the order was answered before. */
export async function insertGlassAnswer(
  tx: Tx,
  of: {
    orderId: string
    id: string
    says: 'yes' | 'no'
    name: string
    role: string
    snapshotSha256: string
    signature: unknown
    takenBy: string
    saidAt: string
  },
): Promise<boolean> {
  const touched = await run(
    tx,
    `insert into app.order_answer (company_id, order_id, id, says, name, role, snapshot_sha256, signature, taken_by, said_at)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, least($10::timestamptz, now())) on conflict do nothing`,
    [
      tx.companyId,
      of.orderId,
      of.id,
      of.says,
      of.name,
      of.role,
      of.snapshotSha256,
      JSON.stringify(of.signature),
      of.takenBy,
      of.saidAt,
    ],
  )
  return touched === 1
}

/** Who made an entity of a job; null where it came with a file. */
export async function findWriter(tx: Tx, jobId: string, entityId: string): Promise<string | null> {
  const row = await maybeOne(
    tx,
    z.object({ author: z.string() }),
    `select author from app.job_change
     where company_id = $1 and job_id = $2 and body ->> 'op' = 'create' and body -> 'entity' ->> 'id' = $3
     order by sequence limit 1`,
    [tx.companyId, jobId, entityId],
  )
  return row?.author ?? null
}

const Pdf = z.object({ pdf: z.instanceof(Buffer), pdf_sha256: z.string() })

/** The paper of an order as it was frozen. */
export function findOrderPdf(tx: Tx, orderId: string): Promise<z.infer<typeof Pdf> | null> {
  return maybeOne(tx, Pdf, 'select pdf, pdf_sha256 from app.change_order where company_id = $1 and id = $2', [
    tx.companyId,
    orderId,
  ])
}

const OwnOrder = Sent.omit({ seen_at: true, taken_by: true }).extend({ on_glass: z.boolean() })
export type OwnOrder = z.infer<typeof OwnOrder>

/** Change orders of the bid that the link in this transaction belongs to, in order. */
export function listOwnOrders(tx: OwnerTx): Promise<OwnOrder[]> {
  return many(
    tx,
    OwnOrder,
    `select o.id, o.bid_id, o.number, o.snapshot, o.snapshot_sha256, o.total_cents, o.sent_at, o.withdrawn_at,
       a.says, a.name as said_by, a.said_at, a.taken_by is not null as on_glass
     from app.change_order o
     left join app.order_answer a on a.company_id = o.company_id and a.order_id = o.id
     order by o.number`,
    [],
  )
}

export function findOwnOrderPdf(tx: OwnerTx, orderId: string): Promise<z.infer<typeof Pdf> | null> {
  return maybeOne(tx, Pdf, 'select pdf, pdf_sha256 from app.change_order where id = $1', [orderId])
}

export async function findOwnOrderPicture(
  tx: OwnerTx,
  of: { orderId: string; sha256: string },
): Promise<{ media_type: string; bytes: Buffer; bytes_sha256: string } | null> {
  if (!Sha256.safeParse(of.sha256).success) return null
  return maybeOne(
    tx,
    z.object({ media_type: z.string(), bytes: z.instanceof(Buffer), bytes_sha256: z.string() }),
    'select media_type, bytes, bytes_sha256 from app.order_picture where order_id = $1 and sha256 = $2',
    [of.orderId, of.sha256],
  )
}

const Outcome = z.object({
  outcome: z.enum(['answered', 'already', 'withdrawn', 'superseded', 'differs', 'no-link']),
})

/** Writes an answer through the database's own function: by a link only its owner can. */
export async function answerOwnOrder(
  tx: OwnerTx,
  of: {
    token: string
    orderId: string
    id: string
    says: 'yes' | 'no'
    name: string
    role: string
    seenSha256: string
    signature: unknown
    message: { id: string; to: string; subject: string; body: string }
  },
): Promise<z.infer<typeof Outcome>['outcome']> {
  const { message } = of
  const row = await one(
    tx,
    Outcome,
    'select app.answer_order($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12) as outcome',
    [
      of.token,
      of.orderId,
      of.id,
      of.says,
      of.name,
      of.role,
      of.seenSha256,
      of.signature === null ? null : JSON.stringify(of.signature),
      message.id,
      message.to,
      message.subject,
      message.body,
    ],
  )
  return row.outcome
}
