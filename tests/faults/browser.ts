/**
 * Faults with the real client in a real browser: killed tabs, a killed browser, portals, cut answers, full storage, restarts, a wrong
 * clock, expired sessions, changed roles. `npm run faults`.
 */
import { chromium, type BrowserContext, type Page } from '@playwright/test'
import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import pg from 'pg'
import { compare, emptyTally, type Tally } from './tally'

const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]
const EMAIL = 'runa@tern.invalid'
const SERVE = path.join(process.cwd(), '.next', 'detrimus', 'serve.mjs')
const PORT = 4670

class OwnServer {
  private child: ChildProcess | null = null
  readonly url = `http://127.0.0.1:${PORT}`

  async start(): Promise<void> {
    this.child = spawn(process.execPath, [SERVE], {
      env: {
        ...process.env,
        NODE_ENV: 'production',
        DETRIMUS_BASE_URL: this.url,
        HOST: '127.0.0.1',
        PORT: String(PORT),
      },
      stdio: 'ignore',
    })
    for (let tries = 0; tries < 160; tries += 1) {
      const up = await fetch(`${this.url}/health`)
        .then((response) => response.ok)
        .catch(() => false)
      if (up) return
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
    throw new Error('the web process of the faults did not answer')
  }

  kill(): void {
    this.child?.kill('SIGKILL')
    this.child = null
  }
}

type World = {
  readonly server: OwnServer
  readonly database: pg.Client
  readonly profile: string
  readonly jobId: string
  context: BrowserContext
  page: Page
}

const statusOf = async (page: Page): Promise<string> =>
  (await page
    .getByRole('status')
    .first()
    .textContent({ timeout: 5000 })
    .catch(() => '')) ?? ''

async function openContext(profile: string, url: string): Promise<BrowserContext> {
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: '/usr/bin/chromium',
    headless: true,
    args: [...ARGS],
    baseURL: url,
    viewport: { width: 1280, height: 800 },
    // Requests are spoilt between page and server: the worker would make them where they cannot be reached.
    serviceWorkers: 'block',
  })
  context.setDefaultTimeout(20_000)
  // The runner of this script names functions by a helper that the page does not have.
  await context.addInitScript('globalThis.__name = (named) => named')
  return context
}

async function enter(page: Page, password: string): Promise<void> {
  await page.goto('/sign-in')
  await page.getByLabel('E-mail').fill(EMAIL)
  await page.getByLabel('Password').fill(password)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.getByRole('heading', { name: 'Jobs' }).waitFor()
}

async function openJob(world: World): Promise<void> {
  world.page = world.context.pages()[0] ?? (await world.context.newPage())
  await world.page.goto(`/jobs/${world.jobId}/walk`)
  await world.page.getByRole('tab', { name: /^Walk/ }).waitFor()
}

const settle = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))

async function type(page: Page, words: string): Promise<void> {
  const field = page.getByLabel('A word, or a whole line')
  await field.fill(words)
  await page.getByRole('button', { name: /^Add( \d+)?$/ }).click()
  for (let tries = 0; tries < 100 && (await field.inputValue()) !== ''; tries += 1) await settle(20)
}

const portal = (context: BrowserContext): Promise<unknown> =>
  context.route('**/api/**', (route) =>
    route.fulfill({
      status: 200,
      contentType: 'text/html',
      body: '<!doctype html><title>Guest network</title>',
    }),
  )

type Fault = {
  readonly name: string
  readonly does: (world: World, write: () => Promise<void>, password: string) => Promise<void>
}

const FAULTS: readonly Fault[] = [
  {
    name: 'the tab killed after typing',
    does: async (world, write) => {
      await write()
      await world.page.close({ runBeforeUnload: false })
      world.page = await world.context.newPage()
    },
  },
  {
    name: 'the browser killed after typing',
    does: async (world, write) => {
      await write()
      // Not asked to close: ended, with whatever it was writing.
      spawnSync('pkill', ['-9', '-f', world.profile])
      await world.context.close().catch(() => undefined)
      world.context = await openContext(world.profile, world.server.url)
    },
  },
  {
    name: 'no signal for a while',
    does: async (world, write) => {
      await world.context.setOffline(true)
      await write()
      await settle(300)
      await world.context.setOffline(false)
    },
  },
  {
    name: 'killed without a signal',
    does: async (world, write) => {
      await world.context.setOffline(true)
      await write()
      await world.page.close({ runBeforeUnload: false })
      await world.context.setOffline(false)
      world.page = await world.context.newPage()
    },
  },
  {
    name: 'a portal answers everything',
    does: async (world, write) => {
      await portal(world.context)
      await write()
      await settle(400)
      await world.context.unroute('**/api/**')
    },
  },
  {
    name: 'answers lost after the server did it',
    does: async (world, write) => {
      await world.context.route('**/changes', async (route) => {
        await route.fetch().catch(() => null)
        await route.abort().catch(() => undefined)
      })
      await write()
      await settle(300)
      await world.context.unroute('**/changes')
    },
  },
  {
    name: 'answers cut in the middle',
    does: async (world, write) => {
      await world.context.route('**/changes', async (route) => {
        const answer = await route.fetch().catch(() => null)
        if (!answer) return route.abort().catch(() => undefined)
        const text = await answer.text()
        await route.fulfill({ response: answer, body: text.slice(0, text.length / 2) }).catch(() => undefined)
      })
      await write()
      await settle(300)
      await world.context.unroute('**/changes')
    },
  },
  {
    name: 'storage full',
    does: async (world, write) => {
      await world.page.evaluate(() => {
        const full = (): never => {
          throw new DOMException('quota', 'QuotaExceededError')
        }
        Object.assign(IDBObjectStore.prototype, { add: full, put: full })
      })
      await world.context.setOffline(true)
      await write()
      await settle(200)
      const said = await statusOf(world.page)
      if (!/not kept yet/.test(said)) throw new Error(`full storage is not said: ${said}`)
      await world.context.setOffline(false)
      // It is only in this page, as it says: what is in the page is sent before the page goes.
      await world.page.getByRole('button', { name: 'Kept here' }).click()
      await world.page.getByRole('button', { name: 'Send now' }).click()
      await world.page.keyboard.press('Escape')
      await world.page
        .getByRole('status')
        .filter({ hasText: /^sent$/ })
        .waitFor({ timeout: 20_000 })
    },
  },
  {
    name: 'the web process killed and started again',
    does: async (world, write) => {
      world.server.kill()
      await write()
      await world.server.start()
    },
  },
  {
    name: 'the database restarted',
    does: async (world, write) => {
      spawnSync(process.execPath, [
        'scripts/restartDatabase.mjs',
        process.env['DETRIMUS_RESTART_DATABASE'] ?? '{}',
      ])
      await write()
    },
  },
  {
    name: 'the session ended by the server',
    does: async (world, write, password) => {
      await world.database.query(
        `delete from auth.session where user_id = (select id from auth."user" where email = $1)`,
        [EMAIL],
      )
      await write()
      await settle(200)
      const other = await world.context.newPage()
      await enter(other, password)
      await other.close()
    },
  },
  {
    name: 'the role changed and changed back',
    does: async (world, write) => {
      const role = (to: string): Promise<unknown> =>
        world.database.query(
          `update auth.member set role = $2 where user_id = (select id from auth."user" where email = $1)`,
          [EMAIL, to],
        )
      await role('crew')
      await write()
      await settle(200)
      await role('office')
    },
  },
  {
    name: 'the clock a day ahead',
    does: async (world, write) => {
      await world.page.evaluate(() => {
        const { now } = Date
        Date.now = () => now() + 86_400_000
      })
      await write()
    },
  },
]

