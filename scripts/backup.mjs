/**
 * `npm run backup -- FILE`: everything of every firm in one file, verified by reading it back. The address is DETRIMUS_BACKUP_URL (a
 * role that passes by row security), else the demo's own database.
 */
import path from 'node:path'
import { refuse, say } from './lib/run.mjs'
import { needDebian, needNpm } from './lib/packages.mjs'

const file = process.argv[2]
if (!file) refuse('Say where the backup goes: npm run backup -- FILE')
await needNpm()
const { backupAddress } = await import('./lib/backupAddress.mjs')
const { backUp, fileHash } = await import('./lib/backup.mjs')
await needDebian(['postgresql'])
const address = await backupAddress()
try {
  const rows = await backUp(address.url, path.resolve(file))
  const total = Object.values(rows).reduce((sum, n) => sum + n, 0)
  say(`${file}: ${total} rows of ${Object.keys(rows).length} tables, read back and complete.`)
  say(`sha256 ${await fileHash(file)}`)
} catch (error) {
  refuse(`No backup was written. ${error.message}`)
} finally {
  address.stop()
}
