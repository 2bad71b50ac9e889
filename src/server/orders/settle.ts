import 'server-only'
import canonicalize from 'canonicalize'
import { randomBytes, randomUUID } from 'node:crypto'
import type { ChangeOrder, JobDocument, OrderAnswer, Person } from '../../core/job'
import { formatCents } from '../../core/measure'
import { addsOf, leavesOf, modelOfOrder, orderPaper, type Baseline, type OrderModel } from '../../core/open'
import { insertMail } from '../../db/queries/bids'
import { findJob } from '../../db/queries/jobs'
import {
  findBaseline,
  findWriter,
  hasOrders,
  insertGlassAnswer,
  insertOrder,
  insertOrderLink,
  listOrders,
  listRefusedOrders,
  refuseOrder,
  withdrawOrder,
  type SentOrder,
} from '../../db/queries/orders'
import { withTx, type Tx } from '../../db/tx'
import { sha256, tokenHash } from '../bids/seal'
import { context } from '../context'
import { todayIn } from '../days'
import { may } from '../../core/firm'
import type { Member } from '../http'
import { loadState } from '../jobs/store'
import { log } from '../log'
import { printedPictures } from '../photos/printed'
import { inThread } from '../threads'
import { baselineIn, orderIn, standingOf } from './read'

/** An order's link stands so long. */
const LINK_DAYS = 60
const DAY_MS = 86_400_000
/** Pictures come after the edits; an order waits for them so long, and then leaves without those that never came. */
const PICTURES_WAIT_MS = 15 * 60_000

export type PrintOrder = (model: OrderModel, pictures: ReadonlyMap<string, Uint8Array>) => Promise<Uint8Array>
const printInThread: PrintOrder = (model, pictures) =>
  inThread('printPaper', { paper: orderPaper(model), pictures })

type Seen = {
  readonly job: JobDocument
  readonly baseline: Baseline | null
  readonly sent: readonly SentOrder[]
  readonly refused: ReadonlySet<string>
}

async function look(tx: Tx, jobId: string): Promise<Seen> {
  const { job } = await loadState(tx, jobId, { lock: false, without: [], facts: [] })
  const row = await findBaseline(tx, jobId)
  return {
    job,
    baseline: row ? baselineIn(row, job.job.time_zone) : null,
    sent: await listOrders(tx, jobId),
    refused: new Set((await listRefusedOrders(tx, jobId)).map(({ order_id }) => order_id)),
  }
}

/** What an order asks for: to do something, or not to do it. What was agreed to be done may be left out later. */
const asksOf = (of: Pick<ChangeOrder, 'lines'>): string[] => [
  ...addsOf(of).map((id) => `do ${id}`),
  ...leavesOf(of).map((id) => `leave ${id}`),
]

/** What was found where: two phones that open one board write two pieces of work of the same damage. */
function foundWhere(of: Pick<ChangeOrder, 'lines'>, job: JobDocument): string[] {
  const ids = new Set(addsOf(of))
  return job.opened_places.flatMap(({ finding_id, found }) =>
    found.filter(({ item_id }) => ids.has(item_id)).map(({ find }) => `${finding_id}/${find}`),
  )
}

/**
 * Orders of the same bid that ask for work of this one and still stand; also those for the same find at the same place, where whoever
 * made this one could not know of them yet. Whoever asks again after that means more of it.
 */
function inTheWay(order: ChangeOrder, { job, sent }: Seen): SentOrder[] {
  const mine = new Set(asksOf(order))
  const places = new Set(foundWhere(order, job))
  return sent.filter((row) => {
    const stands = standingOf(row) === 'waits' || standingOf(row) === 'yes'
    if (row.bid_id !== order.bid_id || !stands) return false
    const theirs = orderIn(row)
    const unknown = order.made_at < row.sent_at.toISOString()
    return (
      asksOf(theirs).some((each) => mine.has(each)) ||
      (unknown && foundWhere(theirs, job).some((place) => places.has(place)))
    )
  })
}

const answerTo = (order: ChangeOrder, job: JobDocument): OrderAnswer | undefined =>
  job.order_answers.find((each) => each.order_id === order.id && !each.removed)

