import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import path from 'node:path'

const SERVE = path.join(process.cwd(), '.next', 'detrimus', 'serve.mjs')

/** A web process of a test's own beside the one under test, on the same database: it can be killed and started again. */
export class OwnServer {
  private child: ChildProcess | null = null
  readonly url: string

  constructor(readonly port: number) {
    this.url = `http://127.0.0.1:${port}`
  }

  async start(): Promise<void> {
    const child = spawn(process.execPath, [SERVE], {
      env: { ...process.env, DETRIMUS_BASE_URL: this.url, HOST: '127.0.0.1', PORT: String(this.port) },
      stdio: 'ignore',
      detached: true,
    })
    this.child = child
    for (let tries = 0; tries < 160; tries += 1) {
      const up = await fetch(`${this.url}/sign-in`)
        .then((response) => response.ok)
        .catch(() => false)
      if (up) return
      await new Promise((resolve) => setTimeout(resolve, 250))
    }
    throw new Error(`The test's own web process did not answer on ${this.port} within 40 seconds.`)
  }

  /** Ends it at once, in the middle of whatever it does. */
  kill(): void {
    const { child } = this
    this.child = null
    if (child?.pid === undefined) return
    try {
      process.kill(-child.pid, 'SIGKILL')
    } catch {
      // It is gone already, which is what was wanted.
    }
  }
}

/** Stops and starts the database of this test run, as an update at night does. */
export function restartDatabase(): void {
  const command = process.env.DETRIMUS_RESTART_DATABASE
  if (command === undefined)
    throw new Error('DETRIMUS_RESTART_DATABASE is not set: run the tests through npm test.')
  const done = spawnSync(process.execPath, ['scripts/restartDatabase.mjs', command], { stdio: 'inherit' })
  if (done.status !== 0) throw new Error('The database did not restart.')
}
