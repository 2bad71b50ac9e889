import * as z from 'zod'
import { Sha256 } from '../../core/job'
import { many, maybeOne, one, run, type OwnerTx, type Tx } from '../tx'

const Cents = z.union([z.string(), z.number()]).transform(Number)

const SentBid = z.object({
  id: z.string(),
  number: z.number(),
  total_cents: Cents,
  sent_at: z.date(),
  superseded_at: z.date().nullable(),
  replaces_number: z.number().nullable(),
  accepted_by: z.string().nullable(),
  accepted_at: z.date().nullable(),
  replaced_at: z.date().nullable(),
  link_id: z.string().nullable(),
  expires_at: z.date().nullable(),
  revoked_at: z.date().nullable(),
  sealed: z.boolean(),
  /** Of the acceptance: what it comes to, and what of the bid it is. */
  accepted_cents: Cents.nullable(),
  choice: z.unknown(),
  seen_at: z.date().nullable(),
  seen_times: z.number().nullable(),
})
export type SentBid = z.infer<typeof SentBid>

/** Bids sent for a job, newest first, with the latest link, the acceptance, and whether each still is what was sent. */
export function listBids(tx: Tx, jobId: string): Promise<SentBid[]> {
  return many(
    tx,
    SentBid,
    `select b.id, b.number, b.total_cents, b.sent_at, b.superseded_at, r.number as replaces_number,
       a.name as accepted_by, a.accepted_at, a.replaced_at, a.total_cents as accepted_cents, a.choice,
       l.id as link_id, l.expires_at, l.revoked_at, v.first_at as seen_at, v.times as seen_times,
       encode(sha256(convert_to(b.snapshot, 'UTF8')), 'hex') = b.snapshot_sha256
         and encode(sha256(b.pdf), 'hex') = b.pdf_sha256 as sealed
     from app.bid b
     left join app.bid r on r.company_id = b.company_id and r.id = b.replaces_bid_id
     left join app.acceptance a on a.company_id = b.company_id and a.bid_id = b.id
     left join lateral (
       select id, expires_at, revoked_at from app.owner_link
       where company_id = b.company_id and bid_id = b.id and order_id is null order by created_at desc limit 1) l on true
     left join app.owner_view v on v.company_id = b.company_id and v.link_id = l.id
     where b.company_id = $1 and b.job_id = $2 order by b.number desc`,
    [tx.companyId, jobId],
  )
}

const AcceptedBid = z.object({
  id: z.string(),
  number: z.number(),
  total_cents: Cents,
  accepted_by: z.string(),
  accepted_at: z.date(),
})
export type AcceptedBid = z.infer<typeof AcceptedBid>

/** The bid of a job whose acceptance counts, or null. */
export function findAccepted(tx: Tx, jobId: string): Promise<AcceptedBid | null> {
  return maybeOne(
    tx,
    AcceptedBid,
    `select b.id, b.number, coalesce(a.total_cents, b.total_cents) as total_cents, a.name as accepted_by, a.accepted_at
     from app.acceptance a join app.bid b on b.company_id = a.company_id and b.id = a.bid_id
     where a.company_id = $1 and a.job_id = $2 and a.replaced_at is null`,
    [tx.companyId, jobId],
  )
}

/** The bid sent last for a job, or null. */
export function findLatestBid(tx: Tx, jobId: string): Promise<{ id: string; snapshot: string } | null> {
  return maybeOne(
    tx,
    z.object({ id: z.string(), snapshot: z.string() }),
    'select id, snapshot from app.bid where company_id = $1 and job_id = $2 order by number desc limit 1',
    [tx.companyId, jobId],
  )
}

/** The job a bid of this id was sent for, or null: sending twice is once. */
export function findBidJob(tx: Tx, bidId: string): Promise<{ job_id: string } | null> {
  return maybeOne(
    tx,
    z.object({ job_id: z.string() }),
    'select job_id from app.bid where company_id = $1 and id = $2',
    [tx.companyId, bidId],
  )
}

export async function nextBidNumber(tx: Tx, jobId: string): Promise<number> {
  const row = await one(
    tx,
    z.object({ next: z.number() }),
    'select coalesce(max(number), 0) + 1 as next from app.bid where company_id = $1 and job_id = $2',
    [tx.companyId, jobId],
  )
  return row.next
}

