/** `npm run demo`: all set-up, then the app with demo data on loopback. `-- --fresh` begins again from nothing. */
import path from 'node:path'
import { needDebian, needNpm } from './lib/packages.mjs'
import { freePort, refuse, ROOT, say } from './lib/run.mjs'

const external = process.env.DATABASE_URL || null
const fresh = process.argv.includes('--fresh')

if (!external) await needDebian(['postgresql'])
await needNpm()
const { startPostgres } = await import('./lib/postgres.mjs')
const { dropAll, migrate, roleUrls } = await import('./lib/database.mjs')
const { appEnv, build, seed, serve } = await import('./lib/app.mjs')

if (!(await build())) refuse('The build failed; the lines above say why.')

say('Starting PostgreSQL')
const database = await startPostgres({ name: 'demo', port: 5461, external })
let server = null
let stopping = false
function stop(code) {
  if (stopping) return
  stopping = true
  server?.stop()
  database.stop()
  process.exit(code)
}
process.on('SIGINT', () => stop(0))
process.on('SIGTERM', () => stop(0))
process.on('uncaughtException', (error) => {
  process.stderr.write(`${error.stack}\n`)
  stop(1)
})

if (fresh) await dropAll(database)
await migrate(database)
const port = await freePort(Number(process.env.PORT) || 4610)
const env = appEnv({ ...roleUrls(database), secret: database.secrets.session, port })
await seed(env, ['--begun'])
server = await serve(env, port)
server.child.on('exit', () => stop(1))

const { DEMO_PASSWORD } = await import('./lib/demoSignIn.mjs')
say(`
Detrimus is ready:   http://127.0.0.1:${port}
  owner-estimator    imke@tern.invalid
  office             runa@tern.invalid
  crew, no money     dov@tern.invalid
  another firm       tove@gull.invalid
  password of all    ${DEMO_PASSWORD}
Data: ${external ? 'your DATABASE_URL' : path.join(ROOT, '.data', 'demo')}. Begin again: npm run demo -- --fresh
Stop: Ctrl-C`)
