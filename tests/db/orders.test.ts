/** Change orders on a real database: frozen, answered once, by his link or on the glass; two phones without a signal; what nobody can forge. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import type { ChangeOrder, OrderAnswer } from '../../src/core/job'
import type { Cents } from '../../src/core/measure'
import { withTx } from '../../src/db/tx'
import { acceptBid, readOwnerBid } from '../../src/server/bids/ownerBid'
import { readOutbox, takeLinkBack } from '../../src/server/bids/sentBids'
import { readAround } from '../../src/server/calendar'
import type { Member } from '../../src/server/http'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { readJobSnapshot } from '../../src/server/jobs/readJobs'
import { answerOrder, readOwnerOrderPdf, readOwnerOrders } from '../../src/server/orders/ownerOrder'
import { readOrderPdf } from '../../src/server/orders/read'
import { settleOrders } from '../../src/server/orders/settle'
import {
  appPool,
  asRole,
  closePools,
  createEntity,
  newFirm,
  refusalOf,
  send,
  setField,
  smallPdf,
  takeAlderHouse,
} from './support'

let firm: Member
let jobId: string
let bidId: string

/** A firm of its own whose Alder House is accepted. */
async function accepted(): Promise<{ member: Member; job: string; bid: string; token: string }> {
  const member = await newFirm()
  const job = await takeAlderHouse(member)
  const { bidId: bid, token } = await send(member, job)
  const { hash } = await readOwnerBid(token)
  await acceptBid(token, { name: 'Orla Fennimore', role: 'owns', hash })
  return { member, job, bid, token }
}

beforeAll(async () => {
  const of = await accepted()
  firm = of.member
  jobId = of.job
  bidId = of.bid
})
afterAll(closePools)

function order(items: readonly string[], cents: number, of: Partial<ChangeOrder> = {}): ChangeOrder {
  return {
    id: randomUUID(),
    removed: false,
    bid_id: bidId,
    made_at: '2026-05-04T09:00:00Z',
    made_by: 'Dov Harrow',
    lines: items.map((item_id) => ({
      ...{ kind: 'found' as const, item_id, title: 'A wall stud', where: 'A, window 2', quantity: '1' },
      ...{ cents: (cents / items.length) as Cents, reckoned: 'agreed' },
    })),
    tax_cents: 0 as Cents,
    total_cents: cents as Cents,
    crew_days: 0.25,
    ends_before: null,
    ends_after: null,
    words: 'Behind the sill the stud is soft.',
    tonight: '',
    photo_ids: [],
    ...of,
  }
}

const answer = (order_id: string, of: Partial<OrderAnswer> = {}): OrderAnswer => ({
  ...{ id: randomUUID(), removed: false, order_id, says: 'yes', name: 'Orla Fennimore', role: 'owns' },
  ...{ signature: [[[10, 20] as [number, number]]], said_at: '2026-05-04T09:05:00Z', ...of },
})

const write = (member: Member, job: string, changes: Parameters<typeof applyChanges>[2]['changes']) =>
  applyChanges(member, job, { known: 0, changes })
const settle = (member = firm, job = jobId): Promise<void> => settleOrders(member, job, { print: smallPdf })

async function ask(of: ChangeOrder, member = firm, job = jobId): Promise<void> {
  await write(member, job, [createEntity('change_order', of)])
  await settle(member, job)
}

const faceOf = async (id: string, member = firm, job = jobId) =>
  (await readAround(member, job)).orders.find((each) => each.id === id)!

/** The token of the link that was mailed last. */
async function mailed(member = firm): Promise<string> {
  const mail = (await readOutbox(member)).find(
    ({ body }) => /\/o\//.test(body) && body.includes('agreed in all'),
  )
  return /\/o\/([\w-]+)/.exec(mail!.body)![1]!
}