/** A newer bid takes the place of the open ones; one that was accepted stays until its owner accepts another. */
export async function supersedeBids(tx: Tx, jobId: string): Promise<void> {
  await run(
    tx,
    `update app.bid b set superseded_at = now()
     where b.company_id = $1 and b.job_id = $2 and b.superseded_at is null and not exists (
       select from app.acceptance a
       where a.company_id = b.company_id and a.bid_id = b.id and a.replaced_at is null)`,
    [tx.companyId, jobId],
  )
}

export async function insertBid(
  tx: Tx,
  of: {
    id: string
    jobId: string
    number: number
    snapshot: string
    snapshotSha256: string
    pdf: Buffer
    pdfSha256: string
    totalCents: number
    sentBy: string
    replaces: string | null
  },
): Promise<void> {
  await run(
    tx,
    `insert into app.bid (company_id, id, job_id, number, snapshot, snapshot_sha256, pdf, pdf_sha256, total_cents, sent_by, replaces_bid_id)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)`,
    [
      tx.companyId,
      of.id,
      of.jobId,
      of.number,
      of.snapshot,
      of.snapshotSha256,
      of.pdf,
      of.pdfSha256,
      of.totalCents,
      of.sentBy,
      of.replaces,
    ],
  )
}

/** Freezes the pictures of a bid as they leave, without a place in them; the bytes never come to the web process. */
export async function freezePictures(tx: Tx, bidId: string, hashes: readonly string[]): Promise<void> {
  await run(
    tx,
    `insert into app.bid_picture (company_id, bid_id, sha256, media_type, bytes, bytes_sha256)
     select company_id, $2, sha256, media_type, bytes, encode(sha256(bytes), 'hex')
     from app.blob where company_id = $1 and rendition = 'screen' and sha256 = any ($3)`,
    [tx.companyId, bidId, hashes],
  )
}

export async function insertLink(
  tx: Tx,
  of: { id: string; bidId: string; tokenHash: string; expiresAt: Date },
): Promise<void> {
  await run(
    tx,
    `insert into app.owner_link (company_id, id, bid_id, token_hash, expires_at) values ($1, $2, $3, $4, $5)`,
    [tx.companyId, of.id, of.bidId, of.tokenHash, of.expiresAt],
  )
}

/** Takes a link back; false when there is none of that id or it was taken back before. */
export async function revokeLink(tx: Tx, id: string): Promise<boolean> {
  const touched = await run(
    tx,
    'update app.owner_link set revoked_at = now() where company_id = $1 and id = $2 and revoked_at is null',
    [tx.companyId, id],
  )
  return touched === 1
}

const Pdf = z.object({ pdf: z.instanceof(Buffer), pdf_sha256: z.string() })

export function findPdf(tx: Tx, bidId: string): Promise<z.infer<typeof Pdf> | null> {
  return maybeOne(tx, Pdf, 'select pdf, pdf_sha256 from app.bid where company_id = $1 and id = $2', [
    tx.companyId,
    bidId,
  ])
}

const Snapshot = z.object({ snapshot: z.string(), snapshot_sha256: z.string(), number: z.number() })

/** What was frozen, as it was sent. */
export function findSnapshot(tx: Tx, bidId: string): Promise<z.infer<typeof Snapshot> | null> {
  return maybeOne(
    tx,
    Snapshot,
    'select snapshot, snapshot_sha256, number from app.bid where company_id = $1 and id = $2',
    [tx.companyId, bidId],
  )
}

const Mail = z.object({
  id: z.string(),
  job_id: z.string().nullable(),
  to_address: z.string(),
  subject: z.string(),
  body: z.string(),
  created_at: z.date(),
})
export type Mail = z.infer<typeof Mail>

export async function insertMail(
  tx: Tx,
  of: { id: string; jobId: string | null; bidId: string | null; to: string; subject: string; body: string },
): Promise<void> {
  await run(
    tx,
    `insert into app.mail (company_id, id, job_id, bid_id, to_address, subject, body)
     values ($1, $2, $3, $4, $5, $6, $7)`,
    [tx.companyId, of.id, of.jobId, of.bidId, of.to, of.subject, of.body],
  )
}

