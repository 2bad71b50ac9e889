/** The walk on a phone, by thumb: every part fits, targets are large, an opening goes in by taps, offline too. */
import { expect, test } from '@playwright/test'
import { allSent, expectAccessible, expectFitsPhone, openJob, PEOPLE, signIn } from './support'

const PARTS = [
  'Before',
  'Looked at',
  'Framing',
  'Surveys',
  'Scope line',
  'List',
  'Photos',
  'Measures',
  'Told',
  'Find',
] as const

test('every part of the walk fits a phone, with targets of 44 px', async ({ page }) => {
  test.setTimeout(180_000)
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  for (const part of PARTS) {
    await page.getByRole('tab', { name: part, exact: true }).tap()
    await expect(page.getByRole('tabpanel', { name: part, exact: true })).toBeVisible()
    await expectFitsPhone(page, part)
  }
  await expectAccessible(page)
})

test('by thumb without a signal: side, window, part, grade; sent when the signal is back', async ({
  page,
  context,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, '7 Kelp Row')
  await page.getByRole('button', { name: 'Next side' }).tap()
  await expect(page.getByRole('button', { name: /^Side B, front/ })).toBeVisible()
  await context.setOffline(true)
  await page.getByRole('button', { name: /^window B2,/ }).tap()
  const panel = page.getByRole('region', { name: 'window B2' })
  await panel
    .getByRole('list', { name: 'Parts' })
    .getByRole('button', { name: /^sill nose/ })
    .tap()
  await panel.getByRole('button', { name: 'local soft' }).tap()
  await expect(page.getByRole('status').filter({ hasText: 'no signal, 1 kept here' })).toBeVisible()
  await context.setOffline(false)
  await allSent(page)
  await expect(page.getByRole('button', { name: /^Finding 14: sill nose/ })).toBeAttached()
})