test('an order is frozen, sent by a link, answered once, and told to plan and to both', async () => {
  const mine = order(['new-1'], 294_07)
  await ask(mine)
  expect(await faceOf(mine.id)).toMatchObject({
    number: 1,
    standing: 'waits',
    adds: ['new-1'],
    goes_on: true,
  })
  const token = await mailed()
  const { order: read, agreed_cents } = await readOwnerOrders(token)
  expect(read!.model).toMatchObject({ number: 1, total_cents: 294_07, title: 'Alder House' })
  expect(agreed_cents).toBe(read!.model.agreed.bid_cents)
  expect((await faceOf(mine.id)).seen_at).not.toBeNull()
  const said = { order_id: mine.id, says: 'yes' as const, name: 'Orla Fennimore', role: 'owns' as const }
  expect(await refusalOf(answerOrder(token, { ...said, hash: 'a'.repeat(64) }))).toBe('bid-differs')
  await answerOrder(token, { ...said, hash: read!.hash })
  // Somebody else says no a moment later: the first word stands.
  const second = await answerOrder(token, { ...said, says: 'no', name: 'Someone Else', hash: read!.hash })
  expect(second).toMatchObject({ standing: 'yes', answered: { by: 'Orla Fennimore', onGlass: false } })
  const { agreed_cents: now } = await readOwnerOrders(token)
  expect(now).toBe(read!.model.agreed.bid_cents + 294_07)
  const around = await readAround(firm, jobId)
  expect(around.accepted!.items).toContain('new-1')
  expect((await readOutbox(firm)).some(({ subject }) => subject.startsWith('Yes to change order 1'))).toBe(
    true,
  )
  expect(await readOrderPdf(firm, mine.id)).toEqual(Buffer.from('a pdf'))
  expect(await readOwnerOrderPdf(token, mine.id)).toEqual(Buffer.from('a pdf'))
})

test('said twice by a queue, settled twice: one order, one letter', async () => {
  const mine = order(['new-2'], 100_00)
  const change = createEntity('change_order', mine)
  await write(firm, jobId, [change])
  await write(firm, jobId, [change])
  await settle()
  await settle()
  const letters = (await readOutbox(firm)).filter(({ subject }) => subject.includes('$100.00'))
  expect(letters).toHaveLength(1)
})

test('what the owner says on the glass without a signal arrives with the order, by whoever held the phone', async () => {
  const mine = order(['new-3'], 7_000_00)
  const yes = answer(mine.id)
  await write(firm, jobId, [createEntity('change_order', mine), createEntity('order_answer', yes)])
  await settle()
  expect(await faceOf(mine.id)).toMatchObject({
    standing: 'yes',
    said_by: 'Orla Fennimore',
    on_glass: true,
    said_at: '2026-05-04T09:05:00.000Z',
  })
  const letter = (await readOutbox(firm)).find(({ subject }) => subject.includes('$7,000.00'))!
  expect(letter.body).toContain('said yes to it on our phone')
})

test('two phones take a word on one order: the first counts, nothing is lost', async () => {
  const mine = order(['new-4'], 900_00)
  await ask(mine)
  const [yes, no] = [answer(mine.id), answer(mine.id, { says: 'no', name: 'Pell Arkwright' })]
  await write(firm, jobId, [createEntity('order_answer', yes)])
  await write(asRole(firm, 'office'), jobId, [createEntity('order_answer', no)])
  await Promise.all([settle(), settle()])
  expect(await faceOf(mine.id)).toMatchObject({ standing: 'yes', said_by: 'Orla Fennimore' })
  const { job } = await readJobSnapshot(firm, jobId)
  expect(job.order_answers.filter(({ order_id }) => order_id === mine.id)).toHaveLength(2)
})

test('two phones ask for the same work: one order stands, the other says why it does not', async () => {
  const [one, two] = [order(['new-5'], 400_00), order(['new-5', 'new-6'], 800_00)]
  await write(firm, jobId, [createEntity('change_order', one), createEntity('change_order', two)])
  await settle()
  expect(await faceOf(one.id)).toMatchObject({ standing: 'waits' })
  expect(await faceOf(two.id)).toMatchObject({ standing: 'refused', number: null })
  expect((await faceOf(two.id)).why).toMatch(/asked already, in change order \d+/)
})

test('a yes in hand goes before a question still out for the same work, and never before another yes', async () => {
  const [out, inHand, late] = [order(['new-7'], 400_00), order(['new-7'], 410_00), order(['new-7'], 420_00)]
  await ask(out)
  await write(firm, jobId, [
    createEntity('change_order', inHand),
    createEntity('order_answer', answer(inHand.id)),
  ])
  await settle()
  expect((await faceOf(out.id)).standing).toBe('withdrawn')
  expect((await faceOf(inHand.id)).standing).toBe('yes')
  await write(firm, jobId, [
    createEntity('change_order', late),
    createEntity('order_answer', answer(late.id)),
  ])
  await settle()
  expect((await faceOf(late.id)).standing).toBe('refused')
})

