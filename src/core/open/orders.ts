import * as z from 'zod'
import type { ChangeOrder, JobDocument } from '../job'
import { Id, ShortWords } from '../job/values'
import type { Cents } from '../measure'
import type { Baseline } from './baseline'

/** How a change order stands. `waits`: it is not with the server yet, or nobody answered. */
export const ORDER_STANDINGS = ['waits', 'yes', 'no', 'withdrawn', 'refused'] as const

/** What the server knows of a change order. No money: a crew reads it too. */
export const OrderFace = z.object({
  id: Id,
  /** Counted by bid, from one; null: it could not be put to the owner. */
  number: z.int().nullable(),
  bid_id: z.string(),
  standing: z.enum(ORDER_STANDINGS),
  /** Who said yes or no, and when. */
  said_by: ShortWords.nullable(),
  said_at: z.iso.datetime().nullable(),
  /** He said it in front of somebody of the firm. */
  on_glass: z.boolean(),
  sent_at: z.iso.datetime().nullable(),
  /** When it was first opened by its link. */
  seen_at: z.iso.datetime().nullable(),
  /** Work that it adds, and work that it takes off. */
  adds: z.array(Id),
  leaves: z.array(Id),
  /** The crew goes on with it though nobody answered: its sum is within what was agreed. */
  goes_on: z.boolean(),
  /** Why it could not be put to the owner; empty where it was. */
  why: z.string(),
})
export type OrderFace = z.infer<typeof OrderFace>

/** Of a change order, what decides whether a crew goes on with it. */
type Asked = Pick<ChangeOrder, 'id' | 'lines' | 'total_cents'>

/** A change order with its money, and how it stands. */
export type Order = { readonly order: ChangeOrder; readonly face: OrderFace }

/** Work that an order adds. */
export const addsOf = (order: Pick<ChangeOrder, 'lines'>): string[] =>
  order.lines.filter(({ kind }) => kind === 'found' || kind === 'added').map(({ item_id }) => item_id)
/** Work that it takes off. */
export const leavesOf = (order: Pick<ChangeOrder, 'lines'>): string[] =>
  order.lines.filter(({ kind }) => kind === 'left-out').map(({ item_id }) => item_id)

/** How one stands that this device made, until the server says more: an answer given here counts at once. */
function faceHere(order: ChangeOrder, job: JobDocument): OrderFace {
  const answer = job.order_answers.find((each) => each.order_id === order.id && !each.removed)
  return {
    id: order.id,
    number: null,
    bid_id: order.bid_id,
    standing: order.removed && !answer ? 'withdrawn' : (answer?.says ?? 'waits'),
    said_by: answer?.name ?? null,
    said_at: answer?.said_at ?? null,
    on_glass: answer !== undefined,
    sent_at: null,
    seen_at: null,
    adds: addsOf(order),
    leaves: leavesOf(order),
    goes_on: false,
    why: '',
  }
}

/** Change orders of one baseline as this device knows them, in the order they were made; of a job that is raised, not of the live one. */
export function ordersOf(
  job: JobDocument,
  faces: readonly OrderFace[],
  baseline: Baseline | null,
): readonly Order[] {
  if (baseline === null) return []
  const mine = job.change_orders
    .filter(({ bid_id }) => bid_id === baseline.bid_id)
    .toSorted((a, b) => a.made_at.localeCompare(b.made_at))
  const all = mine.map((order): Order => {
    const face = faces.find(({ id }) => id === order.id)
    const here = faceHere(order, job)
    // What was said here since the server was last heard is not said against by its silence.
    const known = face && (face.standing !== 'waits' || here.standing === 'waits')
    return {
      order,
      face: known ? face : { ...here, number: face?.number ?? null, sent_at: face?.sent_at ?? null },
    }
  })
  const goingOn = withinAgreed(all, baseline)
  return all.map(({ order, face }) => ({ order, face: { ...face, goes_on: goingOn.has(order.id) } }))
}

/**
 * Orders nobody answered with which the crew goes on: in the order they were made, as long as all of them together stay within the sum
 * that was agreed. Only finds at agreed prices count: work of another kind always waits for its yes.
 */
export function withinAgreed(
  orders: readonly { readonly order: Asked; readonly face: Pick<OrderFace, 'standing'> }[],
  baseline: Pick<Baseline, 'go_on'>,
): ReadonlySet<string> {
  const most = baseline.go_on?.most_cents ?? 0
  const within = new Set<string>()
  let sum = 0
  for (const { order, face } of orders) {
    if (face.standing !== 'waits') continue
    const atAgreed = order.lines.every(({ kind }) => kind === 'found' || kind === 'taped')
    if (!atAgreed || sum + order.total_cents > most) continue
    sum += Math.max(0, order.total_cents)
    within.add(order.id)
  }
  return within
}

export type RunningTotal = {
  readonly baseline_cents: Cents
  /** Of change orders with a yes. */
  readonly agreed_cents: Cents
  /** Of those that wait, and of these what the crew goes on with. */
  readonly waiting_cents: Cents
  readonly going_on_cents: Cents
  /** Baseline and what was agreed since. */
  readonly total_cents: Cents
  /** What is left of the sum up to which a crew goes on. */
  readonly left_cents: Cents
}

/** What is agreed by now, and what is asked beyond it: the same for the owner and for the firm. */
export function runningTotal(baseline: Baseline, orders: readonly Order[]): RunningTotal {
  const sum = (which: (face: OrderFace) => boolean): Cents =>
    orders.reduce((all, { order, face }) => all + (which(face) ? order.total_cents : 0), 0) as Cents
  const agreed_cents = sum(({ standing }) => standing === 'yes')
  const going_on_cents = sum(({ standing, goes_on }) => standing === 'waits' && goes_on)
  return {
    baseline_cents: baseline.total_cents,
    agreed_cents,
    waiting_cents: sum(({ standing }) => standing === 'waits'),
    going_on_cents,
    total_cents: (baseline.total_cents + agreed_cents) as Cents,
    left_cents: Math.max(0, (baseline.go_on?.most_cents ?? 0) - going_on_cents) as Cents,
  }
}

/** Whether an order speaks for its items: it waits or was agreed to; or the owner said no, until that is set aside to ask anew. */
const speaks = ({ order, face }: Order): boolean =>
  face.standing === 'waits' || face.standing === 'yes' || (face.standing === 'no' && !order.removed)

/** Items that were asked for already: they are in no further order. */
export function askedFor(orders: readonly Order[]): ReadonlySet<string> {
  return new Set(orders.filter(speaks).flatMap(({ face }) => face.adds))
}

/** Items whose leaving out was asked for already. */
export function askedToLeave(orders: readonly Order[]): ReadonlySet<string> {
  return new Set(orders.filter(speaks).flatMap(({ face }) => face.leaves))
}

type Accepted = {
  readonly items: readonly string[]
  readonly left: readonly string[]
  readonly taken: readonly string[]
}

/** What an owner accepted, with what he said yes to since, and with what the crew goes on without a word. */
export function withOrders<A extends Accepted>(
  accepted: A,
  faces: readonly Pick<OrderFace, 'standing' | 'goes_on' | 'adds' | 'leaves'>[],
): A {
  const done = faces.filter(
    ({ standing, goes_on }) => standing === 'yes' || (standing === 'waits' && goes_on),
  )
  const added = done.flatMap(({ adds }) => adds)
  const left = done.flatMap(({ leaves }) => leaves)
  if (added.length + left.length === 0) return accepted
  return {
    ...accepted,
    items: [...accepted.items, ...added],
    left: [...accepted.left.filter((id) => !added.includes(id)), ...left],
  }
}
