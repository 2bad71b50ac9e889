import { readFileSync } from 'node:fs'
import path from 'node:path'
import { appEnv, build, seed, serve } from './app.mjs'
import { dropAll, migrate, roleUrls } from './database.mjs'
import { startPostgres } from './postgres.mjs'
import { freePort, refuse, ROOT } from './run.mjs'

/**
 * The built app on a database of its own, with demo data, for a command that measures or breaks it. Nothing of the demo's is touched.
 *
 * @returns what reaches it and what stops all of it again.
 */
export async function stand({ name, databasePort, port: wanted, seeded = true, env: more = {} }) {
  if (!(await build())) refuse('The build failed; the lines above say why.')
  const database = await startPostgres({ name, port: databasePort })
  let server = null
  const stop = () => {
    server?.stop()
    database.stop()
  }
  process.on('SIGINT', () => {
    stop()
    process.exit(130)
  })
  await dropAll(database)
  await migrate(database)
  const port = await freePort(wanted)
  const env = {
    ...appEnv({ ...roleUrls(database), secret: database.secrets.session, port }),
    DETRIMUS_CLUSTER_URL: database.clusterUrl,
    DETRIMUS_MIGRATOR_URL: database.migratorUrl,
    DETRIMUS_RESTART_DATABASE: JSON.stringify(database.restart ?? null),
    ...more,
  }
  if (seeded) await seed(env)
  const start = async () => {
    server = await serve(env, port)
  }
  await start()
  return {
    url: `http://127.0.0.1:${port}`,
    env,
    database,
    port,
    clusterUrl: database.clusterUrl,
    /** Ends the web process at once, in the middle of whatever it does. */
    kill: () => server?.kill(),
    start,
    stop,
  }
}

export const DEMO_WORD = /DEMO_PASSWORD = '([^']+)'/.exec(
  readFileSync(path.join(ROOT, 'demo/people.ts'), 'utf8'),
)[1]
