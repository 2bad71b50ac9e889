/** One device, several people: whoever signs in next sees none of the former's jobs, money, links or pages, with a signal or without. */
import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import pg from 'pg'
import { DEMO_PASSWORD } from '../../demo/people'
import { allSent, colleague, openJob, openStage, PEOPLE } from './support'

test.use({ serviceWorkers: 'allow' })

/** Signs in through the page, always: what happens at the door is what is tested here. */
async function enter(page: Page, email: string): Promise<void> {
  await page.goto('/sign-in')
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill(DEMO_PASSWORD)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
}

async function workerReady(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready
    for (let tries = 0; tries < 300; tries += 1) {
      const [job, list] = await Promise.all(
        ['/jobs/shell', '/jobs/list-shell'].map((name) =>
          caches.match(name, { cacheName: 'detrimus-pages' }),
        ),
      )
      if (job && list && navigator.serviceWorker.controller) return
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
    throw new Error('the service worker did not become ready')
  })
}

/** Everything this browser keeps of our origin, as text: databases, caches, storage. */
async function keptText(page: Page): Promise<string> {
  return page.evaluate(async () => {
    const found: string[] = [localStorage, sessionStorage].map((storage) =>
      JSON.stringify(Object.entries(storage)),
    )
    for (const { name } of await indexedDB.databases()) {
      const database = await new Promise<IDBDatabase>((resolve, reject) => {
        const asked = indexedDB.open(name!)
        asked.onsuccess = () => resolve(asked.result)
        asked.onerror = () => reject(new Error(`cannot open ${name}`))
      })
      for (const store of database.objectStoreNames) {
        const rows = await new Promise<unknown[]>((resolve) => {
          const asked = database.transaction(store).objectStore(store).getAll()
          asked.onsuccess = () => resolve(asked.result)
        })
        for (const row of rows as Record<string, unknown>[]) {
          for (const [key, value] of Object.entries(row)) {
            found.push(
              `${key}=${value instanceof Uint8Array ? new TextDecoder('latin1').decode(value) : JSON.stringify(value)}`,
            )
          }
        }
      }
      database.close()
    }
    for (const name of await caches.keys()) {
      if (!name.startsWith('detrimus')) continue
      const cache = await caches.open(name)
      for (const request of await cache.keys()) {
        if (request.url.includes('/_next/')) continue
        const response = await cache.match(request)
        found.push(`${request.url} ${await response!.text()}`)
      }
    }
    return found.join('\n')
  })
}

const MONEY_AND_NAMES = /Alder House|Kelp Row|Ferrous|burdened|cents|Imke/

test('after the estimator, the crew and then another firm see nothing of his, online or offline', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000)
  await enter(page, PEOPLE.estimator)
  await workerReady(page)
  await openJob(page, 'Alder House')
  await openStage(page, 'Price')
  await expect(page.getByText(/^\$\d\d,\d{3}/).first()).toBeVisible()
  await page.goto('/outbox')
  await page.goto('/jobs')
  await expect(page.getByRole('link', { name: /Alder House/ })).toBeVisible()
  // While he is signed in the copies are sealed, and no page with money or links lies in a cache.
  const during = await keptText(page)
  expect(during.replace(/detrimus-member[^\n]*/, '')).not.toMatch(/Alder House|Ferrous|burdened|rates/)
  expect(during).not.toMatch(/outbox|\/o\//)

  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page).toHaveURL(/sign-in/)
  expect(await keptText(page)).not.toMatch(MONEY_AND_NAMES)
  await page.goBack()
  await expect(page.getByText('Alder House')).toHaveCount(0)

  await enter(page, PEOPLE.otherFirm)
  await expect(
    page.getByRole('button', { name: 'Take in a job file' }).or(page.getByText('Take in a job file')),
  ).toBeVisible()
  await expect(page.getByText('Alder House')).toHaveCount(0)
  await workerReady(page)
  await context.setOffline(true)
  await page.goto('/jobs/alder-house/price')
  await expect(
    page.getByRole('alert').filter({ hasText: 'this job is not on this device yet' }),
  ).toBeVisible()
  await page.goto('/jobs')
  await expect(page.getByText('No signal: only what is on this device.')).toBeVisible()
  await expect(page.getByText('Alder House')).toHaveCount(0)
  await page.goto('/outbox').catch(() => undefined)
  await expect(page.getByText('Alder House')).toHaveCount(0)
  await context.setOffline(false)
})

test('signed in over somebody whose session had run out: his copies stay sealed, his edit waits for him', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000)
  await enter(page, PEOPLE.estimator)
  await workerReady(page)
  await openJob(page, 'Saltmarsh')
  const address = page.url()
  await allSent(page)
  await context.clearCookies()
  await page.getByLabel('A word, or a whole line').fill('for the estimator alone')
  await page.getByRole('button', { name: /^Add( \d+)?$/ }).click()
  await expect(page.getByRole('status').filter({ hasText: 'signed out, 1 kept here' })).toBeVisible()
  await enter(page, PEOPLE.otherFirm)
  expect(await keptText(page)).not.toMatch(/for the estimator|Saltmarsh|Imke/)
  await page.goto(address)
  await expect(page.getByRole('alert').filter({ hasText: 'There is no such job.' })).toBeVisible()
  await enter(page, PEOPLE.estimator)
  await page.goto(address)
  await expect(page.getByText('for the estimator alone').first()).toBeVisible()
  await allSent(page)
})

