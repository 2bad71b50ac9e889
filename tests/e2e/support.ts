import AxeBuilder from '@axe-core/playwright'
import { randomUUID } from 'node:crypto'
import { expect, type APIRequestContext, type Cookie, type Locator, type Page } from '@playwright/test'
import { drawnPhoto } from '../../demo/photos'
import { DEMO_PASSWORD } from '../../demo/people'

export const PEOPLE = {
  estimator: 'imke@tern.invalid',
  office: 'runa@tern.invalid',
  crew: 'dov@tern.invalid',
  apprentice: 'pell@tern.invalid',
  otherFirm: 'tove@gull.invalid',
} as const

/** What a browser says of the page a request comes from: ours. */
export const OWN = { origin: process.env.DETRIMUS_BASE_URL ?? '' }

/** Signs a client in that is no page. */
export async function apiOf(api: APIRequestContext, email: string, password: string): Promise<void> {
  const answer = await api.post('/api/auth/sign-in/email', { data: { email, password }, headers: OWN })
  expect(answer.status()).toBe(200)
}

/** Somebody new in the demo firm, asked in and joined; for tests that change who somebody is while others run beside them. */
export async function colleague(api: APIRequestContext, role: 'office' | 'crew'): Promise<string> {
  await apiOf(api, PEOPLE.estimator, DEMO_PASSWORD)
  const email = `${randomUUID()}@tern.invalid`
  const name = 'Ansa Corrie'
  const asked = await api.post('/api/firm/people', { data: { name, role, email: '' }, headers: OWN })
  expect(asked.status()).toBe(201)
  const { url } = (await asked.json()) as { url: string }
  const joined = await api.post(`/api${new URL(url).pathname}`, {
    data: { name, email, password: DEMO_PASSWORD },
    headers: OWN,
  })
  expect(joined.status()).toBe(201)
  return email
}

const signedIn = new Map<string, Cookie[]>()

/**
 * Signs in through the page, as a person does; a person who did so before comes back with the same session, since the sign-in page
 * rightly slows down whoever knocks too often.
 */
export async function signIn(page: Page, email: string): Promise<void> {
  const cookies = signedIn.get(email)
  if (cookies) {
    await page.context().addCookies(cookies)
    await page.goto('/jobs')
    if (new URL(page.url()).pathname === '/jobs') return
    // Signed out meanwhile by a test that tries that.
    await page.context().clearCookies()
  }
  await page.goto('/sign-in')
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill(DEMO_PASSWORD)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  signedIn.set(email, await page.context().cookies())
}

export async function photo(): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const buffer = await drawnPhoto({ caption: 'test', tint: '#e6cfa4', damage: 'sill' })
  return { name: 'soft.jpg', mimeType: 'image/jpeg', buffer }
}

/** Opens a job from the list, found by its name: a firm with many jobs does not see all of them at once. */
export async function openJob(page: Page, name: string): Promise<void> {
  const find = page.getByRole('searchbox', { name: 'Find a job' })
  const link = page.getByRole('link', { name: new RegExp(name) }).first()
  await expect(find.or(link).first()).toBeVisible()
  if (await find.isEnabled()) await find.fill(name)
  await link.click()
  await expect(stageDoor(page)).toBeVisible()
}

/** The way to the stages: tabs on a desk, a menu on a phone. */
export function stageDoor(page: Page): Locator {
  return page
    .getByRole('tablist', { name: 'Stages of the job' })
    .or(page.getByRole('button', { name: /^Stage: / }))
    .first()
}

/** Everything that is to be minded, opened over the page. */
export async function openCautions(page: Page): Promise<Locator> {
  const band = page.getByRole('region', { name: 'Cautions' })
  const open = band.getByRole('button', { name: /caution.*: open$/ })
  if (await open.isVisible()) await open.click()
  return band
}

export async function openStage(page: Page, stage: string): Promise<void> {
  const menu = page.getByRole('button', { name: /^Stage: / })
  const stages = page.getByRole('tablist', { name: 'Stages of the job' })
  await expect(stageDoor(page)).toBeVisible()
  if (await menu.isVisible()) {
    await menu.click()
    await page.getByRole('menuitemradio', { name: new RegExp(`^${stage}`) }).click()
  } else await stages.getByRole('tab', { name: new RegExp(`^${stage}`) }).click()
  await expect(page.getByRole('tabpanel', { name: new RegExp(`^${stage}`) })).toBeVisible()
}

/** Everything typed has reached the server. */
export async function allSent(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: /^sent$/ })).toBeVisible()
}

/** No finding of axe on what is on the screen now, or within one part of a page whose rest is looked at elsewhere. */
export async function expectAccessible(page: Page, within?: string): Promise<void> {
  // No page of ours holds a frame of another: looked at in one piece, and told of what is wrong alone, it takes a third of the time.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] })
  const { violations } = await (within ? axe.include(within) : axe).analyze()
  expect(
    violations.map((each) => `${each.id}: ${each.nodes.map((node) => node.html.slice(0, 120)).join(' | ')}`),
  ).toEqual([])
}

/** Nothing is cut off or scrolls sideways, and every target is large enough for a thumb. */
export async function expectFitsPhone(page: Page, what: string): Promise<void> {
  const sideways = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
  expect(`${what}: ${sideways} px`).toBe(`${what}: 0 px`)
  const small = await page
    .getByRole('main')
    .locator(
      'button:visible, a:visible, summary:visible, select:visible, input:visible:not([type=file]):not([type=checkbox])',
    )
    .evaluateAll((targets) =>
      targets
        // A control inside a large label is reached by the label.
        .filter((each) => {
          const label = each.closest('label')
          return (label ?? each).getBoundingClientRect().height < 44 && each.getBoundingClientRect().width > 1
        })
        .map(
          (each) =>
            `${each.tagName} ${(each.textContent || each.getAttribute('aria-label') || '').slice(0, 40)}`,
        ),
    )
  expect({ what, small }).toEqual({ what, small: [] })
}
