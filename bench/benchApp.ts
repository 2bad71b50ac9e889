import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test'
import { DEMO_PASSWORD } from '../demo/people'
import { printJobFile, type JobDocument } from '../src/core/job'

const PORT = 4640

/** The production build with demo data, and a browser in front of it, signed in. */
export type BenchApp = {
  readonly base: string
  readonly browser: Browser
  readonly desk: BrowserContext
  readonly page: Page
  /** File with the cookies of who is signed in, for further contexts. */
  readonly state: string
}

async function signIn(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/sign-in`)
  await page.getByLabel('E-mail').fill('imke@tern.invalid')
  await page.getByLabel('Password').fill(DEMO_PASSWORD)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.waitForURL(`${base}/jobs`)
}

/** Takes a job file in through the app's own door, so that every bench begins from a job of its own. */
export async function takeIn(page: Page, base: string, job: JobDocument): Promise<string> {
  const answer = await page.request.post(`${base}/api/jobs/import`, {
    data: Buffer.from(printJobFile(job)),
    headers: { origin: base, 'content-type': 'application/json' },
  })
  if (!answer.ok())
    throw new Error(`The bench’s job was not taken in: ${answer.status()} ${await answer.text()}`)
  return ((await answer.json()) as { id: string }).id
}

/** Builds, serves and signs in; stops everything it started, whatever becomes of the work. */
export async function withBenchApp<T>(work: (app: BenchApp) => Promise<T>): Promise<T> {
  const { startPostgres } = await import('../scripts/lib/postgres.mjs')
  const { dropAll, migrate, roleUrls } = await import('../scripts/lib/database.mjs')
  const { appEnv, build, seed, serve } = await import('../scripts/lib/app.mjs')
  if (!(await build())) throw new Error('The app was not built.')
  const database = await startPostgres({ name: 'bench', port: 5464 })
  const { session: secret } = (database as { secrets: { session: string } }).secrets
  await dropAll(database)
  await migrate(database)
  const env = appEnv({ ...roleUrls(database), secret, port: PORT })
  await seed(env)
  const server = await serve(env, PORT)
  const base = `http://127.0.0.1:${PORT}`
  const folder = mkdtempSync(path.join(tmpdir(), 'detrimus-bench-'))
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
    ],
  })
  try {
    const desk = await browser.newContext({ viewport: { width: 1280, height: 800 } })
    // The runner of this script names functions by a helper that the page does not have.
    await desk.addInitScript('globalThis.__name = (named) => named')
    const page = await desk.newPage()
    await signIn(page, base)
    const state = path.join(folder, 'state.json')
    await desk.storageState({ path: state })
    return await work({ base, browser, desk, page, state })
  } finally {
    await browser.close()
    server?.stop()
    database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}
