import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { buildPrograms } from './bundles.mjs'
import { buildServiceWorker } from './serviceWorker.mjs'
import { refuse, ROOT, run, say } from './run.mjs'

const BIN = path.join(ROOT, 'node_modules', '.bin')
const WORKER = path.join(ROOT, 'public', 'sw.js')
const SERVE = path.join(ROOT, '.next', 'detrimus', 'serve.mjs')
const STAMP = path.join(ROOT, '.next', 'detrimus-sources')

/** What the web process is told; nothing of it is in the repository. */
export function appEnv({ appUrl, authUrl, queueUrl, secret, port }) {
  return {
    ...process.env,
    NODE_ENV: 'production',
    NEXT_TELEMETRY_DISABLED: '1',
    DETRIMUS_APP_DATABASE_URL: appUrl,
    DETRIMUS_AUTH_DATABASE_URL: authUrl,
    DETRIMUS_QUEUE_DATABASE_URL: queueUrl,
    DETRIMUS_SESSION_SECRET: secret,
    DETRIMUS_BASE_URL: `http://127.0.0.1:${port}`,
    HOST: '127.0.0.1',
    PORT: String(port),
    // Requests are not logged on somebody's terminal; failures are.
    DETRIMUS_LOG_LEVEL: process.env.DETRIMUS_LOG_LEVEL ?? 'error',
  }
}

/** Hash over everything the build reads, so that an unchanged tree is not built again. */
function sourcesHash() {
  const hash = createHash('sha256')
  const walk = (dir) => {
    for (const name of readdirSync(dir).sort()) {
      const full = path.join(dir, name)
      if (statSync(full).isDirectory()) walk(full)
      else hash.update(full).update(readFileSync(full))
    }
  }
  walk(path.join(ROOT, 'src'))
  for (const name of [
    'package-lock.json',
    'next.config.ts',
    'postcss.config.mjs',
    'tsconfig.json',
    'public/offline.html',
    'scripts/lib/bundles.mjs',
    'scripts/lib/serviceWorker.mjs',
  ]) {
    hash.update(readFileSync(path.join(ROOT, name)))
  }
  return hash.digest('hex')
}

/** Builds the app unless the build that is there was made from these very sources. */
export async function build() {
  const wanted = sourcesHash()
  if (existsSync(STAMP) && existsSync(WORKER) && readFileSync(STAMP, 'utf8') === wanted) return true
  say('Building the app (under a minute)')
  rmSync(path.join(ROOT, '.next'), { recursive: true, force: true })
  const code = await run(path.join(BIN, 'next'), ['build'], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  })
  if (code !== 0) return false
  await buildPrograms()
  await buildServiceWorker()
  writeFileSync(STAMP, wanted)
  return true
}

/** Loads the invented firms and jobs. */
export async function seed(env, words = []) {
  const code = await run(path.join(BIN, 'tsx'), ['--conditions=react-server', 'scripts/seed.ts', ...words], {
    env,
  })
  if (code !== 0) refuse('The demo data could not be loaded; the lines above say why.')
}

/** Starts the built app on loopback and waits until it answers. */
export async function serve(env, port) {
  // What answered there before us would be tested, measured or shown in our place.
  const taken = await fetch(`http://127.0.0.1:${port}/`, { redirect: 'manual' }).then(
    () => true,
    () => false,
  )
  if (taken) return refuse(`Something else answers on 127.0.0.1:${port}: stop it and start this again.`)
  const child = spawn(process.execPath, [SERVE], {
    cwd: ROOT,
    env: { ...env, PORT: String(port) },
    stdio: ['ignore', 'ignore', 'inherit'],
    detached: true,
  })
  const end = (signal) => {
    try {
      process.kill(-child.pid, signal)
    } catch {
      // It is gone already, which is what was wanted.
    }
  }
  const stop = () => end('SIGTERM')
  const kill = () => end('SIGKILL')
  let ended = false
  child.on('exit', () => {
    ended = true
  })
  for (let tries = 0; tries < 120; tries += 1) {
    if (ended) refuse('The app ended while starting; the lines above say why.')
    const up = await fetch(`http://127.0.0.1:${port}/sign-in`)
      .then((response) => response.ok)
      .catch(() => false)
    if (up) return { child, stop, kill }
    await new Promise((resolve) => setTimeout(resolve, 250))
  }
  stop()
  return refuse('The app did not answer within 30 seconds.')
}
