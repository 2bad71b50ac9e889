/** Sending, reading and accepting a bid, on a real PostgreSQL. */
import { afterAll, beforeEach, expect, test } from '@jest/globals'
import canonicalize from 'canonicalize'
import { createHash, randomUUID } from 'node:crypto'
import type { SendProgress } from '../../src/core/contract'
import { withTx } from '../../src/db/tx'
import { acceptBid, readOwnerBid, readOwnerPdf } from '../../src/server/bids/ownerBid'
import { sendBid } from '../../src/server/bids/sendBid'
import { readBidPdf, readBids, readOutbox, takeLinkBack } from '../../src/server/bids/sentBids'
import type { Member } from '../../src/server/http'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { createJob } from '../../src/server/jobs/readJobs'
import {
  appPool,
  asRole,
  closePools,
  migratorPool,
  newFirm,
  refusalOf,
  send,
  setField,
  smallPdf,
  takeAlderHouse,
} from './support'

let member: Member
let jobId: string
const accept = async (
  token: string,
  name = 'Orla Fennimore',
): Promise<Awaited<ReturnType<typeof acceptBid>>> =>
  acceptBid(token, { name, role: 'owns', hash: (await readOwnerBid(token)).hash })

beforeEach(async () => {
  member = await newFirm()
  jobId = await takeAlderHouse(member)
})
afterAll(closePools)

test('what was sent is frozen: the owner reads it unchanged whatever becomes of the job', async () => {
  const { token } = await send(member, jobId)
  const before = await readOwnerBid(token)
  await applyChanges(member, jobId, {
    known: 0,
    changes: [setField({ kind: 'rates', id: 'rates', fields: { profit_share: 0.5 } })],
  })
  expect(await readOwnerBid(token)).toEqual(before)
  expect(createHash('sha256').update(canonicalize(before.model)!).digest('hex')).toBe(before.hash)
  expect((await readOwnerPdf(token)).toString()).toBe('a pdf')
})

test('the message with the link is in the outbox', async () => {
  const { token } = await send(member, jobId)
  const [mail] = await readOutbox(member)
  expect(mail).toMatchObject({ to_address: 'orla.fennimore@mail.invalid', subject: 'Bid 1 for Alder House' })
  expect(mail?.body).toContain(token)
})

test('sending says how far it is', async () => {
  const steps: SendProgress['step'][] = []
  const tell = (progress: SendProgress): void => void steps.push(progress.step)
  await sendBid(member, jobId, { id: randomUUID(), replaces: null }, { tell, printPdf: smallPdf })
  expect(steps).toEqual(['reckoning', 'pages', 'sealing'])
})

test('the same wish sent twice, also at once, is one bid; its link is told once', async () => {
  const id = randomUUID()
  const both = await Promise.all([send(member, jobId, { id }), send(member, jobId, { id })])
  const third = await send(member, jobId, { id })
  expect(await readBids(member, jobId)).toHaveLength(1)
  expect([...both, third].filter(({ token }) => token !== '')).toHaveLength(1)
  const other = await newFirm()
  const otherJob = await takeAlderHouse(other)
  await createJob(member, { id: 'another', title: '', timeZone: 'UTC' })
  expect(await refusalOf(send(member, 'another', { id }))).toBe('bid-id-used')
  // Ids are a firm's own: the same one elsewhere is another bid.
  expect((await send(other, otherJob, { id })).token).not.toBe('')
})

test('accepting twice is one acceptance, the first name stays, and the firm is told once', async () => {
  const { token } = await send(member, jobId)
  const once = await accept(token)
  const twice = await accept(token, 'Somebody Else')
  expect(once.accepted?.by).toBe('Orla Fennimore')
  expect(twice.accepted).toEqual(once.accepted)
  expect((await readBids(member, jobId))[0]?.accepted_by).toBe('Orla Fennimore')
  const told = (await readOutbox(member)).filter((mail) => mail.subject.startsWith('Accepted'))
  expect(told).toHaveLength(1)
  expect(told[0]).toMatchObject({ to_address: 'Tern & Mallet Repair, office' })
  expect(told[0]?.body).toContain('Orla Fennimore')
})

test('two acceptances at once are one', async () => {
  const { token } = await send(member, jobId)
  const both = await Promise.all([accept(token, 'One Person'), accept(token, 'Two Persons')])
  expect(both[0].accepted?.by).toBe(both[1].accepted?.by)
  expect((await readOutbox(member)).filter((mail) => mail.subject.startsWith('Accepted'))).toHaveLength(1)
})

test('a newer bid supersedes an open one: the older can be read, not accepted', async () => {
  const older = await send(member, jobId)
  const newer = await send(member, jobId)
  expect((await readOwnerBid(older.token)).superseded).toBe(true)
  expect(await refusalOf(accept(older.token))).toBe('bid-superseded')
  expect((await accept(newer.token)).accepted?.by).toBe('Orla Fennimore')
})

test('over an accepted bid nothing is sent that does not say what it replaces', async () => {
  const first = await send(member, jobId)
  await accept(first.token)
  expect(await refusalOf(send(member, jobId))).toBe('accepted-stands')
  expect(await refusalOf(send(member, jobId, { replaces: randomUUID() }))).toBe('accepted-stands')
  expect(await readBids(member, jobId)).toHaveLength(1)
})

