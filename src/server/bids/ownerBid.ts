import 'server-only'
import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { BidModel } from '../../core/bid'
import {
  findOwnAcceptance,
  findOwnBid,
  findOwnLink,
  findOwnPdf,
  findOwnPicture,
  insertAcceptance,
} from '../../db/queries/bids'
import { withOwnerLinkTx, type OwnerTx } from '../../db/tx'
import { context } from '../context'
import { Refused } from '../problem'
import { tokenHash } from './sendBid'

/** The frozen bid as its owner sees it, and where it stands. */
export type OwnerBid = {
  readonly model: BidModel
  readonly hash: string
  readonly superseded: boolean
  readonly accepted: { readonly by: string; readonly at: string } | null
}

async function openLink<T>(
  token: string,
  work: (tx: OwnerTx, link: { companyId: string }) => Promise<T>,
): Promise<T> {
  const { pool } = await context()
  return withOwnerLinkTx(pool, tokenHash(token), async (tx) => {
    const link = await findOwnLink(tx)
    if (!link) throw new Refused({ kind: 'wrong-link' })
    if (link.revoked_at) throw new Refused({ kind: 'link-revoked' })
    if (link.expired) throw new Refused({ kind: 'link-expired' })
    return work(tx, { companyId: link.company_id })
  })
}

async function read(tx: OwnerTx): Promise<OwnerBid & { id: string }> {
  const bid = await findOwnBid(tx)
  if (!bid) throw new Error('A standing owner link has no bid.')
  const acceptance = await findOwnAcceptance(tx)
  return {
    id: bid.id,
    model: BidModel.parse(JSON.parse(bid.snapshot)),
    hash: bid.snapshot_sha256,
    superseded: bid.superseded_at !== null,
    accepted: acceptance ? { by: acceptance.name, at: acceptance.accepted_at.toISOString() } : null,
  }
}

/** @throws Refused `wrong-link`, `link-expired`, `link-revoked`. */
export function readOwnerBid(token: string): Promise<OwnerBid> {
  return openLink(token, read)
}

export function readOwnerPdf(token: string): Promise<Buffer> {
  return openLink(token, async (tx) => {
    const found = await findOwnPdf(tx)
    if (!found) throw new Error('A standing owner link has no bid.')
    return found.pdf
  })
}

export function readOwnerPicture(
  token: string,
  sha256: string,
): Promise<{ media_type: string; bytes: Buffer }> {
  return openLink(token, async (tx) => {
    const found = await findOwnPicture(tx, sha256)
    if (!found) throw new Refused({ kind: 'not-found', what: 'picture' })
    return found
  })
}

export const AcceptRequest = z.strictObject({
  name: z.string().trim().min(2, 'Type your name to accept.').max(120),
  role: z.enum(['owns', 'pays', 'may-approve']),
  /** Hash of the bid that was on the screen: nobody accepts what he did not read. */
  hash: z.string().regex(/^[0-9a-f]{64}$/),
})

/**
 * Accepts the bid of a link. Accepting twice is one acceptance: the first name stays.
 *
 * @throws Refused `bid-superseded`, `bid-differs`, and those of `readOwnerBid`.
 */
export function acceptBid(token: string, request: z.infer<typeof AcceptRequest>): Promise<OwnerBid> {
  return openLink(token, async (tx, link) => {
    const bid = await read(tx)
    if (bid.accepted) return bid
    if (bid.superseded) throw new Refused({ kind: 'bid-superseded' })
    if (bid.hash !== request.hash) throw new Refused({ kind: 'bid-differs' })
    await insertAcceptance(tx, {
      companyId: link.companyId,
      bidId: bid.id,
      id: randomUUID(),
      name: request.name,
      role: request.role,
      itemIds: bid.model.items.map((item) => item.id),
      snapshotSha256: bid.hash,
    })
    return read(tx)
  })
}