test('what was agreed may be left out in a later order, and is then no longer planned', async () => {
  const mine = order(['new-11'], 300_00)
  await write(firm, jobId, [
    createEntity('change_order', mine),
    createEntity('order_answer', answer(mine.id)),
  ])
  await settle()
  const back = order(['new-11'], -300_00)
  const lines = back.lines.map((line) => ({ ...line, kind: 'left-out' as const }))
  const undone = { ...back, lines }
  await write(firm, jobId, [
    createEntity('change_order', undone),
    createEntity('order_answer', answer(undone.id)),
  ])
  await settle()
  expect((await faceOf(undone.id)).standing).toBe('yes')
  expect((await readAround(firm, jobId)).accepted!.left).toContain('new-11')
})

test('two phones that opened one board: who could not know of the other is told, who asks later means more', async () => {
  const { member, job, bid } = await accepted()
  const place = (id: string, item_id: string): { id: string } & Record<string, unknown> => ({
    ...{
      id,
      removed: false,
      finding_id: 'finding-4',
      opened_on: '2026-05-04',
      opened_by: 'Dov',
      guess: null,
      told: null,
      caused_by: null,
    },
    ...{ found: [{ find: 'stud', count: 1, item_id }], taped: null, said: null },
    ...{ words: '', tonight: '', photo_ids: [] },
  })
  const [first, second, third] = ['2026-05-04T09:00:00Z', '2026-05-04T09:01:00Z', '2100-01-01T00:00:00Z'].map(
    (made_at, index) => order([`repair-${index + 1}`], 300_00, { bid_id: bid, made_at }),
  )
  await write(member, job, [
    createEntity('opened_place', place('o1', 'repair-1')),
    createEntity('opened_place', place('o2', 'repair-2')),
    createEntity('opened_place', place('o3', 'repair-3')),
    createEntity('change_order', first!),
    createEntity('change_order', second!),
    createEntity('change_order', third!),
  ])
  await settle(member, job)
  const standings = await Promise.all([first, second, third].map((each) => faceOf(each!.id, member, job)))
  expect(standings.map(({ standing }) => standing)).toEqual(['waits', 'refused', 'waits'])
})

test('taken back, it is withdrawn and nobody can say yes to it any more', async () => {
  const mine = order(['new-8'], 300_00)
  await ask(mine)
  const token = await mailed()
  const { order: read } = await readOwnerOrders(token)
  await write(firm, jobId, [setField({ kind: 'change_order', id: mine.id, fields: { removed: true } })])
  await settle()
  expect((await faceOf(mine.id)).standing).toBe('withdrawn')
  const said = {
    order_id: mine.id,
    says: 'yes' as const,
    name: 'Orla',
    role: 'owns' as const,
    hash: read!.hash,
  }
  expect(await refusalOf(answerOrder(token, said))).toBe('order-withdrawn')
})

test('what was put to the owner is not edited, and a sum that is not that of its lines is not put to him', async () => {
  const mine = order(['new-9'], 300_00)
  await ask(mine)
  const edit = setField({ kind: 'change_order', id: mine.id, fields: { total_cents: 1 } })
  expect(await refusalOf(write(firm, jobId, [edit]))).toBe('fixed-field')
  const wrong = order(['new-10'], 500_00, { total_cents: 400_00 as Cents })
  await ask(wrong)
  expect(await faceOf(wrong.id)).toMatchObject({ standing: 'refused', why: expect.stringContaining('sum') })
})

test('a crew reads how orders stand and no money; it writes none; another firm reads nothing', async () => {
  const crew = asRole(firm, 'crew')
  const around = await readAround(crew, jobId)
  expect(around.orders.length).toBeGreaterThan(5)
  expect(JSON.stringify(around)).not.toMatch(/_cents|price/)
  const { job } = await readJobSnapshot(crew, jobId)
  expect([job.change_orders, job.order_answers]).toEqual([[], []])
  expect(await refusalOf(write(crew, jobId, [createEntity('change_order', order(['x'], 1_00))]))).toBe(
    'not-for-role',
  )
  expect(await refusalOf(readOrderPdf(crew, 'any'))).toBe('not-for-role')
  const other = await newFirm()
  expect(await refusalOf(readAround(other, jobId))).toBe('not-found')
  expect(await refusalOf(readOrderPdf(other, (await readAround(firm, jobId)).orders[0]!.id))).toBe(
    'not-found',
  )
})