test('a replacing bid says so, counts once accepted, and until then the accepted one stands', async () => {
  const first = await send(member, jobId)
  await accept(first.token)
  const second = await send(member, jobId, { replaces: first.bidId })
  const shown = await readOwnerBid(second.token)
  expect(shown.model.replaces).toMatchObject({ number: 1, accepted_by: 'Orla Fennimore' })
  expect(await readOwnerBid(first.token)).toMatchObject({ superseded: false, accepted: { replaced: false } })
  expect((await readBids(member, jobId)).map((bid) => [bid.number, bid.superseded_at === null])).toEqual([
    [2, true],
    [1, true],
  ])
  // A third takes the place of the second, and still names the first.
  const third = await send(member, jobId, { replaces: first.bidId })
  expect(await refusalOf(accept(second.token))).toBe('bid-superseded')
  expect((await accept(third.token)).accepted).toMatchObject({ replaced: false })
  expect(await readOwnerBid(first.token)).toMatchObject({ superseded: true, accepted: { replaced: true } })
  const counting = (await readBids(member, jobId)).filter((bid) => bid.accepted_by && !bid.replaced_at)
  expect(counting.map((bid) => bid.number)).toEqual([3])
})

test('nothing is replaced where nothing was accepted', async () => {
  const first = await send(member, jobId)
  expect(await refusalOf(send(member, jobId, { replaces: first.bidId }))).toBe('not-found')
})

test('accepted while the next bid is being printed: the next one is not sent over it', async () => {
  const first = await send(member, jobId)
  const printPdf = async (): Promise<Uint8Array> => {
    await accept(first.token)
    return Buffer.from('late')
  }
  expect(await refusalOf(sendBid(member, jobId, { id: randomUUID(), replaces: null }, { printPdf }))).toBe(
    'accepted-stands',
  )
  expect(await readBids(member, jobId)).toHaveLength(1)
})

test('nobody accepts what he did not read', async () => {
  const { token } = await send(member, jobId)
  expect(await refusalOf(acceptBid(token, { name: 'Orla', role: 'owns', hash: 'f'.repeat(64) }))).toBe(
    'bid-differs',
  )
})

test('what was changed behind everybody’s back is said, to the owner and to the firm', async () => {
  const { token, bidId } = await send(member, jobId)
  const client = await migratorPool.connect()
  try {
    // The owner of the tables, its own guard taken off: what a thief with the database would do.
    await client.query('begin')
    await client.query(`select set_config('app.company_id', $1, true)`, [member.companyId])
    await client.query('alter table app.bid disable trigger frozen')
    await client.query(
      `update app.bid set snapshot = replace(snapshot, 'Alder House', 'Elder House'), pdf = 'other' where id = $1`,
      [bidId],
    )
    await client.query('alter table app.bid enable trigger frozen')
    await client.query('commit')
  } finally {
    client.release()
  }
  expect(await refusalOf(readOwnerBid(token))).toBe('bid-tampered')
  expect(await refusalOf(readOwnerPdf(token))).toBe('bid-tampered')
  expect(await refusalOf(readBidPdf(member, bidId))).toBe('bid-tampered')
  expect(await refusalOf(acceptBid(token, { name: 'Orla', role: 'owns', hash: 'f'.repeat(64) }))).toBe(
    'bid-tampered',
  )
  expect((await readBids(member, jobId)).map((bid) => bid.sealed)).toEqual([false])
})

test('a wrong, a revoked and an expired link each say so', async () => {
  const { token } = await send(member, jobId)
  expect(await refusalOf(readOwnerBid(`${token}x`))).toBe('wrong-link')
  const [bid] = await readBids(member, jobId)
  await takeLinkBack(member, bid!.link_id!)
  expect(await refusalOf(readOwnerBid(token))).toBe('link-revoked')
  expect(await refusalOf(takeLinkBack(member, bid!.link_id!))).toBe('not-found')
  const next = await send(member, jobId)
  const late = `late-${next.bidId}`
  // The app itself can set no such date: the link is made with one that is over, beside the good one.
  await withTx(appPool, member.companyId, (tx) =>
    tx.query(
      `insert into app.owner_link (company_id, id, bid_id, token_hash, expires_at)
       values ($1, gen_random_uuid(), $2, $3, now() - interval '1 minute')`,
      [member.companyId, next.bidId, createHash('sha256').update(late).digest('hex')],
    ),
  )
  for (const tried of [readOwnerBid(late), readOwnerPdf(late), accept(late)]) {
    expect(await refusalOf(tried)).toBe('link-expired')
  }
  expect((await readOwnerBid(next.token)).superseded).toBe(false)
})

test('crew send nothing and read no bids', async () => {
  const crew = asRole(member, 'crew')
  expect(await refusalOf(send(crew, jobId))).toBe('not-for-role')
  expect(await refusalOf(readBids(crew, jobId))).toBe('not-for-role')
  expect(await refusalOf(readOutbox(crew))).toBe('not-for-role')
})

test('an empty job is not ready, and nothing is half sent', async () => {
  await createJob(member, { id: 'empty', title: '', timeZone: 'UTC' })
  expect(await refusalOf(send(member, 'empty'))).toBe('not-ready')
  expect(await readBids(member, 'empty')).toEqual([])
})

test('a printer that fails leaves no bid behind', async () => {
  const printPdf = (): Promise<never> => Promise.reject(new Error('no paper'))
  const sent = sendBid(member, jobId, { id: randomUUID(), replaces: null }, { printPdf })
  await expect(sent).rejects.toThrow('no paper')
  expect(await readBids(member, jobId)).toEqual([])
})