/** Why an order cannot be put to the owner; empty: it can. */
function whyNot(order: ChangeOrder, seen: Seen): string {
  if (seen.baseline?.bid_id !== order.bid_id) {
    return 'The bid it changes is not the accepted one any more. Look at what is accepted now, and ask anew.'
  }
  const lines = order.lines.reduce((sum, { cents }) => sum + cents, 0)
  if (lines + order.tax_cents !== order.total_cents) return 'Its sum is not that of its lines. Ask anew.'
  const answer = answerTo(order, seen.job)
  const others = inTheWay(order, seen)
  const stays = others.filter((row) => standingOf(row) === 'yes' || answer?.says !== 'yes')
  if (stays.length === 0) return ''
  const { number } = stays[0]!
  return `Some of it was asked already, in change order ${number}, perhaps on another phone. Ask for what is left.`
}

function modelFor(
  order: ChangeOrder,
  of: { seen: Seen; number: number; pictures: OrderModel['pictures'] },
): OrderModel {
  const { job, sent } = of.seen
  const baseline = of.seen.baseline!
  const mine = sent.filter(({ bid_id }) => bid_id === baseline.bid_id)
  return modelOfOrder({
    ...{ order, baseline, job, number: of.number, pictures: of.pictures },
    others: mine.map((row) => ({ order: orderIn(row), face: { standing: standingOf(row) } })),
    made_on: todayIn(job.job.time_zone, new Date(order.made_at)),
  })
}

/** Who answers for the owner. */
export const approver = ({ people }: JobDocument): Person | null => {
  const here = people.filter(({ removed }) => !removed)
  return here.find(({ roles }) => roles.includes('may-approve')) ?? here[0] ?? null
}

/** Puts one order to the owner: frozen, with a link and a message. */
async function put(member: Member, order: ChangeOrder, seen: Seen, print: PrintOrder): Promise<void> {
  const { pool, baseUrl } = await context()
  const { job } = seen
  const photos = order.photo_ids.flatMap(
    (id) => job.photos.find((photo) => photo.id === id && !photo.removed) ?? [],
  )
  const pictures = await printedPictures(
    member,
    photos.map(({ sha256: hash }) => hash),
  )
  const isLate = Date.now() - Date.parse(order.made_at) > PICTURES_WAIT_MS
  if (pictures.size < new Set(photos.map(({ sha256: hash }) => hash)).size && !isLate) return
  const shown = photos
    .filter(({ sha256: hash }) => pictures.has(hash))
    .map(({ sha256: hash, caption }) => ({ sha256: hash, caption }))
  const number = 1 + seen.sent.filter(({ bid_id }) => bid_id === order.bid_id).length
  const model = modelFor(order, { seen, number, pictures: shown })
  const snapshot = canonicalize(model)
  if (snapshot === undefined) throw new Error('The change order could not be written as canonical JSON.')
  const pdf = Buffer.from(await print(model, pictures))
  const token = randomBytes(32).toString('base64url')
  await withTx(pool, member.companyId, async (tx) => {
    await findJob(tx, job.id, { lock: true })
    const now = await look(tx, job.id)
    // Whatever came while it was printed came first: it is looked at again.
    if (now.sent.length !== seen.sent.length || now.baseline?.bid_id !== order.bid_id) return
    for (const row of inTheWay(order, now)) await withdrawOrder(tx, row.id)
    await insertOrder(tx, {
      id: order.id,
      jobId: job.id,
      bidId: order.bid_id,
      number,
      snapshot,
      snapshotSha256: sha256(snapshot),
      pdf,
      pdfSha256: sha256(pdf),
      totalCents: order.total_cents,
      sentBy: (await findWriter(tx, job.id, order.id)) ?? member.userId,
      hashes: [...pictures.keys()],
    })
    await insertOrderLink(tx, {
      id: randomUUID(),
      bidId: order.bid_id,
      orderId: order.id,
      tokenHash: tokenHash(token),
      expiresAt: new Date(Date.now() + LINK_DAYS * DAY_MS),
    })
    const answer = answerTo(order, job)
    const to = approver(job)
    await insertMail(tx, {
      id: randomUUID(),
      jobId: job.id,
      bidId: order.bid_id,
      to: to?.email || 'no address noted',
      subject: `Change order ${number} for ${model.title}: ${formatCents(order.total_cents)}`,
      body: letter(model, { name: to?.name ?? '', url: `${baseUrl}/o/${token}`, answer }),
    })
  })
}

