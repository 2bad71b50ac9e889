import 'server-only'
import { OwnerChoice, type SentBidAnswer } from '../../core/contract'
import { findPdf, findSnapshot, listBids, listMail, revokeLink, type Mail } from '../../db/queries/bids'
import { findJob } from '../../db/queries/jobs'
import { withTx } from '../../db/tx'
import { context } from '../context'
import { mustBeAllowed, type Member } from '../http'
import { Refused } from '../problem'
import { unbroken } from './seal'

/** Whether something was left out or taken besides. */
function isPart(choice: unknown): boolean {
  const read = OwnerChoice.safeParse(choice)
  if (!read.success) return false
  return read.data.left.length + read.data.taken.length + read.data.looks.length > 0
}

const WHAT = 'Sending bids'
const moment = (date: Date | null): string | null => date?.toISOString() ?? null

/** Bids sent for a job, newest first; each says whether it still is what was sent. */
export async function readBids(member: Member, jobId: string): Promise<SentBidAnswer[]> {
  mustBeAllowed(member, 'send-bids', WHAT)
  const { pool } = await context()
  const bids = await withTx(pool, member.companyId, async (tx) => {
    if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
    return listBids(tx, jobId)
  })
  return bids.map(({ choice, ...bid }) => ({
    ...bid,
    in_part: isPart(choice),
    seen_at: moment(bid.seen_at),
    sent_at: bid.sent_at.toISOString(),
    superseded_at: moment(bid.superseded_at),
    accepted_at: moment(bid.accepted_at),
    replaced_at: moment(bid.replaced_at),
    expires_at: moment(bid.expires_at),
    revoked_at: moment(bid.revoked_at),
  }))
}

/** @throws Refused `not-found`, `bid-tampered`. */
export async function readBidPdf(member: Member, bidId: string): Promise<Buffer> {
  mustBeAllowed(member, 'send-bids', WHAT)
  const { pool } = await context()
  const found = await withTx(pool, member.companyId, (tx) => findPdf(tx, bidId))
  if (!found) throw new Refused({ kind: 'not-found', what: 'bid' })
  return unbroken(found.pdf, found.pdf_sha256)
}

/** A sent bid as it was frozen: canonical JSON under its seal. @throws Refused `not-found`, `bid-tampered`. */
export async function readBidFile(member: Member, bidId: string): Promise<string> {
  mustBeAllowed(member, 'send-bids', WHAT)
  const { pool } = await context()
  const found = await withTx(pool, member.companyId, (tx) => findSnapshot(tx, bidId))
  if (!found) throw new Refused({ kind: 'not-found', what: 'bid' })
  return unbroken(found.snapshot, found.snapshot_sha256)
}

export async function takeLinkBack(member: Member, linkId: string): Promise<void> {
  mustBeAllowed(member, 'send-bids', WHAT)
  const { pool } = await context()
  const done = await withTx(pool, member.companyId, (tx) => revokeLink(tx, linkId))
  if (!done) throw new Refused({ kind: 'not-found', what: 'open link' })
}

export async function readOutbox(member: Member): Promise<Mail[]> {
  mustBeAllowed(member, 'send-bids', WHAT)
  const { pool } = await context()
  return withTx(pool, member.companyId, listMail)
}
