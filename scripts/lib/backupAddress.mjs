import { startPostgres } from './postgres.mjs'

/** Where backups are made from and restored to, by a role that sees every row, and what stops it again. */
export async function backupAddress() {
  const url = process.env.DETRIMUS_BACKUP_URL
  if (url) return { url, stop: () => {} }
  const database = await startPostgres({ name: 'demo', port: 5461, keepRunning: true })
  return { url: database.clusterUrl, stop: () => database.stop() }
}