function letter(
  model: OrderModel,
  of: { name: string; url: string; answer: OrderAnswer | undefined },
): string {
  const { answer } = of
  const says = answer
    ? `${answer.name} said ${answer.says} to it on our phone. If that is not so, tell us today. It stands here to read:`
    : model.goes_on_cents === null
      ? 'We wait for your yes. Read it, see the pictures, and say yes or no here:'
      : `It is within the ${formatCents(model.goes_on_cents)} up to which we go on without waiting. Read it and say yes, or no if you do not want it, here:`
  const lines = model.lines.map(
    ({ title, quantity, where, cents }) =>
      `- ${[quantity && `${quantity} ×`, title].filter(Boolean).join(' ')}${where ? ` (${where})` : ''}: ${formatCents(cents)}`,
  )
  return [
    `Hello${of.name ? ` ${of.name}` : ''},`,
    [model.words, ...lines].filter(Boolean).join('\n'),
    `Together ${formatCents(model.total_cents)}. ${model.days}`,
    model.tonight ? `For tonight: ${model.tonight}` : '',
    `${says}\n\n${of.url}`,
    `With it ${formatCents(model.agreed.with_cents)} are agreed in all.`,
    model.firm.name,
  ]
    .filter(Boolean)
    .join('\n\n')
}

/** Takes down what was said on a phone of ours. The first answer stays. */
async function takeAnswers(member: Member, jobId: string): Promise<void> {
  const { pool } = await context()
  await withTx(pool, member.companyId, async (tx) => {
    const { job, sent, baseline } = await look(tx, jobId)
    for (const answer of job.order_answers) {
      const row = sent.find(({ id }) => id === answer.order_id)
      if (answer.removed || !row || row.says !== null || row.withdrawn_at !== null) continue
      if (row.bid_id !== baseline?.bid_id) continue
      await insertGlassAnswer(tx, {
        orderId: row.id,
        id: answer.id,
        says: answer.says,
        name: answer.name,
        role: answer.role,
        snapshotSha256: row.snapshot_sha256,
        signature: answer.signature,
        takenBy: (await findWriter(tx, jobId, answer.id)) ?? member.userId,
        saidAt: answer.said_at,
      })
    }
  })
}

/**
 * Brings what the firm's phones wrote to the owner: puts to him what was asked, withdraws what was taken back, takes down what he said on
 * the glass. Once is enough, and twice is no harm: whatever is done is not done again.
 */
export async function settleOrders(
  member: Member,
  jobId: string,
  of: { print?: PrintOrder } = {},
): Promise<void> {
  if (!may(member.role, 'send-bids')) return
  const { print = printInThread } = of
  const { pool } = await context()
  const asked = await withTx(pool, member.companyId, async (tx) =>
    (await hasOrders(tx, jobId)) ? look(tx, jobId) : null,
  )
  if (asked === null) return
  let seen = asked
  const orders = seen.job.change_orders.toSorted((a, b) => a.made_at.localeCompare(b.made_at))
  for (const order of orders) {
    const row = seen.sent.find(({ id }) => id === order.id)
    if (row) {
      if (order.removed && standingOf(row) === 'waits')
        await withTx(pool, member.companyId, (tx) => withdrawOrder(tx, order.id))
      continue
    }
    if (seen.refused.has(order.id) || (order.removed && !answerTo(order, seen.job))) continue
    const why = whyNot(order, seen)
    if (why) {
      await withTx(pool, member.companyId, (tx) => refuseOrder(tx, { orderId: order.id, jobId, why }))
      continue
    }
    await put(member, order, seen, print)
    seen = await withTx(pool, member.companyId, (tx) => look(tx, jobId))
  }
  if (seen.job.order_answers.length > 0) await takeAnswers(member, jobId)
}

/** The same beside a request that goes on whatever comes of it: what fails is logged, and done when the job is next looked at. */
export async function settleQuietly(member: Member, jobId: string): Promise<void> {
  await settleOrders(member, jobId).catch((error: unknown) => {
    log.error({ err: error }, 'change orders could not be settled')
  })
}
