/** What the app's own role cannot make up, whatever the app's code does: each tried as that role, inside the firm's transaction. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { findMembership } from '../../src/db/queries/company'
import { withOwnerLinkTx, withPersonTx, withTx, type Tx } from '../../src/db/tx'
import { acceptBid, readOwnerBid } from '../../src/server/bids/ownerBid'
import { readBids, takeLinkBack } from '../../src/server/bids/sentBids'
import { tokenHash } from '../../src/server/bids/seal'
import type { Member } from '../../src/server/http'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { authPool, appPool, closePools, newFirm, newMember, send, setField, takeAlderHouse } from './support'

let member: Member
let jobId: string
let sent: { bidId: string; token: string }
let hash: string

beforeAll(async () => {
  member = await newFirm()
  jobId = await takeAlderHouse(member)
  await applyChanges(member, jobId, {
    known: 0,
    changes: [setField({ kind: 'side', id: 'side-a', fields: { overhang: 640 } })],
  })
  sent = await send(member, jobId)
  hash = (await readOwnerBid(sent.token)).hash
})
afterAll(closePools)

const forged = (text: string, values: readonly unknown[] = []): Promise<unknown> =>
  withTx(appPool, member.companyId, (tx) => tx.query(text, values))

/** A sent bid of the app's own making, complete but for what is forged in it. */
const COPY = (columns: string, values: string): string =>
  `insert into app.bid (company_id, id, job_id, number, snapshot, snapshot_sha256, pdf, pdf_sha256, total_cents, sent_by${columns})
   select company_id, gen_random_uuid(), job_id, 99, snapshot, snapshot_sha256, pdf, pdf_sha256, total_cents, sent_by${values}
   from app.bid where id = $1`

test.each<[string, string, () => readonly unknown[], RegExp]>([
  [
    'an acceptance',
    `insert into app.acceptance (company_id, bid_id, id, name, role, item_ids, snapshot_sha256, job_id)
     values ($1, $2, gen_random_uuid(), 'Orla Fennimore', 'owns', '[]', $3, $4)`,
    () => [member.companyId, sent.bidId, hash, jobId],
    /permission denied/,
  ],
  ['a bid dated back', COPY(', sent_at', `, '2020-01-01'`), () => [sent.bidId], /permission denied/],
  [
    'a bid superseded from the start',
    COPY(', superseded_at', `, now()`),
    () => [sent.bidId],
    /permission denied/,
  ],
  [
    'a picture into a sent bid',
    `insert into app.bid_picture (company_id, bid_id, sha256, media_type, bytes, bytes_sha256)
     values ($1, $2, repeat('a', 64), 'image/jpeg', 'x', repeat('b', 64))`,
    () => [member.companyId, sent.bidId],
    /a sent bid is frozen/,
  ],
  ['a picture changed', `update app.bid_picture set bytes = 'x'`, () => [], /permission denied/],
  ['a bid changed', `update app.bid set snapshot = '{}'`, () => [], /permission denied/],
  ['an acceptance unsaid', `update app.acceptance set replaced_at = now()`, () => [], /permission denied/],
  ['a job’s sequence lowered', `update app.job set sequence = 0 where id = $1`, () => [jobId], /only rise/],
  [
    'a finding’s number given again',
    `update app.job set next_finding_number = 1 where id = $1`,
    () => [jobId],
    /only rise/,
  ],
  [
    'a job dated back',
    `update app.job set touched_at = '2020-01-01' where id = $1`,
    () => [jobId],
    /permission denied/,
  ],
  [
    'an entity’s revision lowered',
    `update app.job_entity set revision = 0 where job_id = $1 and id = 'side-a'`,
    () => [jobId],
    /only rises/,
  ],
  [
    'an edit dated back',
    `insert into app.job_change (company_id, job_id, sequence, id, author, author_name, received_at, body, before, overruled)
     values ($1, $2, 99, 'x', gen_random_uuid(), 'x', '2020-01-01', '{}', '{}', '{}')`,
    () => [member.companyId, jobId],
    /permission denied/,
  ],
  [
    'a message dated back',
    `insert into app.mail (company_id, id, job_id, to_address, subject, body, created_at)
     values ($1, gen_random_uuid(), $2, 'x', 'x', 'x', '2020-01-01')`,
    () => [member.companyId, jobId],
    /permission denied/,
  ],
  ['a member’s key', `select seal_key from auth.member`, () => [], /permission denied/],
  ['an entity gone', `delete from app.job_entity`, () => [], /permission denied/],
  ['the keeper’s clothes', `set role detrimus_keeper`, () => [], /permission denied/],
])('refused by the database: %s', async (_, text, values, why) => {
  await expect(forged(text, values())).rejects.toThrow(why)
})

