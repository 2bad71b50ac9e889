/** Nothing typed or photographed is ever lost: no signal, a killed tab, a killed server, a restarted database, two people. */
import { expect, test, type BrowserContext, type Page } from '@playwright/test'
import { drawnPhoto } from '../../demo/photos'
import type { JobDocument } from '../../src/core/job'
import { OwnServer, restartDatabase } from './ownServer'
import { allSent, openJob, PEOPLE, photo, signIn } from './support'

test.use({ serviceWorkers: 'allow' })

/** The worker controls the page and holds the page a job opens with, and the jobs of the list are here. */
async function ready(page: Page): Promise<void> {
  const within = (ms: number): Promise<string | null> =>
    page.evaluate(async (wait_ms) => {
      await navigator.serviceWorker.ready
      const until = Date.now() + wait_ms
      while (Date.now() < until) {
        const shell = await caches.match('/jobs/shell', { cacheName: 'detrimus-pages' })
        if (shell && navigator.serviceWorker.controller) return null
        await new Promise((resolve) => setTimeout(resolve, 100))
      }
      const held = await caches.keys()
      const { active, installing, waiting } = (await navigator.serviceWorker.getRegistration()) ?? {}
      return `caches ${held.join(', ')}; controller ${String(navigator.serviceWorker.controller?.state)}, active ${String(active?.state)}, installing ${String(installing?.state)}, waiting ${String(waiting?.state)}`
    }, ms)
  if ((await within(20_000)) === null) return
  // On a machine that is busy the browser may leave the page it was registered from uncontrolled: the next one is not.
  await page.reload()
  const why = await within(20_000)
  if (why !== null) throw new Error(`The service worker did not become ready: ${why}.`)
}

async function serverJob(page: Page, id: string): Promise<JobDocument> {
  const answer = await page.request.get(`/api/jobs/${id}`)
  expect(answer.status()).toBe(200)
  return ((await answer.json()) as { job: JobDocument }).job
}

async function addWord(page: Page, word: string): Promise<void> {
  await page.getByLabel('A word, or a whole line').fill(word)
  await page.getByRole('button', { name: /^Add( \d+)?$/ }).click()
  await expect(page.getByLabel('A word, or a whole line')).toHaveValue('')
}

const jobIdOf = (page: Page): string => new URL(page.url()).pathname.split('/')[2]!

async function newJob(page: Page, word: string): Promise<string> {
  await page.getByLabel('A word').fill(word)
  await page.getByRole('button', { name: 'New finding' }).click()
  await expect(page.getByRole('tab', { name: /Walk/ })).toBeVisible()
  return jobIdOf(page)
}

test('50 findings and 10 photos without a signal, the tab killed, reopened, sent: all there once, in order', async ({
  page,
  context,
}) => {
  test.setTimeout(240_000)
  await signIn(page, PEOPLE.estimator)
  await ready(page)
  const id = await newJob(page, 'first word')
  await allSent(page)
  await context.setOffline(true)
  const pictures: Buffer[] = []
  for (let index = 1; index <= 50; index += 1) {
    if (index % 5 === 0) {
      const buffer = await drawnPhoto({ caption: `picture ${index}`, tint: '#e6cfa4', damage: 'sill' })
      pictures.push(buffer)
      await page
        .getByLabel('Photo of the finding')
        .setInputFiles({ name: `p${index}.jpg`, mimeType: 'image/jpeg', buffer })
    }
    await addWord(page, `spot number ${index}`)
  }
  await expect(page.getByRole('status').filter({ hasText: /no signal, \d+ kept here/ })).toBeVisible()
  await expect(page.getByText('on this device').first()).toBeVisible()
  await page.close()

  const again = await context.newPage()
  await again.goto(`/jobs/${id}/walk`)
  await expect(again.getByRole('tab', { name: /Walk 51 findings/ })).toBeVisible()
  await expect(again.getByText('spot number 50').first()).toBeVisible()
  await context.setOffline(false)
  await expect(again.getByRole('status').filter({ hasText: /^sent$/ })).toBeVisible({ timeout: 60_000 })

  const job = await serverJob(again, id)
  expect(job.findings.map((finding) => finding.words)).toEqual([
    'first word',
    ...Array.from({ length: 50 }, (_, index) => `spot number ${index + 1}`),
  ])
  expect(job.findings.map((finding) => finding.number)).toEqual(
    Array.from({ length: 51 }, (_, index) => index + 1),
  )
  expect(job.photos).toHaveLength(10)
  expect(job.findings.filter((finding) => finding.photo_ids.length === 1)).toHaveLength(10)
  for (const [index, kept] of job.photos.entries()) {
    const original = await again.request.get(`/api/photos/${kept.sha256}?size=original`)
    expect(Buffer.compare(await original.body(), pictures[index]!)).toBe(0)
  }
})

