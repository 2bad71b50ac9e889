import 'server-only'
import { randomUUID } from 'node:crypto'
import { type z } from 'zod'
import type { OrderAnswerRequest } from '../../core/contract'
import { formatCents, type Cents } from '../../core/measure'
import type { OrderFace, OrderModel } from '../../core/open'
import { noteOwnView } from '../../db/queries/bids'
import {
  answerOwnOrder,
  findOwnOrderPdf,
  findOwnOrderPicture,
  listOwnOrders,
  type OwnOrder,
} from '../../db/queries/orders'
import type { OwnerTx } from '../../db/tx'
import { openLink } from '../bids/ownerBid'
import { unbroken } from '../bids/seal'
import { Refused } from '../problem'
import { orderIn, standingOf } from './read'

/** A change order as its owner sees it, and where it stands. */
export type OwnerOrder = {
  readonly model: OrderModel
  readonly hash: string
  readonly standing: OrderFace['standing']
  readonly answered: { readonly by: string; readonly at: string; readonly onGlass: boolean } | null
}

export type OwnerOrders = {
  /** The one the link was sent with; null: the link is of the bid. */
  readonly order: OwnerOrder | null
  /** All changes of the bid, in order. */
  readonly all: readonly OwnerOrder[]
  readonly agreed_cents: Cents | null
}

const read = (row: OwnOrder): OwnerOrder => ({
  model: orderIn(row),
  hash: row.snapshot_sha256,
  standing: standingOf(row),
  answered:
    row.said_by === null || row.said_at === null
      ? null
      : { by: row.said_by, at: row.said_at.toISOString(), onGlass: row.on_glass },
})

/** What is agreed by now: the bid and every change with a yes. */
function agreedOf(all: readonly OwnerOrder[]): Cents | null {
  const first = all[0]
  if (!first) return null
  const changes = all.reduce(
    (sum, { standing, model }) => sum + (standing === 'yes' ? model.total_cents : 0),
    0,
  )
  return (first.model.agreed.bid_cents + changes) as Cents
}

async function readAll(tx: OwnerTx, orderId: string | null): Promise<OwnerOrders> {
  const all = (await listOwnOrders(tx)).map(read)
  const order = orderId === null ? null : all.find(({ model }) => model.id === orderId)
  if (order === undefined) throw new Refused({ kind: 'wrong-link' })
  return { order, all, agreed_cents: agreedOf(all) }
}

/** The change order of a link, and the others of its bid. @throws Refused as `readOwnerBid`. */
export function readOwnerOrders(token: string): Promise<OwnerOrders> {
  return openLink(token, async (tx, link) => {
    const orders = await readAll(tx, link.order_id)
    if (orders.order) await noteOwnView(tx, token)
    return orders
  })
}

const SIGNS_AS = {
  owns: 'owner of the house',
  pays: 'the one who pays',
  'may-approve': 'agent who may approve',
}

/**
 * Takes the owner's yes or no. Answering twice is one answer: the first stays, whoever gave it and wherever.
 *
 * @throws Refused `order-withdrawn`, `bid-superseded`, `bid-differs`, and those of `readOwnerBid`.
 */
export function answerOrder(token: string, said: z.infer<typeof OrderAnswerRequest>): Promise<OwnerOrder> {
  return openLink(token, async (tx) => {
    const all = (await listOwnOrders(tx)).map(read)
    const found = all.find(({ model }) => model.id === said.order_id)
    if (!found) throw new Refused({ kind: 'wrong-link' })
    if (found.answered) return found
    const { model } = found
    const outcome = await answerOwnOrder(tx, {
      token,
      orderId: model.id,
      id: randomUUID(),
      says: said.says,
      name: said.name,
      role: said.role,
      seenSha256: said.hash,
      signature: said.signature ?? null,
      message: {
        id: randomUUID(),
        to: `${model.firm.name}, office`,
        subject: `${said.says === 'yes' ? 'Yes' : 'No'} to change order ${model.number} for ${model.title}, ${formatCents(model.total_cents)}`,
        body: `${said.name} (${SIGNS_AS[said.role]}) said ${said.says} to change order ${model.number} for ${model.title}${
          model.address ? `, ${model.address}` : ''
        }, ${formatCents(model.total_cents)}.`,
      },
    })
    switch (outcome) {
      case 'answered':
      case 'already':
        return read((await listOwnOrders(tx)).find(({ id }) => id === model.id)!)
      case 'withdrawn':
        throw new Refused({ kind: 'order-withdrawn' })
      case 'superseded':
        throw new Refused({ kind: 'bid-superseded' })
      case 'differs':
        throw new Refused({ kind: 'bid-differs' })
      case 'no-link':
        throw new Refused({ kind: 'wrong-link' })
    }
  })
}

/** An order on paper: the very bytes that were sealed with it. */
export function readOwnerOrderPdf(token: string, orderId: string): Promise<Buffer> {
  return openLink(token, async (tx) => {
    const found = await findOwnOrderPdf(tx, orderId)
    if (!found) throw new Refused({ kind: 'not-found', what: 'change order' })
    return unbroken(found.pdf, found.pdf_sha256)
  })
}

export function readOwnerOrderPicture(
  token: string,
  of: { orderId: string; sha256: string },
): Promise<{ media_type: string; bytes: Buffer }> {
  return openLink(token, async (tx) => {
    const found = await findOwnOrderPicture(tx, of)
    if (!found) throw new Refused({ kind: 'not-found', what: 'picture' })
    return { media_type: found.media_type, bytes: unbroken(found.bytes, found.bytes_sha256) }
  })
}