export function listMail(tx: Tx): Promise<Mail[]> {
  return many(
    tx,
    Mail,
    `select id, job_id, to_address, subject, body, created_at from app.mail
     where company_id = $1 order by created_at desc, id limit 100`,
    [tx.companyId],
  )
}

const OwnerLink = z.object({
  bid_id: z.string(),
  /** The change order it was sent with; null: the bid itself. */
  order_id: z.string().nullable(),
  company_id: z.string(),
  expires_at: z.date(),
  revoked_at: z.date().nullable(),
  expired: z.boolean(),
})

/** The link the token in this transaction belongs to, standing or not. */
export function findOwnLink(tx: OwnerTx): Promise<z.infer<typeof OwnerLink> | null> {
  return maybeOne(
    tx,
    OwnerLink,
    `select bid_id, order_id, company_id, expires_at, revoked_at, expires_at <= now() as expired
     from app.owner_link where token_hash = nullif(current_setting('app.owner_token_hash', true), '')`,
    [],
  )
}

const OwnBid = z.object({
  id: z.string(),
  job_id: z.string(),
  number: z.number(),
  snapshot: z.string(),
  snapshot_sha256: z.string(),
  superseded_at: z.date().nullable(),
})

/** The frozen bid of the link in this transaction. */
export function findOwnBid(tx: OwnerTx): Promise<z.infer<typeof OwnBid> | null> {
  return maybeOne(
    tx,
    OwnBid,
    'select id, job_id, number, snapshot, snapshot_sha256, superseded_at from app.bid',
    [],
  )
}

export function findOwnPdf(tx: OwnerTx): Promise<z.infer<typeof Pdf> | null> {
  return maybeOne(tx, Pdf, 'select pdf, pdf_sha256 from app.bid', [])
}

export async function findOwnPicture(
  tx: OwnerTx,
  sha256: string,
): Promise<{ media_type: string; bytes: Buffer; bytes_sha256: string } | null> {
  if (!Sha256.safeParse(sha256).success) return null
  return maybeOne(
    tx,
    z.object({ media_type: z.string(), bytes: z.instanceof(Buffer), bytes_sha256: z.string() }),
    'select media_type, bytes, bytes_sha256 from app.bid_picture where sha256 = $1',
    [sha256],
  )
}

const Acceptance = z.object({
  name: z.string(),
  role: z.string(),
  signature: z.unknown(),
  choice: z.unknown(),
  total_cents: Cents.nullable(),
  accepted_at: z.date(),
  replaced_at: z.date().nullable(),
})

export function findOwnAcceptance(tx: OwnerTx): Promise<z.infer<typeof Acceptance> | null> {
  return maybeOne(
    tx,
    Acceptance,
    'select name, role, signature, choice, total_cents, accepted_at, replaced_at from app.acceptance',
    [],
  )
}

const Outcome = z.object({ outcome: z.enum(['accepted', 'already', 'superseded', 'differs', 'no-link']) })

/**
 * Writes the acceptance through the database's own function: the app's role cannot write one. A second one for the same bid
 * changes nothing.
 */
export async function acceptOwn(
  tx: OwnerTx,
  of: {
    token: string
    id: string
    name: string
    role: string
    seenSha256: string
    choice: object
    ids: readonly string[]
    totalCents: number
    signature: unknown
    message: { id: string; to: string; subject: string; body: string }
  },
): Promise<z.infer<typeof Outcome>['outcome']> {
  const { message } = of
  const row = await one(
    tx,
    Outcome,
    'select app.accept_bid($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13) as outcome',
    [
      of.token,
      of.id,
      of.name,
      of.role,
      of.seenSha256,
      JSON.stringify(of.choice),
      JSON.stringify(of.ids),
      of.totalCents,
      of.signature === null ? null : JSON.stringify(of.signature),
      message.id,
      message.to,
      message.subject,
      message.body,
    ],
  )
  return row.outcome
}

/** Notes that the owner opened his link; only the token itself can. */
export async function noteOwnView(tx: OwnerTx, token: string): Promise<void> {
  await run(tx, 'select app.owner_saw($1)', [token])
}
