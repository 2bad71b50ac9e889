import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { createHash } from 'node:crypto'
import path from 'node:path'
import { has, isRoot, refuse, ROOT, run, say } from './run.mjs'

/** Where Debian keeps the PostgreSQL server programs, newest version first; null when there are none. */
export function postgresBin() {
  const base = '/usr/lib/postgresql'
  if (!existsSync(base)) return null
  return (
    readdirSync(base)
      .map(Number)
      .filter((version) => existsSync(`${base}/${version}/bin/initdb`))
      .sort((a, b) => b - a)
      .map((version) => `${base}/${version}/bin`)[0] ?? null
  )
}

const WANTED = {
  postgresql: () => postgresBin() !== null,
  chromium: () => existsSync('/usr/bin/chromium'),
  'poppler-utils': () => has('pdftotext'),
  haproxy: () => existsSync('/usr/sbin/haproxy'),
  pgbouncer: () => existsSync('/usr/sbin/pgbouncer'),
}

/** Installs what is missing from Debian: as root, else by sudo without a password, else prints the command and ends. */
export async function needDebian(names) {
  const missing = names.filter((name) => !WANTED[name]())
  if (missing.length === 0) return
  const command = `apt-get install -y --no-install-recommends ${missing.join(' ')}`
  const byHand = `Missing Debian packages. Run this, then start again:\n  sudo apt-get update && sudo ${command}`
  if (!has('apt-get'))
    refuse(`Missing programs: ${missing.join(', ')}. This is no Debian system; install them your way.`)
  const sudo = isRoot() ? [] : ['sudo', '-n']
  if (!isRoot() && (!has('sudo') || (await run('sudo', ['-n', 'true'], { stdio: 'ignore' })) !== 0))
    refuse(byHand)
  say(`Installing Debian packages: ${missing.join(', ')}`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  const call = (words) => run([...sudo, ...words][0], [...sudo, ...words].slice(1), { env })
  await call(['apt-get', 'update', '-qq'])
  if ((await call(command.split(' '))) !== 0) refuse(byHand)
  const still = names.filter((name) => !WANTED[name]())
  if (still.length > 0) refuse(`${byHand}\n(still missing: ${still.join(', ')})`)
}

/** Installs the npm packages of the lock file, unless they are there already. */
export async function needNpm() {
  const lock = createHash('sha256')
    .update(readFileSync(path.join(ROOT, 'package-lock.json')))
    .digest('hex')
  const stamp = path.join(ROOT, 'node_modules', '.detrimus-lock')
  if (
    existsSync(stamp) &&
    readFileSync(stamp, 'utf8') === lock &&
    statSync(path.join(ROOT, 'node_modules')).isDirectory()
  ) {
    return
  }
  say('Installing npm packages (about two minutes the first time)')
  // With what builds and tests it, also where the shell says that this is production.
  if ((await run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund'])) !== 0) {
    refuse('npm ci failed. Check the network to the npm registry, then start again.')
  }
  writeFileSync(stamp, lock)
}
