/** What an owner chooses, signs and asks by his link, on a real PostgreSQL: reckoned again, kept, and told to the firm. */
import { afterAll, beforeEach, expect, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { DEMO_JOBS } from '../../demo'
import { printJobFile } from '../../src/core/job'
import { chosenTotal, WHOLE_BID, type BidModel } from '../../src/core/bid'
import { jobDay } from '../../src/core/office'
import { withOwnerLinkTx } from '../../src/db/tx'
import {
  acceptBid,
  askFirm,
  readOwnerBid,
  readOwnerCalendar,
  readOwnerPage,
} from '../../src/server/bids/ownerBid'
import { tokenHash } from '../../src/server/bids/seal'
import { readBids, readOutbox, takeLinkBack } from '../../src/server/bids/sentBids'
import { readThread, replyToOwner } from '../../src/server/bids/thread'
import type { Member } from '../../src/server/http'
import { importJob } from '../../src/server/jobs/files'
import { listFirmJobs } from '../../src/server/jobs/readJobs'
import { appPool, closePools, newFirm, refusalOf, send, takeAlderHouse } from './support'

let member: Member
let jobId: string
let token: string
let model: BidModel
let hash: string

beforeEach(async () => {
  member = await newFirm()
  jobId = await takeAlderHouse(member)
  token = (await send(member, jobId)).token
  ;({ model, hash } = await readOwnerBid(token))
})
afterAll(closePools)

const leavable = (): string[] =>
  model.items.flatMap(({ id, leave }) => (leave !== null && !leave.hazard ? [id] : []))
const hazard = (): string => model.items.find(({ leave }) => leave?.hazard)!.id
const totalOf = (left: readonly string[], looks: readonly string[] = []): number => {
  const total = chosenTotal(model, { ...WHOLE_BID, left, looks })
  if (!total.ok) throw new Error(total.error.kind)
  return total.value.total_cents
}
type Wish = Parameters<typeof acceptBid>[1]
const wish = (of: Partial<Wish['choice'] & object>, total_cents: number): Wish => ({
  name: 'Orla Fennimore',
  role: 'owns',
  hash,
  choice: { left: [], taken: [], looks: [], declined: [], ...of },
  total_cents,
})

test('a part is accepted: what is left out is named, kept open, and the total is of the choice', async () => {
  const [first] = leavable()
  const [look] = model.looks
  const total = totalOf([first!], [look!.id])
  const { accepted } = await acceptBid(token, wish({ left: [first!], looks: [look!.id] }, total))
  expect(accepted).toMatchObject({ by: 'Orla Fennimore', total_cents: total, choice: { left: [first] } })
  expect(total).not.toBe(model.total_cents)
  const [bid] = await readBids(member, jobId)
  expect(bid).toMatchObject({ in_part: true, accepted_cents: total, accepted_by: 'Orla Fennimore' })
  const [mail] = await readOutbox(member)
  expect(mail?.subject).toContain('Accepted in part')
  expect(mail?.body).toContain(model.items.find(({ id }) => id === first)!.title)
  const { jobs } = await listFirmJobs(member)
  expect(jobs.find(({ id }) => id === jobId)).toMatchObject({ in_part: true, total_cents: total })
})

test('the signature is kept as it was drawn', async () => {
  const signature: [number, number][][] = [
    [
      [0, 0],
      [5000, 10_000],
    ],
  ]
  await acceptBid(token, { ...wish({}, model.total_cents), signature })
  const rows = await withOwnerLinkTx(appPool, tokenHash(token), async (tx) => {
    const found = await tx.query('select signature, item_ids from app.acceptance', [])
    return found.rows as { signature: unknown; item_ids: string[] }[]
  })
  expect(rows).toEqual([{ signature, item_ids: model.items.map(({ id }) => id) }])
})

test('a total that the choice does not come to is refused, and nothing is accepted', async () => {
  const [first] = leavable()
  const forged: [{ left?: string[] }, number][] = [
    [{ left: [first!] }, model.total_cents],
    [{ left: [first!] }, totalOf([first!]) - 1],
    [{}, 1],
  ]
  for (const [of, cents] of forged) {
    expect(await refusalOf(acceptBid(token, wish(of, cents)))).toBe('choice-differs')
  }
  expect((await readOwnerBid(token)).accepted).toBeNull()
})

test('ids of another bid, twice the same, or what cannot be left out are refused', async () => {
  const fixed = model.items.find(({ leave }) => leave === null)
  const [first] = leavable()
  for (const left of [['no-such-item'], [first!, first!], ...(fixed ? [[fixed.id]] : [])]) {
    const refused = await refusalOf(acceptBid(token, wish({ left }, model.total_cents)))
    expect(refused).toBe('choice-differs')
  }
})

test('what keeps people from being hurt is left out by name only', async () => {
  member = await newFirm()
  jobId = await importJob(member, Buffer.from(printJobFile(DEMO_JOBS['alder-house']())))
  token = (await send(member, jobId)).token
  ;({ model, hash } = await readOwnerBid(token))
  const left = [hazard()]
  const total = totalOf(left)
  expect(await refusalOf(acceptBid(token, wish({ left }, total)))).toBe('choice-differs')
  const [other] = leavable()
  const wrong = wish({ left, declined: [other!] }, total)
  expect(await refusalOf(acceptBid(token, wrong))).toBe('choice-differs')
  await acceptBid(token, wish({ left, declined: left }, total))
  const [mail] = await readOutbox(member)
  expect(mail?.body).toContain('Declined by name')
})

test('the database itself takes no id that the bid does not hold', async () => {
  const outcome = await withOwnerLinkTx(appPool, tokenHash(token), async (tx) => {
    const { rows } = await tx.query(
      `select app.accept_bid($1, $2, 'A Name', 'owns', $3, '{}'::jsonb, '["forged"]'::jsonb, 1, null, $4, '', '', '') as outcome`,
      [token, randomUUID(), hash, randomUUID()],
    )
    return (rows[0] as { outcome: string }).outcome
  })
  expect(outcome).toBe('differs')
})

test('a page of an older program accepts the whole bid', async () => {
  await acceptBid(token, { name: 'Orla Fennimore', role: 'owns', hash })
  const [bid] = await readBids(member, jobId)
  expect(bid).toMatchObject({ in_part: false, accepted_cents: model.total_cents })
})

const ask = (words: string, about: string | null = null, id = randomUUID()) =>
  askFirm(token, { id, name: 'Orla Fennimore', about, words })

test('a question is in the thread once, the firm is told, and the job says so until it is answered', async () => {
  const id = randomUUID()
  const [item] = model.items
  await ask('Could you <b>start</b> in June?', item!.id, id)
  await ask('Could you <b>start</b> in June?', item!.id, id)
  expect(await readThread(member, jobId)).toMatchObject([
    {
      from_owner: true,
      name: 'Orla Fennimore',
      about: item!.title,
      words: 'Could you <b>start</b> in June?',
    },
  ])
  const stateNow = async (): Promise<string> => {
    const { jobs } = await listFirmJobs(member)
    const row = jobs.find((each) => each.id === jobId)!
    return jobDay(row, new Date().toISOString().slice(0, 10)).state
  }
  expect(await stateNow()).toBe('question')
  expect((await readOutbox(member))[0]?.subject).toContain('A question about bid 1')
  const reply = { id: randomUUID(), words: 'In the second week of June.' }
  await replyToOwner(member, jobId, reply)
  await replyToOwner(member, jobId, reply)
  expect((await readOwnerBid(token)).messages.map(({ words }) => words)).toEqual([
    'Could you <b>start</b> in June?',
    'In the second week of June.',
  ])
  expect(await stateNow()).toBe('seen')
  const [mail] = await readOutbox(member)
  expect(mail).toMatchObject({ to_address: 'orla.fennimore@mail.invalid' })
})

test('the thread goes on over a further bid, and nobody else reads it', async () => {
  await ask('Is paint in it?')
  const further = (await send(member, jobId)).token
  expect((await readOwnerBid(further)).messages.map(({ words }) => words)).toEqual(['Is paint in it?'])
  const other = await newFirm()
  const theirs = await takeAlderHouse(other)
  const { token: foreign } = await send(other, theirs)
  expect((await readOwnerBid(foreign)).messages).toEqual([])
  expect(await refusalOf(readThread(other, `${jobId}-not-theirs`))).toBe('not-found')
})

test('nothing is asked of a link that was taken back, about what is not in the bid, or without end', async () => {
  expect(await refusalOf(ask('What?', 'no-such-item'))).toBe('choice-differs')
  for (let n = 0; n < 100; n += 1) await ask(`question ${n}`)
  expect(await refusalOf(ask('one more'))).toBe('too-many-questions')
  const [bid] = await readBids(member, jobId)
  await takeLinkBack(member, bid!.link_id!)
  expect(await refusalOf(ask('still there?'))).toBe('link-revoked')
})

test('paper of what was accepted is there once it is, with what was drawn; one page and the last day before that', async () => {
  const isPdf = async (of: Promise<Uint8Array>): Promise<boolean> =>
    Buffer.from((await of).subarray(0, 5)).toString() === '%PDF-'
  expect(await refusalOf(readOwnerPage(token, 'accepted'))).toBe('not-found')
  expect(await isPdf(readOwnerPage(token, 'short'))).toBe(true)
  const days = await readOwnerCalendar(token)
  expect(days).toContain(`DTSTART;VALUE=DATE:${model.valid_until.replaceAll('-', '')}`)
  expect(days.split(/\r?\n/).every((line) => Buffer.byteLength(line) <= 75)).toBe(true)
  const signature = [
    [
      [0, 0],
      [10_000, 10_000],
    ],
  ] as [number, number][][]
  await acceptBid(token, { ...wish({}, model.total_cents), signature })
  expect(await isPdf(readOwnerPage(token, 'accepted'))).toBe(true)
  expect(await refusalOf(readOwnerPage('no-token', 'accepted'))).toBe('wrong-link')
})
