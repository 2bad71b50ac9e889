/** Backup and restore, drilled: everything comes back the same into an empty database, and nothing empty is ever written. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { existsSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import pg from 'pg'
import { drawnPhoto } from '../../demo/photos'
import { backUp, contents, restore } from '../../scripts/lib/backup.mjs'
import { migrate } from '../../scripts/lib/database.mjs'
import { acceptBid, readOwnerBid } from '../../src/server/bids/ownerBid'
import { uploadPhoto } from '../../src/server/photos/pictures'
import { closePools, newFirm, newMember, send, takeAlderHouse } from './support'

const cluster = process.env['DETRIMUS_CLUSTER_URL'] ?? ''
const home = mkdtempSync(path.join(tmpdir(), 'detrimus-backup-'))
/** Other tests write into the database under test meanwhile, and much: the drill has one firm of it in a database that stands still. */
const STILL = 'detrimus_still'
const DRILL = 'detrimus_drill'
function addressOf(database: string): string {
  const url = new URL(cluster)
  url.pathname = `/${database}`
  return url.toString()
}
const drillUrl = addressOf(DRILL)

async function onCluster(text: string): Promise<void> {
  const client = new pg.Client({ connectionString: cluster })
  await client.connect()
  await client.query(text)
  await client.end()
}

/** Today's schema in the still database, and one firm's rows of every table. */
async function takeFirm(companyId: string): Promise<void> {
  const migrator = new URL(process.env['DETRIMUS_MIGRATOR_URL'] ?? '')
  migrator.pathname = `/${STILL}`
  await migrate({ migratorUrl: migrator.toString(), secrets: { app: null, auth: null } })
  const [from, to] = [cluster, addressOf(STILL)].map(
    (connectionString) => new pg.Client({ connectionString }),
  )
  await Promise.all([from!.connect(), to!.connect()])
  // The rows are copies of rows that were made by the rules: the rules would refuse them a second time.
  await to!.query('set session_replication_role = replica')
  const { rows: tables } = await to!.query<{ name: string; columns: string; whose: string }>(
    `select format('%I.%I', n.nspname, c.relname) as name, string_agg(quote_ident(a.attname), ', ' order by a.attnum) as columns,
       case c.relname when 'company' then 'id = $1' when 'organization' then 'id = $1' when 'member' then 'organization_id = $1'
         when 'user' then 'id in (select user_id from auth.member where organization_id = $1)'
         else 'company_id = $1' end as whose
     from pg_class c join pg_namespace n on n.oid = c.relnamespace join pg_attribute a on a.attrelid = c.oid
     where c.relkind = 'r' and (n.nspname = 'app' or (n.nspname = 'auth' and c.relname in ('member', 'user', 'organization')))
       and a.attnum > 0 and not a.attisdropped and a.attgenerated = ''
     group by 1, 3`,
  )
  for (const { name, columns, whose } of tables) {
    const { rows } = await from!.query<{ all: string }>(
      `select coalesce(json_agg(t), '[]')::text as all from ${name} t where ${whose}`,
      [companyId],
    )
    await to!.query(
      `insert into ${name} (${columns}) overriding system value select ${columns} from json_populate_recordset(null::${name}, $1::json)`,
      [rows[0]!.all],
    )
  }
  await Promise.all([from!.end(), to!.end()])
}

beforeAll(async () => {
  const member = await newFirm()
  await newMember(member.companyId, 'Ada Lorne', 'crew')
  const jobId = await takeAlderHouse(member)
  await uploadPhoto(member, jobId, await drawnPhoto({ caption: 'x', tint: '#eee', damage: 'sill' }))
  const { token } = await send(member, jobId)
  await acceptBid(token, { name: 'Orla Fennimore', role: 'owns', hash: (await readOwnerBid(token)).hash })
  for (const database of [STILL, DRILL]) {
    await onCluster(`drop database if exists ${database}`)
    await onCluster(`create database ${database} owner detrimus_migrator`)
  }
  await takeFirm(member.companyId)
}, 60_000)
afterAll(async () => {
  rmSync(home, { recursive: true, force: true })
  for (const database of [STILL, DRILL]) await onCluster(`drop database if exists ${database} with (force)`)
  await closePools()
})

test('the drill: every row, hash and picture comes back the same', async () => {
  const before = await contents(addressOf(STILL))
  const file = path.join(home, 'all.backup')
  const counted = await backUp(addressOf(STILL), file)
  for (const table of ['app.bid', 'app.blob', 'app.acceptance', 'app.job_fact', 'auth.member']) {
    expect([table, counted[table]! > 0]).toEqual([table, true])
  }
  const after = await restore(drillUrl, file)
  expect(after).toEqual(before)
  // And what makes forging impossible came along.
  const client = new pg.Client({ connectionString: drillUrl })
  await client.connect()
  const { rows } = await client.query<{ forced: boolean; policies: number; keeper: string }>(
    `select bool_and(c.relforcerowsecurity) as forced, (select count(*)::int from pg_policies where schemaname = 'app') as policies,
       (select pg_get_userbyid(proowner) from pg_proc where proname = 'accept_bid') as keeper
     from pg_class c join pg_namespace n on n.oid = c.relnamespace where n.nspname = 'app' and c.relkind = 'r'`,
  )
  await client.end()
  expect(rows[0]).toMatchObject({ forced: true, keeper: 'detrimus_keeper' })
  expect(rows[0]!.policies).toBeGreaterThan(15)
}, 60_000)

test('what is there is not written over unless that is said', async () => {
  const file = path.join(home, 'again.backup')
  await backUp(addressOf(STILL), file)
  await expect(restore(drillUrl, file)).rejects.toThrow('--replace')
  await expect(restore(drillUrl, file, { replace: true })).resolves.toBeDefined()
}, 60_000)

test('a role under row security makes no backup: its dump would be empty and succeed', async () => {
  const file = path.join(home, 'naive.backup')
  await expect(backUp(process.env['DETRIMUS_MIGRATOR_URL'] ?? '', file)).rejects.toThrow('under row security')
  expect(existsSync(file)).toBe(false)
})

test('an empty database writes no backup over a good one', async () => {
  const file = path.join(home, 'kept.backup')
  await backUp(addressOf(STILL), file)
  const { size } = statSync(file)
  await onCluster('drop database if exists detrimus_empty')
  await onCluster('create database detrimus_empty')
  await expect(backUp(addressOf('detrimus_empty'), file)).rejects.toThrow('nothing in this database')
  expect(statSync(file).size).toBe(size)
  await onCluster('drop database detrimus_empty')
}, 60_000)

test('a file that is no backup restores nothing', async () => {
  const file = path.join(home, 'nonsense')
  writeFileSync(file, 'hello')
  await expect(restore(drillUrl, file, { replace: true })).rejects.toThrow()
  await expect(restore(drillUrl, path.join(home, 'missing'))).rejects.toThrow('missing or empty')
  expect((await contents(drillUrl))['app.bid']?.rows).toBeGreaterThan(0)
})
