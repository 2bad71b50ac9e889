/**
 * `npm run restore -- FILE [--replace]`: puts a backup into a database with nothing of ours in it, and counts what came. The address is
 * DETRIMUS_BACKUP_URL, else the demo's own database. `--replace` drops what is there first.
 */
import path from 'node:path'
import { refuse, say } from './lib/run.mjs'
import { needDebian, needNpm } from './lib/packages.mjs'

const file = process.argv[2]
if (!file || file.startsWith('--')) refuse('Say which backup: npm run restore -- FILE [--replace]')
await needNpm()
await needDebian(['postgresql'])
const { backupAddress } = await import('./lib/backupAddress.mjs')
const { restore } = await import('./lib/backup.mjs')
const address = await backupAddress()
try {
  const now = await restore(address.url, path.resolve(file), { replace: process.argv.includes('--replace') })
  const total = Object.values(now).reduce((sum, each) => sum + each.rows, 0)
  say(`${total} rows of ${Object.keys(now).length} tables are back.`)
} catch (error) {
  refuse(`Nothing was restored. ${error.message}`)
} finally {
  address.stop()
}
