/** `npm run migrate`: raises the database of DATABASE_URL (a role that may create roles and schemas) and sets the roles' passwords. */
import { needNpm } from './lib/packages.mjs'
import { refuse, say } from './lib/run.mjs'

const url = process.env.DATABASE_URL
if (!url) refuse('Set DATABASE_URL to the database and the role that raises it. See docs/operating.md.')
await needNpm()
const { migrate } = await import('./lib/database.mjs')
const {
  DETRIMUS_APP_PASSWORD: app = null,
  DETRIMUS_AUTH_PASSWORD: auth = null,
  DETRIMUS_QUEUE_PASSWORD: queue = null,
} = process.env
try {
  await migrate({ migratorUrl: url, secrets: { app, auth, queue } })
} catch (error) {
  refuse(`The database was not raised: ${error.message}`)
}
say('The database is at today’s schema.')
