import { spawn, spawnSync } from 'node:child_process'
import { createServer } from 'node:net'
import { fileURLToPath } from 'node:url'
import path from 'node:path'

/** Root of the checkout. */
export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..')

export const say = (text) => process.stdout.write(`${text}\n`)

/** Ends the program with words that say what to do. */
export function refuse(text) {
  process.stderr.write(`\n${text}\n`)
  process.exit(1)
}

export function has(command) {
  return spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0
}

export const isRoot = () => process.getuid?.() === 0

/** Runs a command with its output shown, or handed to `heard` where that is given; resolves to the exit code. */
export function run(command, args, { heard, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: 'inherit', cwd: ROOT, ...options })
    child.stdout?.on('data', heard)
    child.stderr?.on('data', heard)
    child.on('error', reject)
    // Closed, not only ended: what it said last is heard.
    child.on('close', (code, signal) => resolve(signal ? 1 : (code ?? 1)))
  })
}

/** Runs a command and gives back what it printed; throws with its words when it fails. */
export function read(command, args, options = {}) {
  const result = spawnSync(command, args, { encoding: 'utf8', cwd: ROOT, ...options })
  if (result.error) throw result.error
  if (result.status !== 0) {
    throw new Error(
      `${command} ${args.join(' ')} failed (${result.status}):\n${result.stdout}${result.stderr}`,
    )
  }
  return result.stdout
}

/** The first free loopback port from a given one on. */
export async function freePort(from) {
  for (let port = from; port < from + 50; port += 1) {
    const free = await new Promise((resolve) => {
      const probe = createServer()
      probe.once('error', () => resolve(false))
      probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)))
    })
    if (free) return port
  }
  return refuse(`No free port between ${from} and ${from + 49}. Stop what uses them and try again.`)
}