test('a job begun without a signal is on the list of this device, and on the server afterwards', async ({
  page,
  context,
}) => {
  await signIn(page, PEOPLE.estimator)
  await ready(page)
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await page.evaluate(() => fetch('/api/jobs/template').then((answer) => answer.ok))
  await page.waitForTimeout(1500)
  await context.setOffline(true)
  const id = await newJob(page, 'wet corner')
  await page.goto('/jobs')
  await expect(
    page.getByRole('region', { name: 'On this device' }).getByRole('link').first(),
  ).toHaveAttribute('href', `/jobs/${id}/walk`)
  await page.getByRole('region', { name: 'On this device' }).getByRole('link').first().click()
  await expect(page.getByText('wet corner').first()).toBeVisible()
  await context.setOffline(false)
  await allSent(page)
  expect((await serverJob(page, id)).findings.map((finding) => finding.words)).toEqual(['wet corner'])
})

test('the server killed in the middle of sending, and started again: every edit once', async ({
  browser,
}) => {
  test.setTimeout(180_000)
  const server = new OwnServer(4631)
  await server.start()
  const context = await browser.newContext({ baseURL: server.url })
  try {
    const page = await context.newPage()
    await signIn(page, PEOPLE.estimator)
    await ready(page)
    const id = await newJob(page, 'before the fall')
    await allSent(page)
    // The answer to the first batch is lost on its way: the server has it, the browser does not know.
    await page.route('**/changes', async (route) => {
      await route.fetch().catch(() => null)
      server.kill()
      await route.abort()
      await page.unroute('**/changes')
    })
    for (let index = 1; index <= 5; index += 1) await addWord(page, `fallen ${index}`)
    await expect(page.getByRole('status').filter({ hasText: /no signal|does not answer/ })).toBeVisible()
    await addWord(page, 'while it was down')
    await server.start()
    await expect(page.getByRole('status').filter({ hasText: /^sent$/ })).toBeVisible({ timeout: 60_000 })
    const job = await serverJob(page, id)
    expect(job.findings.map((finding) => finding.words)).toEqual([
      'before the fall',
      ...[1, 2, 3, 4, 5].map((index) => `fallen ${index}`),
      'while it was down',
    ])
  } finally {
    server.kill()
    await context.close()
  }
})

// The database is everybody's: who else asks something of it in that instant is told that it did not work.
const ALONE = { tag: '@alone' }
test(
  'the database restarted under the app: the app stays up and the edits arrive',
  ALONE,
  async ({ page }) => {
    await signIn(page, PEOPLE.estimator)
    const id = await newJob(page, 'before the restart')
    await allSent(page)
    restartDatabase()
    await addWord(page, 'after the restart')
    await expect(page.getByRole('status').filter({ hasText: /^sent$/ })).toBeVisible({ timeout: 60_000 })
    const job = await serverJob(page, id)
    expect(job.findings.map((finding) => finding.words)).toEqual(['before the restart', 'after the restart'])
  },
)

