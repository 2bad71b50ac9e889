/** The end of a job on a real database: who may write what, invoices and books, what is handed over, and what closed jobs say. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import type { Invoice, WorkSpell } from '../../src/core/job'
import { acceptBid, readOwnerBid } from '../../src/server/bids/ownerBid'
import { readOutbox } from '../../src/server/bids/sentBids'
import { printInvoice, readBooks } from '../../src/server/close/books'
import {
  printHandover,
  readOwnerHandover,
  readOwnerHandoverPdf,
  readOwnerUpkeep,
  sendHandover,
} from '../../src/server/close/handover'
import { readLookBack } from '../../src/server/close/lookBack'
import type { Member } from '../../src/server/http'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { copyJob, sayOfJob } from '../../src/server/jobs/office'
import { listFirmJobs, readJobSnapshot } from '../../src/server/jobs/readJobs'
import {
  asRole,
  closePools,
  createEntity,
  newFirm,
  refusalOf,
  send,
  setField,
  takeAlderHouse,
} from './support'

let firm: Member
let jobId: string
let bidId: string
let token: string
let itemId: string

beforeAll(async () => {
  firm = await newFirm()
  jobId = await takeAlderHouse(firm)
  const sent = await send(firm, jobId)
  bidId = sent.bidId
  token = sent.token
  const { hash, model } = await readOwnerBid(token)
  itemId = model.items[0]!.id
  await acceptBid(token, { name: 'Orla Fennimore', role: 'owns', hash })
})
afterAll(closePools)

const write = (member: Member, job: string, ...changes: ReturnType<typeof createEntity>[]) =>
  applyChanges(member, job, { known: 0, changes })

const spell = (of: Partial<WorkSpell> = {}): WorkSpell => ({
  ...{
    id: randomUUID(),
    removed: false,
    on: { kind: 'item', item_id: itemId, task: null },
    by: 'Dov',
    people: 2,
  },
  ...{
    began_at: '2026-06-01T15:00:00Z',
    ended_at: '2026-06-01T19:00:00Z',
    pause_min: 30,
    how: 'clock',
    words: '',
  },
  ...of,
})
const good = {
  ...{ id: 'good-1', removed: false, good: null, what: 'Sealant', unit: 'tubes', quantity: 4, left: 1 },
  ...{ on: '2026-06-01', by: 'Dov', photo_ids: [] },
}
const finished = {
  id: 'done-1',
  removed: false,
  item_id: '',
  on: '2026-06-02',
  by: 'Dov',
  words: 'Dry.',
  photo_ids: [],
}
const receipt = {
  ...{
    id: 'receipt-1',
    removed: false,
    kind: 'material',
    on: '2026-06-01',
    from: '=The yard',
    cents: 12_345,
  },
  ...{ item_id: null, words: '', photo_ids: [] },
}
const handover = { id: 'handover', removed: false, on: '2026-06-30', by: 'Imke', words: 'Thank you.' }
const invoice = (of: Partial<Invoice> = {}) => ({
  ...{
    id: 'invoice-1',
    removed: false,
    number: 1,
    bid_id: bidId,
    made_at: '2026-06-01T09:00:00Z',
    made_by: 'Runa',
  },
  ...{ on: '2026-06-01', due_on: '2026-06-15', stage: 'on signing', through_stage: 1, tax_cents: 0 },
  ...{ total_cents: 100_000, lines: [{ what: 'on signing', cents: 100_000, reckoned: 'a tenth' }] },
  ...of,
})
const payment = {
  ...{
    id: 'payment-1',
    removed: false,
    invoice_id: 'invoice-1',
    on: '2026-06-10',
    cents: 100_000,
    by: 'check',
  },
  words: '',
}

test('a crew writes hours, goods and what is done, and neither writes nor gets a figure of money', async () => {
  const crew = asRole(firm, 'crew')
  await write(
    crew,
    jobId,
    createEntity('work_spell', spell()),
    createEntity('bought_good', good),
    createEntity('finished_item', { ...finished, item_id: itemId }),
  )
  await write(firm, jobId, createEntity('receipt', receipt))
  for (const [kind, body] of [
    ['receipt', { ...receipt, id: 'receipt-2' }],
    ['invoice', invoice({ id: 'invoice-2' })],
    ['payment', { ...payment, id: 'payment-2' }],
    ['handover', handover],
    [
      'claim',
      {
        id: 'claim-0',
        removed: false,
        item_ids: [],
        said_by: '',
        said_on: '2027-01-01',
        words: '',
        job_id: 'x',
      },
    ],
  ] as const) {
    const refused = await refusalOf(write(crew, jobId, createEntity(kind, body)))
    expect([kind, refused]).toEqual([kind, 'not-for-role'])
  }
  const { job } = await readJobSnapshot(crew, jobId)
  expect(job.work_spells).toHaveLength(1)
  expect(JSON.stringify(job)).not.toMatch(/_cents|"cents"/)
  expect(job.receipts).toEqual([])
})

test('an invoice is printed from the job, and one that was taken back is not; the list says which is owed', async () => {
  const owed = async (member: Member) =>
    (await listFirmJobs(member)).jobs.find(({ id }) => id === jobId)!.unpaid
  await write(firm, jobId, createEntity('invoice', invoice()))
  expect(await owed(firm)).toEqual({ number: 1, due: '2026-06-15' })
  expect(await owed(asRole(firm, 'crew'))).toBeNull()
  await write(firm, jobId, createEntity('payment', payment))
  expect(await owed(firm)).toBeNull()
  const pdf = await printInvoice(firm, jobId, 'invoice-1')
  expect(Buffer.from(pdf).subarray(0, 5).toString()).toBe('%PDF-')
  expect(await refusalOf(printInvoice(asRole(firm, 'crew'), jobId, 'invoice-1'))).toBe('not-for-role')
  expect(await refusalOf(printInvoice(firm, jobId, 'invoice-9'))).toBe('not-found')
  const bare = await takeAlderHouse(firm, randomUUID())
  await write(firm, bare, createEntity('invoice', invoice()))
  expect(await refusalOf(printInvoice(firm, bare, 'invoice-1'))).toBe('nothing-accepted')
  const stranger = await newFirm()
  expect(await refusalOf(printInvoice(stranger, jobId, 'invoice-1'))).toBe('not-found')
  await write(firm, bare, setField({ kind: 'invoice', id: 'invoice-1', fields: { removed: true } }))
  expect(await refusalOf(printInvoice(firm, bare, 'invoice-1'))).toBe('not-found')
})

test('the books have every invoice, payment and receipt of the firm, by day, and nothing a spreadsheet would work out', async () => {
  const rows = (await readBooks(firm)).split('\r\n')
  expect(rows[0]).toBe('day,kind,job,address,payer,number,for,due,net,tax,total,by,words')
  expect(rows.slice(1).map((row) => row.split(',').slice(0, 2).join())).toEqual([
    '2026-06-01,invoice',
    expect.stringMatching(/^2026-06-01,"receipt$/),
    '2026-06-10,payment',
  ])
  expect(rows.join()).toContain("'=The yard")
  expect(rows.join()).toContain('-123.45')
  expect(await refusalOf(readBooks(asRole(firm, 'crew')))).toBe('not-for-role')
  expect((await readBooks(await newFirm())).split('\r\n')).toHaveLength(1)
})

test('what is handed over is frozen, goes out with a link, and its owner has paper and days of it', async () => {
  expect(await refusalOf(sendHandover(firm, jobId))).toBe('not-handed-over')
  expect(await readOwnerHandover(token)).toBeNull()
  expect(await refusalOf(readOwnerUpkeep(token))).toBe('not-found')
  await write(firm, jobId, createEntity('handover', handover))
  expect(
    Buffer.from(await printHandover(firm, jobId))
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-')
  await sendHandover(firm, jobId)
  const mail = (await readOutbox(firm)).find(({ subject }) => subject.includes('handed over'))!
  const fresh = /\/o\/([\w-]+)/.exec(mail.body)![1]!
  for (const each of [token, fresh]) {
    const { model } = (await readOwnerHandover(each))!
    expect(model.items.find(({ id }) => id === itemId)).toMatchObject({
      finished_on: '2026-06-02',
      words: 'Dry.',
    })
    // What was agreed and is not done is not called done.
    expect(model.items.filter(({ finished_on }) => finished_on === null).length).toBeGreaterThan(5)
    expect((await readOwnerHandoverPdf(each)).subarray(0, 5).toString()).toBe('%PDF-')
    expect(await readOwnerUpkeep(each)).toContain('BEGIN:VCALENDAR')
  }
  // What changes in the job afterwards changes nothing of what he has.
  await write(firm, jobId, setField({ kind: 'handover', id: 'handover', fields: { words: 'Otherwise.' } }))
  expect((await readOwnerHandover(token))!.model.words).toBe('Thank you.')
  await sendHandover(firm, jobId)
  expect((await readOwnerHandover(token))!.model.words).toBe('Otherwise.')
  expect(await refusalOf(sendHandover(asRole(firm, 'crew'), jobId))).toBe('not-for-role')
})

test('a closed job says what it took; it is reckoned once, and again when something changed', async () => {
  const one = await readLookBack(firm)
  const record = one.records.find(({ job_id }) => job_id === jobId)!
  // Two people, four hours less half an hour each.
  expect([record.work_h, record.paid_h, record.closed_on]).toEqual([7, 7, '2026-06-30'])
  expect(record.kinds).toHaveLength(1)
  expect(record.receipts_cents).toEqual({ material: 12_345 })
  expect(record.agreed_cents).toBeGreaterThan(0)
  const again = await readLookBack(firm)
  expect(again.records).toEqual(one.records)
  await write(
    firm,
    jobId,
    createEntity('work_spell', spell({ on: { kind: 'along', what: 'travel' }, people: 1, pause_min: 0 })),
  )
  const now = (await readLookBack(firm)).records.find(({ job_id }) => job_id === jobId)!
  expect([now.work_h, now.paid_h, now.along_h]).toEqual([7, 11, 4])
  expect(await refusalOf(readLookBack(asRole(firm, 'crew')))).toBe('not-for-role')
  expect((await readLookBack(await newFirm())).records).toEqual([])
})

test('a bid that was lost is told with why', async () => {
  const lost = await takeAlderHouse(firm, randomUUID())
  await send(firm, lost)
  const on = new Date().toISOString().slice(0, 10)
  await sayOfJob(firm, lost, { standing: { state: 'declined', on, why: 'price' } })
  const told = (await readLookBack(firm)).lost
  expect(told).toEqual([{ id: lost, title: 'Alder House', cents: expect.any(Number), on, why: 'price' }])
})

test('a look that was promised stands with the job in the list, the first that is due, until somebody looked', async () => {
  const look = (id: string, due: string) => ({
    ...{ id, removed: false, what: `Look ${id}`, due, item_id: null, done_on: null, saw: '', photo_ids: [] },
  })
  const told = async (): Promise<unknown> =>
    (await listFirmJobs(asRole(firm, 'crew'))).jobs.find(({ id }) => id === jobId)!.look
  expect(await told()).toBeNull()
  await write(
    firm,
    jobId,
    createEntity('follow_up', look('late', '2027-06-01')),
    createEntity('follow_up', look('soon', '2026-09-01')),
  )
  expect(await told()).toEqual({ what: 'Look soon', due: '2026-09-01' })
  await write(firm, jobId, setField({ kind: 'follow_up', id: 'soon', fields: { done_on: '2026-09-02' } }))
  expect(await told()).toEqual({ what: 'Look late', due: '2027-06-01' })
})

test('a claim opens a job of its own on the same house, and each knows the other', async () => {
  const id = randomUUID()
  const claim = { claim_id: 'claim-1', words: 'The sill is soft again.' }
  await copyJob(firm, jobId, { id, what: 'house', claim })
  await write(
    firm,
    jobId,
    createEntity('claim', {
      ...{
        id: 'claim-1',
        removed: false,
        item_ids: [itemId],
        said_by: 'Orla Fennimore',
        said_on: '2027-03-01',
      },
      ...{ words: claim.words, job_id: id },
    }),
  )
  const { job } = await readJobSnapshot(firm, id)
  expect(job.job).toMatchObject({ asked: claim.words, claim_of: { job_id: jobId, claim_id: 'claim-1' } })
  expect(job.sides.length).toBeGreaterThan(3)
  expect([job.findings, job.work_spells, job.invoices, job.handover]).toEqual([[], [], [], null])
  expect((await readJobSnapshot(firm, jobId)).job.claims).toHaveLength(1)
})