/** Runs so many faults one after another, each with edits typed into it, and compares at the end. */
export async function browserFaults(of: {
  url: string
  password: string
  clusterUrl: string
  faults: number
}): Promise<{ tally: Tally; counts: ReadonlyMap<string, number> }> {
  const tally = emptyTally()
  const counts = new Map<string, number>()
  const server = new OwnServer()
  await server.start()
  const connect = async (): Promise<pg.Client> => {
    const client = new pg.Client({ connectionString: of.clusterUrl })
    client.on('error', () => undefined)
    await client.connect()
    return client
  }
  const profile = mkdtempSync(path.join(tmpdir(), 'detrimus-faults-'))
  const world: World = {
    server,
    database: await connect(),
    profile,
    jobId: `faults-in-browser`,
    context: await openContext(profile, server.url),
    page: null as unknown as Page,
  }
  const onServer = async (): Promise<string[]> => {
    const client = await connect()
    const { rows } = await client.query<{ words: string }>(
      `select body ->> 'words' as words from app.job_entity where job_id = $1 and kind = 'finding' order by (body ->> 'number')::int`,
      [world.jobId],
    )
    await client.end()
    return rows.map((row) => row.words)
  }
  const wrote: string[] = []
  /** Edits that were said to be sent or kept: these must be there in the end. */
  const promised = new Set<string>()
  let n = 0
  try {
    world.page = world.context.pages()[0] ?? (await world.context.newPage())
    await enter(world.page, of.password)
    await world.page.request.post('/api/jobs', {
      data: { id: world.jobId, title: 'Faults', time_zone: 'UTC' },
      headers: { origin: server.url },
    })
    for (let round = 0; round < of.faults; round += 1) {
      const fault = FAULTS[round % FAULTS.length]!
      await openJob(world)
      const many = round % 9 === 4 ? 20 : 2
      const write = async (): Promise<void> => {
        for (let i = 0; i < many; i += 1) {
          n += 1
          const words = `blow ${n}`
          await type(world.page, words)
          wrote.push(words)
          tally.edits += 1
        }
        const said = await statusOf(world.page)
        if (said === 'sent') {
          const there = new Set(await onServer().catch(() => wrote))
          for (const words of wrote.slice(-many)) if (!there.has(words)) tally.falselyShown += 1
        }
        const kept = /(\d+) kept here/.exec(said)
        if (said === 'sent' || (kept && !said.includes('not kept yet'))) {
          for (const words of wrote) promised.add(words)
        }
      }
      // The connection of this run may be ended by the fault itself.
      const before = world.database
      await fault.does(world, write, of.password)
      counts.set(fault.name, (counts.get(fault.name) ?? 0) + 1)
      tally.faults += 1
      Object.assign(world, { database: await connect() })
      await before.end().catch(() => undefined)
      if (tally.faults % 20 === 0) console.log(`  ${tally.faults} faults in the browser`)
    }
    await openJob(world)
    await world.page
      .getByRole('status')
      .filter({ hasText: /^sent$/ })
      .waitFor({ timeout: 90_000 })
    const has = await onServer()
    const there = new Set(has)
    tally.lost = [...promised].filter((words) => !there.has(words)).length
    const { doubled, reordered } = compare(
      wrote.filter((words) => there.has(words)),
      has,
    )
    tally.doubled = doubled
    tally.reordered = reordered
  } finally {
    await world.context.close().catch(() => undefined)
    await world.database.end().catch(() => undefined)
    server.kill()
    spawnSync('pkill', ['-9', '-f', profile])
    rmSync(profile, { recursive: true, force: true })
  }
  return { tally, counts }
}
