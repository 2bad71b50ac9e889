import { startPostgres } from './postgres.mjs'

/** Where backups are made from and restored to, by a role that sees every row, and what stops it again. */
export async function backupAddress() {
  const url = process.env.DETRIMUS_BACKUP_URL
  if (url) return { url, stop: () => {} }
  const database = await startPostgres({ name: 'demo', port: 5461, keepRunning: true })
  const cluster = new URL(database.migratorUrl)
  cluster.username = 'detrimus_cluster'
  return { url: cluster.toString(), stop: () => database.stop() }
}
