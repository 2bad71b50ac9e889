import { expect, test } from '@playwright/test'
import { expectAccessible, openCautions, openJob, openStage, PEOPLE, signIn } from './support'

test('axe finds nothing on any view', async ({ page }) => {
  test.setTimeout(300_000)
  await page.goto('/sign-in')
  await expectAccessible(page)
  await signIn(page, PEOPLE.estimator)
  await expectAccessible(page)
  await openJob(page, 'Alder House')
  await page.getByRole('region', { name: 'Findings' }).getByRole('button', { name: /^4/ }).click()
  await expectAccessible(page)
  for (const stage of ['Trace', 'Scope', 'Cut', 'Price', 'Plan', 'Bid']) {
    await openStage(page, stage)
    await expectAccessible(page)
  }
  await page.getByRole('button', { name: 'Job details' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await expectAccessible(page)
  await page.keyboard.press('Escape')
  await page.goto('/outbox')
  await expectAccessible(page)
})

test('the stages and the marks of the strip go by keyboard', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await page.getByRole('button', { name: /^Finding 13/ }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Finding 13' })).toBeVisible()
  await page.getByRole('tab', { name: /^Walk/ }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('tab', { name: /^Trace/ })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/trace$/)
  await expect(page.getByRole('tabpanel', { name: /^Trace/ })).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('tabpanel', { name: /^Walk/ })).toBeVisible()
})

test('at most three cautions, the keep-off first, put away only with a reason', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  const band = await openCautions(page)
  await expect(band.getByRole('listitem').first()).toContainText('KEEP OFF')
  await expect(
    band.getByRole('listitem').first().getByRole('button', { name: 'Seen, put away' }),
  ).toHaveCount(0)
  await band
    .getByRole('listitem')
    .filter({ hasText: 'LEAD-SAFE' })
    .getByRole('button', { name: 'Seen, put away' })
    .click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('button', { name: 'Put away' })).toBeDisabled()
  await dialog.getByLabel('Why is it minded?').fill('pamphlet handed over')
  await dialog.getByRole('button', { name: 'Put away' }).click()
  await expect(band.getByText('LEAD-SAFE', { exact: true })).toHaveCount(0)
  // A keep-off stays named with the others folded.
  await band.getByRole('button', { name: /: fold$/ }).click()
  await expect(band).toContainText('KEEP OFF')
  await openStage(page, 'Bid')
  await expect(page.getByRole('region', { name: 'Read this first' })).toContainText('lead dust')
  await page.getByRole('button', { name: 'Undo' }).click()
  await openCautions(page)
  await expect(band.getByText('LEAD-SAFE', { exact: true })).toBeVisible()
})