test('two devices on one job: fields merge, both values are in the history, a hazard stays', async ({
  page,
  browser,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await newJob(page, 'shared')
  await allSent(page)
  const other: BrowserContext = await browser.newContext()
  const second = await other.newPage()
  await signIn(second, PEOPLE.office)
  await second.goto(`/jobs/${id}/walk`)
  await second
    .getByRole('button', { name: /shared/ })
    .first()
    .click()
  await other.setOffline(true)
  await second.getByLabel('In your words').fill('words of the office')
  await second.getByLabel('In your words').blur()
  await second.getByRole('button', { name: 'Note a hazard' }).click()
  await second.getByRole('dialog').getByLabel('What, in a few words').fill('board hangs loose')
  await second.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click()
  await page.getByLabel('In your words').fill('words of the estimator')
  await page.getByLabel('In your words').blur()
  await page.getByLabel('Part', { exact: true }).selectOption('fascia')
  await allSent(page)
  await other.setOffline(false)
  await expect(second.getByRole('status').filter({ hasText: /^sent$/ })).toBeVisible({ timeout: 30_000 })
  const job = await serverJob(page, id)
  expect(job.findings[0]).toMatchObject({ words: 'words of the office', component: 'fascia' })
  expect(job.facts.filter((fact) => fact.kind === 'hazard')).toHaveLength(1)
  // The estimator edits on, unaware; the hazard is still there, and his page learns of it.
  await page.getByLabel('Part', { exact: true }).selectOption('soffit')
  await expect(page.getByText('board hangs loose').first()).toBeVisible({ timeout: 30_000 })
  await second.getByRole('button', { name: /^History/ }).click()
  await expect(second.getByRole('dialog').getByText('words of the estimator').first()).toBeVisible()
  await other.close()
})

test('storage full: it says so, and what is on the page still arrives', async ({ page, context }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await newJob(page, 'full up')
  await allSent(page)
  // What opens without a signal is on the device by then; on a busy machine it takes its time.
  await ready(page)
  await page.evaluate(() => {
    // What a browser does when its quota is spent.
    const full = (): never => {
      throw new DOMException('quota', 'QuotaExceededError')
    }
    Object.assign(IDBObjectStore.prototype, { add: full, put: full })
  })
  await context.setOffline(true)
  await page.getByLabel('Photo of the finding').setInputFiles(await photo())
  await addWord(page, 'no room for this')
  await page.getByRole('button', { name: 'Kept here', exact: true }).click()
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('only in this page')
  await page.getByRole('button', { name: 'Close', exact: true }).last().click()
  await context.setOffline(false)
  await expect(page.getByRole('status').filter({ hasText: /^sent$/ })).toBeVisible({ timeout: 30_000 })
  const job = await serverJob(page, id)
  expect(job.findings.map((finding) => finding.words)).toEqual(['full up', 'no room for this'])
  expect(job.photos).toHaveLength(1)
})

test('a clock a day ahead: facts are written down by the server’s time, and the page says so', async ({
  page,
}) => {
  await page.clock.install({ time: new Date(Date.now() + 86_400_000) })
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Tallow Street')
  const id = jobIdOf(page)
  await page.getByRole('button', { name: 'Kept here', exact: true }).click()
  await expect(page.getByRole('dialog')).toContainText(/clock is 14\d\d minutes ahead/)
  await page.getByRole('button', { name: 'Close', exact: true }).last().click()
  await page.getByRole('region', { name: 'Findings' }).getByRole('button', { name: /^1 / }).click()
  await page.getByRole('button', { name: 'Note a hazard' }).click()
  await page.getByRole('dialog').getByLabel('What, in a few words').fill('glass is cracked')
  await page.getByRole('dialog').getByRole('button', { name: 'Write it down' }).click()
  await allSent(page)
  const fact = (await serverJob(page, id)).facts.find((each) => each.kind === 'hazard')
  expect(Math.abs(Date.parse(fact!.at) - Date.now())).toBeLessThan(120_000)
})

test('signed out while away: the queue is kept, and goes after signing in again', async ({
  page,
  context,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await newJob(page, 'signed in')
  await allSent(page)
  await context.clearCookies()
  await addWord(page, 'signed out')
  await expect(
    page.getByRole('status').filter({ hasText: /signed out, 1 kept here, since \d/ }),
  ).toBeVisible()
  // Somebody else signs in on this device: the edit is neither shown to him nor sent in his name.
  const crew = await context.newPage()
  await signIn(crew, PEOPLE.crew)
  await expect(page.getByRole('tab', { name: /Walk 1 finding/ })).toBeVisible({ timeout: 20_000 })
  await expect(page.getByText('signed out')).toHaveCount(0)
  expect((await serverJob(crew, id)).findings.map((finding) => finding.words)).toEqual(['signed in'])
  await context.clearCookies()
  await signIn(crew, PEOPLE.estimator)
  await expect(page.getByRole('tab', { name: /Walk 2 findings/ })).toBeVisible({ timeout: 20_000 })
  await expect(page.getByRole('status').filter({ hasText: /^sent$/ })).toBeVisible({ timeout: 20_000 })
  expect((await serverJob(page, id)).findings.map((finding) => finding.words)).toEqual([
    'signed in',
    'signed out',
  ])
})

test('a part of the page that cannot be fetched says so, and comes when it can', async ({ browser }) => {
  // Without the worker that keeps pages, as on a first visit: a stage is asked for when the network is gone.
  const context = await browser.newContext({ serviceWorkers: 'block' })
  const page = await context.newPage()
  await signIn(page, PEOPLE.estimator)
  // A device that spares its battery fetches nothing ahead of time: the part is asked for when it is opened.
  await page.evaluate(() => localStorage.setItem('detrimus.save-battery', 'on'))
  let cut = false
  await page.route('**/_next/static/**', (route) => (cut ? route.abort() : route.continue()))
  await page.goto('/jobs/tallow-street-31/walk')
  await page.getByRole('form', { name: 'Photo and word' }).waitFor()
  cut = true
  await page.getByRole('tab', { name: /^Cut/ }).click()
  const said = page.getByText(/^This part is not on this device yet/)
  await expect(said).toBeVisible()
  await expect(page.getByRole('tab', { name: /^Walk/ })).toBeVisible()
  cut = false
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(said).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Buy list' })).toBeVisible()
  await context.close()
})
