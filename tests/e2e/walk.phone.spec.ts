/** The walk on a phone, by thumb: every part fits, targets are large, an opening goes in by taps, offline too. */
import { expect, test } from '@playwright/test'
import { jobOf, openOwn } from './ownJob'
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

test('what one types is offered back as the signs it may mean; only what is taken counts', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await page.getByRole('button', { name: 'Line', exact: true }).tap()
  const line = page.getByLabel('A word, or a whole line')
  await line.fill('A3 sill nose soft, the sill leans in and water sits on it')
  const offered = page.getByRole('group', { name: 'Seen?' })
  const flat = offered.getByRole('button', { name: '+ sill flat, sloped in, or no drip kerf' })
  await expect(flat).toBeVisible()
  await expectFitsPhone(page, 'a line with what it may mean')
  await flat.tap()
  await expect(page.getByRole('list', { name: 'Understood' })).toContainText(
    'sill flat, sloped in, or no drip kerf',
  )
  await expect(flat).toHaveCount(0)
  // What goes on being said keeps what was taken.
  await line.press('End')
  await line.pressSequentially(', paint gone')
  await expect(page.getByRole('list', { name: 'Understood' })).toContainText(
    'sill flat, sloped in, or no drip kerf',
  )
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Add', exact: true }).tap()
  await allSent(page)
  const [finding] = (await jobOf(page, id)).findings
  expect(finding!.signs.map(({ sign }) => sign)).toContain('sill-flat-or-back-sloped')
})
