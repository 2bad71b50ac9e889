import { runner } from 'node-pg-migrate'
import pg from 'pg'
import path from 'node:path'
import { ROOT } from './run.mjs'

/** Raises the database to today's schema and gives the roles of the app their passwords; null leaves one as it is. */
export async function migrate({ migratorUrl, secrets }) {
  await runner({
    databaseUrl: migratorUrl,
    dir: path.join(ROOT, 'src/db/migrations'),
    direction: 'up',
    migrationsTable: 'done',
    migrationsSchema: 'migration',
    createMigrationsSchema: true,
    schema: 'public',
    verbose: false,
    log: () => {},
  })
  const client = new pg.Client({ connectionString: migratorUrl })
  await client.connect()
  try {
    for (const [role, password] of [
      ['detrimus_app', secrets.app],
      ['detrimus_auth', secrets.auth],
      ['detrimus_queue', secrets.queue],
    ]) {
      // A password is no parameter in SQL: quoted by the driver's own rule.
      if (password) await client.query(`alter role ${role} password ${client.escapeLiteral(password)}`)
    }
  } finally {
    await client.end()
  }
}

/** Empties the database: the next migration begins from nothing. */
export async function dropAll({ migratorUrl }) {
  const client = new pg.Client({ connectionString: migratorUrl })
  await client.connect()
  try {
    for (const schema of ['app', 'auth', 'queue', 'migration'])
      await client.query(`drop schema if exists ${schema} cascade`)
  } finally {
    await client.end()
  }
}

/** Addresses of the roles the web process uses; none can see past row-level security. */
export function roleUrls({ migratorUrl, secrets }) {
  const as = (user, password) => {
    const url = new URL(migratorUrl)
    url.username = user
    url.password = password
    return url.toString()
  }
  return {
    appUrl: as('detrimus_app', secrets.app),
    authUrl: as('detrimus_auth', secrets.auth),
    queueUrl: as('detrimus_queue', secrets.queue),
  }
}
