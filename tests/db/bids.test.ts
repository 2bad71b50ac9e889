/** Sending, reading and accepting a bid, on a real PostgreSQL. */
import { afterAll, beforeEach, expect, test } from '@jest/globals'
import canonicalize from 'canonicalize'
import { createHash } from 'node:crypto'
import { withTx } from '../../src/db/tx'
import { acceptBid, readOwnerBid, readOwnerPdf } from '../../src/server/bids/ownerBid'
import { readBids, readOutbox, sendBid, takeLinkBack } from '../../src/server/bids/sendBid'
import type { Member } from '../../src/server/http'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { createJob } from '../../src/server/jobs/readJobs'
import { appPool, asRole, closePools, newFirm, refusalOf, setField, takeAlderHouse } from './support'

let member: Member
let jobId: string
const pdf = (): Promise<Buffer> => Promise.resolve(Buffer.from('a pdf'))
const send = async (): Promise<string> => (await sendBid(member, jobId, pdf)).url.split('/').at(-1)!
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
  const token = await send()
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
  const token = await send()
  const [mail] = await readOutbox(member)
  expect(mail).toMatchObject({ to_address: 'orla.fennimore@mail.invalid', subject: 'Bid 1 for Alder House' })
  expect(mail?.body).toContain(token)
})

test('accepting twice is one acceptance, and the first name stays', async () => {
  const token = await send()
  const once = await accept(token)
  const twice = await accept(token, 'Somebody Else')
  expect(once.accepted?.by).toBe('Orla Fennimore')
  expect(twice.accepted).toEqual(once.accepted)
  expect((await readBids(member, jobId))[0]?.accepted_by).toBe('Orla Fennimore')
})

test('two acceptances at once are one', async () => {
  const token = await send()
  const both = await Promise.all([accept(token, 'One Person'), accept(token, 'Two Persons')])
  expect(both[0].accepted?.by).toBe(both[1].accepted?.by)
})

test('a newer bid supersedes: the older can be read, not accepted', async () => {
  const older = await send()
  const newer = await send()
  expect((await readOwnerBid(older)).superseded).toBe(true)
  expect(await refusalOf(accept(older))).toBe('bid-superseded')
  expect((await accept(newer)).accepted?.by).toBe('Orla Fennimore')
})

test('nobody accepts what he did not read', async () => {
  const token = await send()
  expect(await refusalOf(acceptBid(token, { name: 'Orla', role: 'owns', hash: 'f'.repeat(64) }))).toBe(
    'bid-differs',
  )
})

test('a wrong, a revoked and an expired link each say so', async () => {
  const token = await send()
  expect(await refusalOf(readOwnerBid(`${token}x`))).toBe('wrong-link')
  const [bid] = await readBids(member, jobId)
  await takeLinkBack(member, bid!.link_id!)
  expect(await refusalOf(readOwnerBid(token))).toBe('link-revoked')
  expect(await refusalOf(takeLinkBack(member, bid!.link_id!))).toBe('not-found')
  const next = await send()
  const bidId = (await readBids(member, jobId))[0]!.id
  // The app itself can set no such date: the link is made with one that is over, beside the good one.
  await withTx(appPool, member.companyId, (tx) =>
    tx.query(
      `insert into app.owner_link (company_id, id, bid_id, token_hash, expires_at)
       values ($1, gen_random_uuid(), $2, $3, now() - interval '1 minute')`,
      [member.companyId, bidId, createHash('sha256').update('late').digest('hex')],
    ),
  )
  expect(await refusalOf(readOwnerBid('late'))).toBe('link-expired')
  expect((await readOwnerBid(next)).superseded).toBe(false)
})

test('crew send nothing and read no bids', async () => {
  const crew = asRole(member, 'crew')
  expect(await refusalOf(sendBid(crew, jobId, pdf))).toBe('not-for-role')
  expect(await refusalOf(readBids(crew, jobId))).toBe('not-for-role')
  expect(await refusalOf(readOutbox(crew))).toBe('not-for-role')
})

test('an empty job is not ready, and nothing is half sent', async () => {
  await createJob(member, { id: 'empty', title: '', timeZone: 'UTC' })
  expect(await refusalOf(sendBid(member, 'empty', pdf))).toBe('not-ready')
  expect(await readBids(member, 'empty')).toEqual([])
})

test('a printer that fails leaves no bid behind', async () => {
  await expect(sendBid(member, jobId, () => Promise.reject(new Error('no paper')))).rejects.toThrow(
    'no paper',
  )
  expect(await readBids(member, jobId)).toEqual([])
})
