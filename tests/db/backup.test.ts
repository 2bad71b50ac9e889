/** Backup and restore, drilled: everything comes back the same into an empty database, and nothing empty is ever written. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { existsSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import pg from 'pg'
import { drawnPhoto } from '../../demo/photos'
import { backUp, contents, restore } from '../../scripts/lib/backup.mjs'
import { acceptBid, readOwnerBid } from '../../src/server/bids/ownerBid'
import { uploadPhoto } from '../../src/server/photos/pictures'
import { closePools, newFirm, newMember, send, takeAlderHouse } from './support'

const cluster = process.env['DETRIMUS_CLUSTER_URL'] ?? ''
const home = mkdtempSync(path.join(tmpdir(), 'detrimus-backup-'))
/** Other tests write into the database under test meanwhile: what is compared is a copy that stands still, and its copy. */
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

beforeAll(async () => {
  const member = await newFirm()
  await newMember(member.companyId, 'Ada Lorne', 'crew')
  const jobId = await takeAlderHouse(member)
  await uploadPhoto(member, jobId, await drawnPhoto({ caption: 'x', tint: '#eee', damage: 'sill' }))
  const { token } = await send(member, jobId)
  await acceptBid(token, { name: 'Orla Fennimore', role: 'owns', hash: (await readOwnerBid(token)).hash })
  for (const database of [STILL, DRILL]) {
    await onCluster(`drop database if exists ${database}`)
    await onCluster(`create database ${database}`)
  }
}, 60_000)
afterAll(async () => {
  rmSync(home, { recursive: true, force: true })
  for (const database of [STILL, DRILL]) await onCluster(`drop database if exists ${database} with (force)`)
  await closePools()
})

test('the drill: every row, hash and picture comes back the same', async () => {
  const live = path.join(home, 'live.backup')
  const counted = await backUp(cluster, live)
  expect(counted['app.bid']).toBeGreaterThan(0)
  const before = await restore(addressOf(STILL), live)
  const file = path.join(home, 'all.backup')
  await backUp(addressOf(STILL), file)
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
  await backUp(cluster, file)
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
  await backUp(cluster, file)
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
