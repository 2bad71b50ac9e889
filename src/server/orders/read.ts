import 'server-only'
import { OwnerChoice } from '../../core/contract'
import type { Cents } from '../../core/measure'
import {
  addsOf,
  baselineOf,
  leavesOf,
  OrderModel,
  withinAgreed,
  type Baseline,
  type OrderFace,
} from '../../core/open'
import {
  findBaseline,
  findOrderPdf,
  listOrders,
  listRefusedOrders,
  type BaselineRow,
  type SentOrder,
} from '../../db/queries/orders'
import { withTx, type Tx } from '../../db/tx'
import { modelOf } from '../bids/ownerBid'
import { unbroken } from '../bids/seal'
import { context } from '../context'
import { todayIn } from '../days'
import { mustBeAllowed, type Member } from '../http'
import { Refused } from '../problem'

/** What of a bid an acceptance is of: one of an older program says nothing, and is of the whole. */
export function choiceIn(choice: unknown): OwnerChoice {
  return OwnerChoice.safeParse(choice).data ?? { left: [], taken: [], looks: [], declined: [] }
}

/** What was accepted, read from the frozen bid. @throws Refused `bid-tampered`. */
export function baselineIn(row: BaselineRow, timeZone: string): Baseline {
  return baselineOf(modelOf(unbroken(row.snapshot, row.snapshot_sha256)), {
    bid_id: row.bid_id,
    number: row.number,
    choice: choiceIn(row.choice),
    total_cents: row.total_cents as Cents,
    accepted_by: row.accepted_by,
    accepted_on: todayIn(timeZone, row.accepted_at),
  })
}

/** What was frozen of an order. @throws Refused `bid-tampered`. */
export function orderIn(row: Pick<SentOrder, 'snapshot' | 'snapshot_sha256'>): OrderModel {
  return OrderModel.parse(JSON.parse(unbroken(row.snapshot, row.snapshot_sha256)))
}

/** How an order stands. */
export function standingOf(row: Pick<SentOrder, 'says' | 'withdrawn_at'>): OrderFace['standing'] {
  return row.says ?? (row.withdrawn_at ? 'withdrawn' : 'waits')
}

/** Change orders of a job without their money: those that were put to the owner, and those that could not be. */
export async function facesOf(
  tx: Tx,
  jobId: string,
  baseline: Pick<Baseline, 'go_on' | 'bid_id'> | null,
): Promise<OrderFace[]> {
  const sent = await listOrders(tx, jobId)
  const refused = await listRefusedOrders(tx, jobId)
  const rows = sent.map((row) => ({ row, order: orderIn(row), face: { standing: standingOf(row) } }))
  const current = rows.filter(({ row }) => row.bid_id === baseline?.bid_id)
  const goingOn = baseline === null ? new Set<string>() : withinAgreed(current, baseline)
  return [
    ...rows.map(({ row, order, face }): OrderFace => ({
      id: row.id,
      number: row.number,
      bid_id: row.bid_id,
      standing: face.standing,
      said_by: row.said_by,
      said_at: row.said_at?.toISOString() ?? null,
      on_glass: row.taken_by !== null,
      sent_at: row.sent_at.toISOString(),
      seen_at: row.seen_at?.toISOString() ?? null,
      adds: addsOf(order),
      leaves: leavesOf(order),
      goes_on: goingOn.has(row.id),
      why: '',
    })),
    ...refused.map(({ order_id, why }): OrderFace => ({
      ...{ id: order_id, number: null, bid_id: '', standing: 'refused', said_by: null, said_at: null },
      ...{ on_glass: false, sent_at: null, seen_at: null, adds: [], leaves: [], goes_on: false, why },
    })),
  ]
}

export type JobOrders = { readonly baseline: Baseline | null; readonly faces: readonly OrderFace[] }

/** What was accepted of a job, and how its change orders stand. */
export async function ordersIn(tx: Tx, jobId: string, timeZone: string): Promise<JobOrders> {
  const row = await findBaseline(tx, jobId)
  const baseline = row ? baselineIn(row, timeZone) : null
  return { baseline, faces: await facesOf(tx, jobId, baseline) }
}

/** A change order on paper: the very bytes that were sealed with it. @throws Refused `not-found`, `bid-tampered`. */
export async function readOrderPdf(member: Member, orderId: string): Promise<Buffer> {
  mustBeAllowed(member, 'send-bids', 'Reading change orders')
  const { pool } = await context()
  const found = await withTx(pool, member.companyId, (tx) => findOrderPdf(tx, orderId))
  if (!found) throw new Refused({ kind: 'not-found', what: 'change order' })
  return unbroken(found.pdf, found.pdf_sha256)
}
