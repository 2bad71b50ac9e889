/** Row-level security on a real PostgreSQL: every table, every way round. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import { checkRole, makePool } from '../../src/db/pool'
import { withOwnerLinkTx, withTx } from '../../src/db/tx'
import type { Member } from '../../src/server/http'
import { sendBid } from '../../src/server/bids/sendBid'
import { tokenHash } from '../../src/server/bids/seal'
import { acceptBid, askFirm, readOwnerBid } from '../../src/server/bids/ownerBid'
import { FIRM_CALENDAR } from '../../demo/people'
import { keepCalendar, readPlannedJobs } from '../../src/server/calendar'
import { sendHandover } from '../../src/server/close/handover'
import { readLookBack } from '../../src/server/close/lookBack'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { settleOrders } from '../../src/server/orders/settle'
import { takePart } from '../../src/server/photos/uploads'
import { saveReckoned } from '../../src/db/queries/jobs'
import { noteReminder } from '../../src/db/queries/reminders'
import { sayOfJob } from '../../src/server/jobs/office'
import { invite } from '../../src/server/people'
import { keepKit } from '../../src/server/kits'
import { teachWord } from '../../src/server/words'
import { uploadPhoto } from '../../src/server/photos/pictures'
import { drawnPhoto } from '../../demo/photos'
import {
  appPool,
  closePools,
  createEntity,
  migratorPool,
  newFirm,
  send,
  setField,
  smallPdf,
  takeAlderHouse,
} from './support'

const TABLES = [
  'acceptance',
  'bid',
  'bid_picture',
  'blob',
  'change_order',
  'company',
  'company_kit',
  'company_word',
  'firm_calendar',
  'handover',
  'invitation',
  'job',
  'job_change',
  'job_entity',
  'job_fact',
  'job_planned',
  'job_reckoned',
  'job_record',
  'job_standing',
  'mail',
  'order_answer',
  'order_picture',
  'order_refused',
  'owner_link',
  'owner_message',
  'owner_view',
  'reminder',
  'settings_edition',
  'upload_part',
]

let first: Member
let second: Member
let jobId: string
let token: string

beforeAll(async () => {
  first = await newFirm()
  second = await newFirm()
  jobId = await takeAlderHouse(first)
  const photo = await uploadPhoto(
    first,
    jobId,
    await drawnPhoto({ caption: 'x', tint: '#eee', damage: 'sill' }),
  )
  const entity = {
    id: 'photo-1',
    removed: false,
    caption: '',
    place: { kind: 'none' },
    order: 0,
    canvas: null,
    marks: [],
    ...photo,
  }
  // A piece of a picture on its way, and a word learnt.
  await takePart(first, jobId, {
    sha256: 'c'.repeat(64),
    at: 0,
    total: 10,
    what: 'photo',
    bytes: Buffer.from('part'),
  })
  await keepKit(first, { name: 'Move the tank', note: '', lines: [], price_cents: null })
  await teachWord(first, { phrase: 'skirt', means: { kind: 'part', part: 'water-table' } })
  await applyChanges(first, jobId, {
    known: 0,
    changes: [
      createEntity('photo', entity),
      setField({ kind: 'finding', id: 'finding-1', fields: { photo_ids: ['photo-1'] } }),
    ],
  })
  await sayOfJob(first, jobId, { standing: { state: 'scheduled', on: '2026-06-01' } })
  await withTx(appPool, first.companyId, (tx) =>
    saveReckoned(tx, {
      jobId,
      sequence: 0,
      edition: 'any',
      total_cents: 1,
      open: 0,
      lacks: 0,
      keep_off: false,
    }),
  )
  await keepCalendar(first, FIRM_CALENDAR)
  await readPlannedJobs(first)
  await invite(first, { name: 'Nell Wherry', role: 'crew', email: '' })
  const sent = await send(first, jobId)
  token = sent.token
  await withTx(appPool, first.companyId, (tx) => noteReminder(tx, sent.bidId, 'unseen'))
  const { hash } = await readOwnerBid(token)
  await acceptBid(token, { name: 'Orla Fennimore', role: 'owns', hash })
  // A change order with a picture and a yes, and one that asks for the same again.
  const order = (id: string): Parameters<typeof createEntity>[1] & Record<string, unknown> => ({
    ...{ id, removed: false, bid_id: sent.bidId, made_at: '2026-05-04T09:00:00Z', made_by: 'Dov' },
    lines: [
      { kind: 'found', item_id: 'n', title: 'Stud', where: '', quantity: '1', cents: 100, reckoned: '' },
    ],
    ...{ tax_cents: 0, total_cents: 100, crew_days: 0, ends_before: null, ends_after: null },
    ...{ words: '', tonight: '', photo_ids: ['photo-1'] },
  })
  const answer = { id: 'answer-1', removed: false, order_id: 'order-1', says: 'yes', name: 'Orla Fennimore' }
  await applyChanges(first, jobId, {
    known: 0,
    changes: [
      createEntity('change_order', order('order-1')),
      createEntity('order_answer', {
        ...answer,
        ...{ role: 'owns', signature: [], said_at: '2026-05-04T09:00:00Z' },
      }),
      createEntity('change_order', order('order-2')),
    ],
  })
  await settleOrders(first, jobId, { print: smallPdf })
  await applyChanges(first, jobId, {
    known: 0,
    changes: [
      createEntity('handover', { id: 'handover', removed: false, on: '2026-06-30', by: 'Dov', words: '' }),
    ],
  })
  await sendHandover(first, jobId)
  await readLookBack(first)
  await askFirm(token, { id: randomUUID(), name: 'Orla Fennimore', about: null, words: 'When?' })
})
afterAll(closePools)

test('every table of the app is on the list, with forced row-level security and a policy', async () => {
  const { rows } = await migratorPool.query<{ name: string; forced: boolean; policies: string }>(
    `select c.relname as name, c.relrowsecurity and c.relforcerowsecurity as forced, count(p.polname) as policies
     from pg_class c join pg_namespace n on n.oid = c.relnamespace left join pg_policy p on p.polrelid = c.oid
     where n.nspname = 'app' and c.relkind = 'r' group by c.relname, c.relrowsecurity, c.relforcerowsecurity order by 1`,
  )
  expect(rows.map((row) => row.name)).toEqual(TABLES)
  expect(rows.filter((row) => !row.forced || Number(row.policies) === 0)).toEqual([])
})

const countIn = async (companyId: string, table: string): Promise<number> =>
  withTx(appPool, companyId, async (tx) => {
    const { rows } = await tx.query(`select count(*)::int as n from app.${table}`, [])
    return (rows[0] as { n: number }).n
  })

test.each(TABLES)('a second company sees nothing of %s, and the first one does', async (table) => {
  const before = await countIn(second.companyId, table)
  expect(await countIn(first.companyId, table)).toBeGreaterThan(0)
  const own = ['company', 'settings_edition'].includes(table) ? 1 : 0
  expect(before).toBe(own)
})

test.each(TABLES)('without a company %s is empty', async (table) => {
  const { rows } = await appPool.query<{ n: number }>(`select count(*)::int as n from app.${table}`)
  expect(rows[0]?.n).toBe(0)
})

test('a company cannot write into another', async () => {
  const forged = withTx(appPool, second.companyId, (tx) =>
    tx.query(`insert into app.job (company_id, id, created_by) values ($1, 'forged', $2)`, [
      first.companyId,
      randomUUID(),
    ]),
  )
  await expect(forged).rejects.toThrow(/row-level security/)
})

test.each([
  [`update app.job_fact set body = body`, 'permission denied'],
  [`delete from app.job_fact`, 'permission denied'],
  [`update app.job_change set author_name = 'x'`, 'permission denied'],
  [`delete from app.job_change`, 'permission denied'],
  [`update app.bid set snapshot = '{}'`, 'permission denied'],
  [`update app.bid set total_cents = 1`, 'permission denied'],
  [`delete from app.bid`, 'permission denied'],
  [`update app.handover set snapshot = '{}'`, 'permission denied'],
  [`delete from app.handover`, 'permission denied'],
  [
    `insert into app.owner_view (company_id, link_id) select company_id, id from app.owner_link`,
    'permission denied',
  ],
  [`update app.acceptance set name = 'x'`, 'permission denied'],
  [`update app.owner_message set body = 'x'`, 'permission denied'],
  [`delete from app.owner_message`, 'permission denied'],
  [
    `insert into app.owner_message (company_id, id, job_id, bid_id, from_owner, name, body)
     select company_id, gen_random_uuid(), job_id, bid_id, true, 'Orla Fennimore', 'yes' from app.owner_message`,
    'row-level security',
  ],
  [
    `insert into app.owner_message (company_id, id, job_id, bid_id, from_owner, name, body, written_at)
     select company_id, gen_random_uuid(), job_id, bid_id, false, 'Office', 'yes', now() from app.owner_message`,
    'permission denied',
  ],
  [`select * from auth."user"`, 'permission denied'],
])('the app may not: %s', async (statement, why) => {
  await expect(withTx(appPool, first.companyId, (tx) => tx.query(statement, []))).rejects.toThrow(why)
})

test('not even the owner of the tables alters a sent bid', async () => {
  const client = await migratorPool.connect()
  try {
    await client.query('begin')
    await client.query(`select set_config('app.company_id', $1, true)`, [first.companyId])
    await expect(client.query(`update app.bid set snapshot = '{}'`)).rejects.toThrow('a sent bid is frozen')
  } finally {
    await client.query('rollback')
    client.release()
  }
})

test('the owner’s link sees its own bid and nothing else of the firm', async () => {
  const seen = await withOwnerLinkTx(appPool, tokenHash(token), async (tx) => {
    const counts: Record<string, number> = {}
    for (const table of TABLES) {
      const { rows } = await tx.query(`select count(*)::int as n from app.${table}`, [])
      counts[table] = (rows[0] as { n: number }).n
    }
    return counts
  })
  expect(seen).toEqual({
    acceptance: 1,
    bid: 1,
    bid_picture: 1,
    blob: 0,
    change_order: 1,
    company: 0,
    company_kit: 0,
    company_word: 0,
    firm_calendar: 0,
    handover: 1,
    invitation: 0,
    job: 0,
    job_change: 0,
    job_entity: 0,
    job_fact: 0,
    job_planned: 0,
    job_reckoned: 0,
    job_record: 0,
    job_standing: 0,
    mail: 0,
    order_answer: 1,
    order_picture: 1,
    order_refused: 0,
    owner_link: 1,
    owner_message: 1,
    owner_view: 0,
    reminder: 0,
    settings_edition: 0,
    upload_part: 0,
  })
})

test('a guessed token sees nothing', async () => {
  const rows = await withOwnerLinkTx(
    appPool,
    tokenHash('guess'),
    async (tx) => (await tx.query('select 1 from app.bid', [])).rowCount,
  )
  expect(rows).toBe(0)
})

test('only the hash of the token is kept with the link', async () => {
  const rows = await withTx(
    appPool,
    first.companyId,
    async (tx) => (await tx.query('select * from app.owner_link', [])).rows as unknown[],
  )
  expect(JSON.stringify(rows)).not.toContain(token)
})

test('the app refuses a role that could see past row-level security', async () => {
  await expect(checkRole(appPool)).resolves.toBeUndefined()
  const cluster = process.env['DETRIMUS_CLUSTER_URL']
  if (!cluster) throw new Error('DETRIMUS_CLUSTER_URL is not set')
  const pool = makePool(cluster)
  await expect(checkRole(pool)).rejects.toThrow('sees past row-level security')
  await pool.end()
})

test('another firm’s job is not found, by any door', async () => {
  await expect(applyChanges(second, jobId, { known: 0, changes: [] })).rejects.toMatchObject({
    error: { kind: 'not-found' },
  })
  await expect(sendBid(second, jobId, { id: randomUUID(), replaces: null })).rejects.toMatchObject({
    error: { kind: 'not-found' },
  })
})