test('a link taken back stays so: neither unsaid nor dated otherwise', async () => {
  const other = await send(member, jobId)
  const bid = (await readBids(member, jobId)).find((each) => each.id === other.bidId)!
  await takeLinkBack(member, bid.link_id!)
  for (const value of ['null', `'2020-01-01'`]) {
    await expect(
      forged(`update app.owner_link set revoked_at = ${value} where id = $1`, [bid.link_id]),
    ).rejects.toThrow('a link taken back stays so')
  }
})

test('the hash of a token, which the firm’s own rows hold, accepts nothing', async () => {
  const open = await send(member, jobId)
  const seen = (await readOwnerBid(open.token)).hash
  const tried = await withOwnerLinkTx(appPool, tokenHash(open.token), async (tx) => {
    const { rows } = await tx.query(
      `select app.accept_bid($1, gen_random_uuid(), 'Nobody', 'owns', $2, '{}'::jsonb, '[]'::jsonb, 1, null, gen_random_uuid(), 'x', 'x', 'x') as outcome`,
      [tokenHash(open.token), seen],
    )
    return (rows[0] as { outcome: string }).outcome
  })
  expect(tried).toBe('no-link')
  expect((await readOwnerBid(open.token)).accepted).toBeNull()
})

test('an accepted bid cannot be superseded by the app, only by its owner’s next yes', async () => {
  const firm = await newFirm()
  const job = await takeAlderHouse(firm)
  const first = await send(firm, job)
  await acceptBid(first.token, {
    name: 'Orla Fennimore',
    role: 'owns',
    hash: (await readOwnerBid(first.token)).hash,
  })
  const superseded = withTx(appPool, firm.companyId, (tx: Tx) =>
    tx.query('update app.bid set superseded_at = now() where id = $1', [first.bidId]),
  )
  await expect(superseded).rejects.toThrow('an accepted bid stays the accepted one')
})

test('members of another firm are not there to be read', async () => {
  const first = await newMember(member.companyId, 'Ada Lorne', 'crew')
  const other = await newFirm()
  const second = await newMember(other.companyId, 'Bela Quist', 'office')
  const namesIn = (companyId: string): Promise<string[]> =>
    withTx(appPool, companyId, async (tx) => {
      const { rows } = await tx.query('select user_name from app.membership', [])
      return (rows as { user_name: string }[]).map((row) => row.user_name)
    })
  expect(await namesIn(member.companyId)).toEqual(['Ada Lorne'])
  expect(await namesIn(other.companyId)).toEqual(['Bela Quist'])
  expect((await appPool.query('select * from app.membership')).rowCount).toBe(0)
  // A person's own membership, with the key that seals his copies; nobody else's key, not even in his firm.
  expect(await withPersonTx(appPool, second, findMembership)).toMatchObject({
    user_name: 'Bela Quist',
    role: 'office',
  })
  const keys = await withTx(
    appPool,
    member.companyId,
    async (tx) => (await tx.query('select seal_key from app.membership', [])).rows as unknown,
  )
  expect(keys).toEqual([{ seal_key: null }])
  expect(first).not.toBe(second)
})

test('the name in a record is the firm’s, whatever the person’s profile says', async () => {
  const user = await newMember(member.companyId, 'Cato Wexley', 'crew')
  await authPool.query(`update "user" set name = 'The Boss' where id = $1`, [user])
  expect(await withPersonTx(appPool, user, findMembership)).toMatchObject({ user_name: 'Cato Wexley' })
  // The sign-in library's own role may change a role, and no name.
  await expect(
    authPool.query(`update member set display_name = 'The Boss' where user_id = $1`, [user]),
  ).rejects.toThrow(/permission denied/)
})
