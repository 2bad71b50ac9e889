/**
 * `npm test`: all set-up, then types, formatting, lint, import direction, Jest, production build and the browser.
 * Ends with one line for all runners together, and non-zero when anything failed. Ignores DATABASE_URL.
 */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { needDebian, needNpm } from './lib/packages.mjs'
import { freePort, ROOT, run, say } from './lib/run.mjs'

await needDebian(['postgresql', 'chromium', 'poppler-utils'])
await needNpm()
const { startPostgres } = await import('./lib/postgres.mjs')
const { dropAll, migrate, roleUrls } = await import('./lib/database.mjs')
const { appEnv, build, seed, serve } = await import('./lib/app.mjs')

const BIN = path.join(ROOT, 'node_modules', '.bin')
const OUT = path.join(ROOT, '.data', 'test')
mkdirSync(OUT, { recursive: true })
let passed = 0
let failed = 0

/** Runs a command without a word and then tells all it said in one piece, since another may be running beside it. */
async function told(name, command, args, options = {}) {
  const said = []
  const since = Date.now()
  const code = await run(command, args, {
    ...options,
    stdio: ['ignore', 'pipe', 'pipe'],
    heard: (piece) => said.push(piece),
  })
  say(`\n— ${name}: ${Math.round((Date.now() - since) / 1000)} s`)
  process.stdout.write(Buffer.concat(said))
  return code
}

/** A check that passes or fails as a whole. */
async function check(name, command, args, options) {
  const code = await told(name, command, args, options)
  if (code === 0) passed += 1
  else failed += 1
  return code === 0
}

/** A runner that counts for itself, in a JSON report; a report that is missing is a failure. */
async function count(name, file, read, start) {
  rmSync(file, { force: true })
  const code = await start(name)
  if (!existsSync(file)) {
    failed += 1
    say(`${name} left no report.`)
    return
  }
  const found = read(JSON.parse(readFileSync(file, 'utf8')))
  passed += found.passed
  failed += found.failed
  // A runner can fail beside its tests: a suite that does not load, a teardown that breaks.
  if (code !== 0 && found.failed === 0) failed += 1
  if (found.passed + found.failed === 0) {
    failed += 1
    say(`${name} ran no test.`)
  }
}

await run(path.join(BIN, 'next'), ['typegen'], { stdio: 'ignore' })
const quickChecks = async () => {
  await check('Types', path.join(BIN, 'tsc'), ['--noEmit', '-p', '.'])
  await check('Types of the service worker', path.join(BIN, 'tsc'), ['--noEmit', '-p', 'src/sw'])
  await check('Formatting', path.join(BIN, 'prettier'), ['--check', '--log-level', 'warn', '.'])
  await check('Import direction', path.join(BIN, 'depcruise'), [
    '--config',
    '.dependency-cruiser.cjs',
    'src',
    'bench',
    'demo',
  ])
  await check('Licences', 'node', ['scripts/licences.mjs', '--check'])
}
const productionBuild = async () => {
  const since = Date.now()
  const fine = await build()
  say(`\n— Production build: ${Math.round((Date.now() - since) / 1000)} s`)
  if (fine) passed += 1
  else failed += 1
  return fine
}

const database = await startPostgres({ name: 'test', port: 5462 })
let server = null
const stop = () => {
  server?.stop()
  database.stop()
}
process.on('SIGINT', () => {
  stop()
  process.exit(130)
})
try {
  await dropAll(database)
  await migrate(database)
  const port = await freePort(4620)
  const env = appEnv({ ...roleUrls(database), secret: database.secrets.session, port })

  const jestEnv = {
    ...env,
    NODE_ENV: 'test',
    DETRIMUS_MIGRATOR_URL: database.migratorUrl,
    DETRIMUS_CLUSTER_URL: database.clusterUrl,
  }
  /** Suites without a database share nothing and take every core; those with one take turns. */
  const jest = (name, projects, workers) => {
    const report = path.join(OUT, `jest-${projects[0]}.json`)
    return count(
      name,
      report,
      (found) => ({
        passed: found.numPassedTests,
        failed: found.numFailedTests + found.numRuntimeErrorTestSuites,
      }),
      (title) =>
        told(
          title,
          'node',
          [
            '--experimental-vm-modules',
            '--no-warnings',
            'node_modules/jest/bin/jest.js',
            '--selectProjects',
            ...projects,
            `--maxWorkers=${workers}`,
            '--json',
            `--outputFile=${report}`,
          ],
          { env: jestEnv },
        ),
    )
  }
  // Two ways side by side, since each for itself leaves a core idle: lint has one thread, and what asks the database waits for it. The
  // build comes after lint, which reads the types that lie beside it.
  const [built] = await Promise.all([
    (async () => {
      await check('Lint', path.join(BIN, 'eslint'), ['.'])
      const fine = await productionBuild()
      await jest('Database', ['database'], 1)
      return fine
    })(),
    (async () => {
      await quickChecks()
      await jest('Core and reference', ['core', 'reference'], '100%')
    })(),
  ])

  if (built) {
    await dropAll(database)
    await migrate(database)
    await seed(env)
    server = await serve(env, port)
    const browser = path.join(OUT, 'playwright.json')
    await count(
      'Browser',
      browser,
      (report) => ({ passed: report.stats.expected + report.stats.flaky, failed: report.stats.unexpected }),
      () =>
        run(path.join(BIN, 'playwright'), ['test'], {
          env: {
            ...env,
            PLAYWRIGHT_JSON_OUTPUT_NAME: browser,
            DETRIMUS_MIGRATOR_URL: database.migratorUrl,
            DETRIMUS_RESTART_DATABASE: JSON.stringify(database.restart ?? null),
          },
        }),
    )
  }
} finally {
  stop()
}
say(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
