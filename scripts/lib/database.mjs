import { runner } from 'node-pg-migrate'
import pg from 'pg'
import path from 'node:path'
import { ROOT } from './run.mjs'

/** Raises the database to today's schema and gives the roles of the app their passwords. */
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
    // Hex of our own making: nothing in it can end the string.
    await client.query(`alter role detrimus_app password '${secrets.app}'`)
    await client.query(`alter role detrimus_auth password '${secrets.auth}'`)
  } finally {
    await client.end()
  }
}

/** Empties the database: the next migration begins from nothing. */
export async function dropAll({ migratorUrl }) {
  const client = new pg.Client({ connectionString: migratorUrl })
  await client.connect()
  try {
    for (const schema of ['app', 'auth', 'migration'])
      await client.query(`drop schema if exists ${schema} cascade`)
  } finally {
    await client.end()
  }
}

/** Addresses of the two roles the web process uses; neither can see past row-level security. */
export function roleUrls({ migratorUrl, secrets }) {
  const as = (user, password) => {
    const url = new URL(migratorUrl)
    url.username = user
    url.password = password
    return url.toString()
  }
  return { appUrl: as('detrimus_app', secrets.app), authUrl: as('detrimus_auth', secrets.auth) }
}