test('an order of a bid that gave way is neither sent nor answered', async () => {
  const { member, job, bid } = await accepted()
  const out = order(['n'], 300_00, { bid_id: bid })
  await ask(out, member, job)
  const token = await mailed(member)
  const { order: read } = await readOwnerOrders(token)
  const { token: next } = await send(member, job, { replaces: bid })
  await acceptBid(next, { name: 'Orla Fennimore', role: 'owns', hash: (await readOwnerBid(next)).hash })
  const said = {
    order_id: out.id,
    says: 'yes' as const,
    name: 'Orla',
    role: 'owns' as const,
    hash: read!.hash,
  }
  expect(await refusalOf(answerOrder(token, said))).toBe('bid-superseded')
  const late = order(['m'], 300_00, { bid_id: bid })
  await ask(late, member, job)
  expect(await faceOf(late.id, member, job)).toMatchObject({ standing: 'refused' })
})

test('a link taken back or guessed opens no order; one bid’s link opens none of another’s', async () => {
  const { member, job, bid, token } = await accepted()
  const mine = order(['n'], 300_00, { bid_id: bid })
  await ask(mine, member, job)
  const link = await mailed(member)
  const said = { order_id: mine.id, says: 'yes' as const, name: 'Orla', role: 'owns' as const }
  const { hash } = (await readOwnerOrders(link)).order!
  // The link of the bid itself reads its changes and may answer them: it is the same owner's.
  expect((await readOwnerOrders(token)).all.map(({ model }) => model.id)).toEqual([mine.id])
  expect((await readOwnerOrders(token)).order).toBeNull()
  const elsewhere = await mailed(firm)
  expect(await refusalOf(answerOrder(elsewhere, { ...said, hash }))).toBe('wrong-link')
  expect(await refusalOf(readOwnerOrders('guess'))).toBe('wrong-link')
  const links = await withTx(appPool, member.companyId, (tx) =>
    tx.query('select id from app.owner_link where order_id = $1', [mine.id]),
  )
  await takeLinkBack(member, (links.rows[0] as { id: string }).id)
  expect(await refusalOf(answerOrder(link, { ...said, hash }))).toBe('link-revoked')
})

test.each([
  [
    'an answer by nobody',
    `insert into app.order_answer (company_id, order_id, id, says, name, role, snapshot_sha256)
    select company_id, id, 'f', 'yes', 'Orla', 'owns', snapshot_sha256 from app.change_order where withdrawn_at is null
    and not exists (select from app.order_answer a where a.order_id = change_order.id) limit 1`,
    /row-level security/,
  ],
  [
    'an answer to what was not read',
    `insert into app.order_answer (company_id, order_id, id, says, name, role, snapshot_sha256, taken_by)
    select company_id, id, 'f', 'yes', 'Orla', 'owns', repeat('a', 64), gen_random_uuid() from app.change_order
    where not exists (select from app.order_answer a where a.order_id = change_order.id) limit 1`,
    /cannot be answered/,
  ],
  ['an answer changed', `update app.order_answer set says = 'no'`, /permission denied/],
  ['an answer taken out', `delete from app.order_answer`, /permission denied/],
  ['an order changed', `update app.change_order set total_cents = 1`, /permission denied/],
  [
    'an order dated back',
    `insert into app.change_order (company_id, id, job_id, bid_id, number, snapshot, snapshot_sha256, pdf, pdf_sha256,
    total_cents, sent_by, sent_at) select company_id, 'f', job_id, bid_id, 99, snapshot, snapshot_sha256, pdf, pdf_sha256, 1, sent_by,
    '2020-01-01' from app.change_order limit 1`,
    /permission denied/,
  ],
  [
    'an answered order withdrawn',
    `update app.change_order set withdrawn_at = now()
    where exists (select from app.order_answer a where a.order_id = change_order.id)`,
    /stays so/,
  ],
  [
    'a picture into an order',
    `insert into app.order_picture (company_id, order_id, sha256, media_type, bytes, bytes_sha256)
    select company_id, id, repeat('a', 64), 'image/jpeg', 'x', repeat('b', 64) from app.change_order limit 1`,
    /frozen/,
  ],
])('the app itself cannot forge %s', async (_, text, why) => {
  await expect(withTx(appPool, firm.companyId, (tx) => tx.query(text, []))).rejects.toThrow(why)
})
