import 'server-only'
import canonicalize from 'canonicalize'
import { createHash, randomBytes, randomUUID } from 'node:crypto'
import { beforeSending, BidModel } from '../../core/bid'
import { derive } from '../../core/pipeline'
import { findBlob } from '../../db/queries/blobs'
import {
  findPdf,
  insertBid,
  insertLink,
  insertMail,
  insertPicture,
  listBids,
  listMail,
  nextBidNumber,
  revokeLink,
  supersedeBids,
  type Mail,
  type SentBid,
} from '../../db/queries/bids'
import { findJob } from '../../db/queries/jobs'
import { withTx } from '../../db/tx'
import { context } from '../context'
import type { Member } from '../http'
import { Refused } from '../problem'
import { sendsBids } from '../roles'
import { loadState } from '../jobs/store'

const sha256 = (bytes: Buffer | string): string => createHash('sha256').update(bytes).digest('hex')

/** Hash under which an owner's token is kept; the token itself is not. */
export function tokenHash(token: string): string {
  return sha256(token)
}

/** Prints a bid as PDF. Given by the route, so that no use case knows how a page looks. */
export type PrintPdf = (model: BidModel, pictures: ReadonlyMap<string, Buffer>) => Promise<Buffer>

function mayOnlySend(member: Member): void {
  if (!sendsBids(member.role)) throw new Refused({ kind: 'not-for-role', what: 'Sending bids' })
}

/** Today in a time zone. */
export function todayIn(timeZone: string, now: Date): string {
  try {
    return new Intl.DateTimeFormat('en-CA', { timeZone, dateStyle: 'short' }).format(now)
  } catch {
    // A zone nobody knows is a slip in a typed job file; the day in UTC is at most one off.
    return now.toISOString().slice(0, 10)
  }
}

/**
 * Freezes the bid as derived now, makes its PDF and the owner's link, and puts the message in the outbox.
 *
 * Older bids of the job are superseded: readable, no longer acceptable. @throws Refused `not-ready` with what is missing.
 */
export async function sendBid(
  member: Member,
  jobId: string,
  printPdf: PrintPdf,
): Promise<{ bidId: string; url: string }> {
  mayOnlySend(member)
  const { pool, baseUrl } = await context()
  const now = new Date()
  const { model, pictures, owner, validityDays } = await withTx(pool, member.companyId, async (tx) => {
    const { job } = await loadState(tx, jobId, { lock: false, without: [] })
    const derived = derive(job, todayIn(job.job.time_zone, now))
    const missing = beforeSending(derived)
    if (missing.length > 0) throw new Refused({ kind: 'not-ready', reasons: missing })
    const found = new Map<string, Buffer>()
    for (const photo of derived.bid.findings.flatMap((finding) => finding.photos)) {
      const blob = await findBlob(tx, photo.sha256, 'screen')
      if (blob) found.set(photo.sha256, blob.bytes)
    }
    const people = derived.job.people
    return {
      model: derived.bid,
      pictures: found,
      owner: people.find((person) => person.roles.includes('may-approve')) ?? people[0] ?? null,
      validityDays: job.settings.clauses.validity_days,
    }
  })
  const snapshot = canonicalize(BidModel.parse(model))
  if (snapshot === undefined) throw new Error('The bid could not be written as canonical JSON.')
  const pdf = await printPdf(model, pictures)
  const bidId = randomUUID()
  const token = randomBytes(32).toString('base64url')
  const url = `${baseUrl}/o/${token}`
  await withTx(pool, member.companyId, async (tx) => {
    await findJob(tx, jobId, { lock: true })
    const number = await nextBidNumber(tx, jobId)
    await supersedeBids(tx, jobId)
    await insertBid(tx, {
      id: bidId,
      jobId,
      number,
      snapshot,
      snapshotSha256: sha256(snapshot),
      pdf,
      pdfSha256: sha256(pdf),
      totalCents: model.total_cents,
      sentBy: member.userId,
    })
    for (const [hash, bytes] of pictures) {
      await insertPicture(tx, { bidId, sha256: hash, mediaType: 'image/jpeg', bytes })
    }
    await insertLink(tx, {
      id: randomUUID(),
      bidId,
      tokenHash: tokenHash(token),
      expiresAt: new Date(now.getTime() + validityDays * 86_400_000),
    })
    await insertMail(tx, {
      id: randomUUID(),
      jobId,
      bidId,
      to: owner?.email || 'no address noted',
      subject: `Bid ${number} for ${model.title}`,
      body: `Hello${owner?.name ? ` ${owner.name}` : ''},\n\nyour bid from ${model.firm.name} is ready. Read it, and accept it if you wish, here:\n\n${url}\n\nIt stands until ${model.valid_until}.`,
    })
  })
  return { bidId, url }
}

export async function readBids(member: Member, jobId: string): Promise<SentBid[]> {
  mayOnlySend(member)
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
    return listBids(tx, jobId)
  })
}

export async function readBidPdf(member: Member, bidId: string): Promise<Buffer> {
  mayOnlySend(member)
  const { pool } = await context()
  const found = await withTx(pool, member.companyId, (tx) => findPdf(tx, bidId))
  if (!found) throw new Refused({ kind: 'not-found', what: 'bid' })
  return found.pdf
}

export async function takeLinkBack(member: Member, linkId: string): Promise<void> {
  mayOnlySend(member)
  const { pool } = await context()
  const done = await withTx(pool, member.companyId, (tx) => revokeLink(tx, linkId))
  if (!done) throw new Refused({ kind: 'not-found', what: 'open link' })
}

export async function readOutbox(member: Member): Promise<Mail[]> {
  mayOnlySend(member)
  const { pool } = await context()
  return withTx(pool, member.companyId, listMail)
}