test('signing out without a signal: the copies go at once, the session at the next contact', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000)
  await enter(page, PEOPLE.estimator)
  await workerReady(page)
  await expect(page.getByRole('link', { name: /Alder House/ })).toBeVisible()
  const cookies = await context.cookies()
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('heading', { name: 'No signal' })).toBeVisible()
  expect(await page.evaluate(() => localStorage.getItem('detrimus-member'))).toBeNull()
  await page.goto('/jobs')
  await expect(page.getByRole('heading', { name: 'No signal' })).toBeVisible()
  expect(await keptText(page)).not.toMatch(MONEY_AND_NAMES)
  await context.setOffline(false)
  // The next contact: any page of ours.
  await page.goto('/jobs')
  await expect(page).toHaveURL(/sign-in/)
  const old = await context.browser()!.newContext()
  await old.addCookies(cookies)
  expect((await old.request.get(new URL('/api/me', page.url()).toString())).status()).toBe(401)
  await old.close()
})

test('signed out at once after the list opened: what was still being taken along does not come back', async ({
  page,
}) => {
  test.setTimeout(120_000)
  await enter(page, PEOPLE.estimator)
  for (let turn = 0; turn < 4; turn += 1) {
    // Answers under way when he leaves arrive after he left.
    await page.route('**/api/jobs/**', async (route) => {
      await new Promise((resolve) => setTimeout(resolve, 150 * turn))
      await route.continue().catch(() => undefined)
    })
    await page.goto('/jobs')
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page).toHaveURL(/sign-in/)
    await page.waitForTimeout(700)
    expect(await keptText(page)).not.toMatch(MONEY_AND_NAMES)
    await page.unroute('**/api/jobs/**')
    await enter(page, PEOPLE.estimator)
  }
})

test('edits that wait are offered before he goes: saved as a file, taken in again, sent', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000)
  await enter(page, PEOPLE.estimator)
  await workerReady(page)
  await openJob(page, 'Quarry Road')
  const address = page.url()
  await allSent(page)
  await context.setOffline(true)
  await page.getByLabel('A word, or a whole line').fill('saved as a file')
  await page.getByRole('button', { name: /^Add( \d+)?$/ }).click()
  await expect(page.getByRole('status').filter({ hasText: 'no signal, 1 kept here' })).toBeVisible()
  await page.goto('/jobs')
  await page.getByRole('button', { name: 'Sign out' }).click()
  const dialog = page.getByRole('dialog', { name: 'Not everything is sent' })
  await expect(dialog.getByRole('button', { name: 'Sign out' })).toBeDisabled()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'Save as a file' }).click(),
  ])
  const saved = readFileSync(await file.path())
  await dialog.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('heading', { name: 'No signal' })).toBeVisible()
  expect(await page.evaluate(() => localStorage.getItem('detrimus-member'))).toBeNull()
  await context.setOffline(false)
  await enter(page, PEOPLE.estimator)
  await page
    .getByLabel('Saved edits to take in')
    .setInputFiles({ name: 'saved.zip', mimeType: 'application/zip', buffer: saved })
  await expect(page.getByText('1 edit and 0 pictures wait here again.')).toBeVisible()
  await page.goto(address)
  await expect(page.getByText('saved as a file').first()).toBeVisible()
  await allSent(page)
})

test('whoever is made crew sees no money from then on, though his own copies had it', async ({
  page,
  context,
  request,
}) => {
  test.setTimeout(120_000)
  const email = await colleague(request, 'office')
  const database = new pg.Client({ connectionString: process.env.DETRIMUS_MIGRATOR_URL ?? '' })
  await database.connect()
  const role = (to: string): Promise<unknown> =>
    database.query(
      `update auth.member set role = $2 where user_id = (select id from auth."user" where email = $1)`,
      [email, to],
    )
  try {
    await enter(page, email)
    await workerReady(page)
    await openJob(page, 'Kelp Row')
    await expect(page.getByRole('tab', { name: /^Price \$/ })).toBeVisible()
    const address = page.url()
    await role('crew')
    // The page learns of it at its next contact and begins anew, without what was told in the other role.
    await page.goto(address)
    await expect(page.getByRole('tab', { name: /^Price not shown/ })).toBeVisible({ timeout: 30_000 })
    await context.setOffline(true)
    await page.reload()
    await expect(page.getByRole('tab', { name: /^Price not shown/ })).toBeVisible({ timeout: 30_000 })
    await context.setOffline(false)
  } finally {
    await database.end()
  }
})
