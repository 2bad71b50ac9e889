import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'
import { drawnPhoto } from '../../demo/photos'
import { DEMO_PASSWORD } from '../../demo/people'

export const PEOPLE = {
  estimator: 'imke@tern.invalid',
  office: 'runa@tern.invalid',
  crew: 'dov@tern.invalid',
  otherFirm: 'tove@gull.invalid',
} as const

/** Signs in through the page, as a person does. */
export async function signIn(page: Page, email: string): Promise<void> {
  await page.goto('/sign-in')
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill(DEMO_PASSWORD)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
}

export async function photo(): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const buffer = await drawnPhoto({ caption: 'test', tint: '#e6cfa4', damage: 'sill' })
  return { name: 'soft.jpg', mimeType: 'image/jpeg', buffer }
}

export async function openJob(page: Page, name: string): Promise<void> {
  await page
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .click()
  await expect(page.getByRole('tab', { name: /Walk/ })).toBeVisible()
}

export async function openStage(page: Page, stage: string): Promise<void> {
  await page.getByRole('tab', { name: new RegExp(`^${stage}`) }).click()
  await expect(page.getByRole('tabpanel', { name: new RegExp(`^${stage}`) })).toBeVisible()
}

/** Everything typed has reached the server. */
export async function allSent(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: /^sent$/ })).toBeVisible()
}

/** No finding of axe on what is on the screen now. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(
    violations.map((each) => `${each.id}: ${each.nodes.map((node) => node.html.slice(0, 120)).join(' | ')}`),
  ).toEqual([])
}
