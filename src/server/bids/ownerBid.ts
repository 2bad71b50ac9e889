import { type AcceptRequest } from '../../core/contract'
import 'server-only'
import { randomUUID } from 'node:crypto'
import { type z } from 'zod'
import { readBid, type BidModel } from '../../core/bid'
import { formatCents } from '../../core/measure'
import {
  acceptOwn,
  findOwnAcceptance,
  findOwnBid,
  findOwnLink,
  findOwnPdf,
  findOwnPicture,
  noteOwnView,
} from '../../db/queries/bids'
import { withOwnerLinkTx, type OwnerTx } from '../../db/tx'
import { context } from '../context'
import { Refused } from '../problem'
import { tokenHash, unbroken } from './seal'

/** The frozen bid as its owner sees it, and where it stands. */
export type OwnerBid = {
  readonly model: BidModel
  readonly hash: string
  readonly number: number
  readonly superseded: boolean
  readonly accepted: { readonly by: string; readonly at: string; readonly replaced: boolean } | null
}

async function openLink<T>(token: string, work: (tx: OwnerTx) => Promise<T>): Promise<T> {
  const { pool } = await context()
  return withOwnerLinkTx(pool, tokenHash(token), async (tx) => {
    const link = await findOwnLink(tx)
    if (!link) throw new Refused({ kind: 'wrong-link' })
    if (link.revoked_at) throw new Refused({ kind: 'link-revoked' })
    if (link.expired) throw new Refused({ kind: 'link-expired' })
    return work(tx)
  })
}

/** What was frozen, whichever program wrote it. */
function modelOf(snapshot: string): BidModel {
  const bid = readBid(JSON.parse(snapshot))
  if (!bid.ok) throw new Error(`a frozen bid cannot be read: ${JSON.stringify(bid.error)}`)
  return bid.value
}

async function read(tx: OwnerTx): Promise<OwnerBid & { id: string }> {
  const bid = await findOwnBid(tx)
  if (!bid) throw new Error('A standing owner link has no bid.')
  const acceptance = await findOwnAcceptance(tx)
  return {
    id: bid.id,
    model: modelOf(unbroken(bid.snapshot, bid.snapshot_sha256)),
    hash: bid.snapshot_sha256,
    number: bid.number,
    superseded: bid.superseded_at !== null,
    accepted: acceptance
      ? {
          by: acceptance.name,
          at: acceptance.accepted_at.toISOString(),
          replaced: acceptance.replaced_at !== null,
        }
      : null,
  }
}

/** @throws Refused `wrong-link`, `link-expired`, `link-revoked`, `bid-tampered`. */
export function readOwnerBid(token: string): Promise<OwnerBid> {
  return openLink(token, async (tx) => {
    const bid = await read(tx)
    // The firm sees that it was opened, and when first.
    await noteOwnView(tx, token)
    return bid
  })
}

export function readOwnerPdf(token: string): Promise<Buffer> {
  return openLink(token, async (tx) => {
    const found = await findOwnPdf(tx)
    if (!found) throw new Error('A standing owner link has no bid.')
    return unbroken(found.pdf, found.pdf_sha256)
  })
}

export function readOwnerPicture(
  token: string,
  sha256: string,
): Promise<{ media_type: string; bytes: Buffer }> {
  return openLink(token, async (tx) => {
    const found = await findOwnPicture(tx, sha256)
    if (!found) throw new Refused({ kind: 'not-found', what: 'picture' })
    return { media_type: found.media_type, bytes: unbroken(found.bytes, found.bytes_sha256) }
  })
}

const SIGNS_AS = {
  owns: 'owner of the house',
  pays: 'the one who pays',
  'may-approve': 'agent who may approve',
}

/**
 * Accepts the bid of a link, and tells the firm. Accepting twice is one acceptance: the first name stays. A bid that replaces an
 * accepted one becomes the accepted one with it.
 *
 * @throws Refused `bid-superseded`, `bid-differs`, and those of `readOwnerBid`.
 */
export function acceptBid(token: string, request: z.infer<typeof AcceptRequest>): Promise<OwnerBid> {
  return openLink(token, async (tx) => {
    const bid = await read(tx)
    if (bid.accepted) return bid
    const { model } = bid
    const outcome = await acceptOwn(tx, {
      token,
      id: randomUUID(),
      name: request.name,
      role: request.role,
      seenSha256: request.hash,
      message: {
        id: randomUUID(),
        to: `${model.firm.name}, office`,
        subject: `Accepted: bid ${bid.number} for ${model.title}, ${formatCents(model.total_cents)}`,
        body: `${request.name} (${SIGNS_AS[request.role]}) accepted bid ${bid.number} for ${model.title}${
          model.address ? `, ${model.address}` : ''
        }, ${formatCents(model.total_cents)}.${
          model.replaces ? `\n\nIt takes the place of bid ${model.replaces.number}.` : ''
        }`,
      },
    })
    switch (outcome) {
      case 'accepted':
      case 'already':
        return read(tx)
      case 'superseded':
        throw new Refused({ kind: 'bid-superseded' })
      case 'differs':
        throw new Refused({ kind: 'bid-differs' })
      case 'no-link':
        throw new Refused({ kind: 'wrong-link' })
    }
  })
}
