/** Boards off, no signal: counted, asked, signed on the glass, the phone killed; another phone asks the same. One yes, nothing lost. */
import { expect, test, type Page } from '@playwright/test'
import { jobOf } from './ownJob'
import { acceptedJob, openTheFascia, OWNER } from './acceptedJob'
import { allSent, expectAccessible, expectFitsPhone, PEOPLE, signIn } from './support'

test.use({ serviceWorkers: 'allow' })

async function countOne(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'One more A rafter end' }).tap()
  await page.getByRole('button', { name: 'Keep: 1 found' }).tap()
}

test('signed with no signal on a phone that dies; another asks the same meanwhile: one order, one yes', async ({
  page,
  context,
  browser,
}) => {
  test.setTimeout(240_000)
  await signIn(page, PEOPLE.estimator)
  const { id } = await acceptedJob(page, 'Two phones')
  await page.goto(`/jobs/${id}/open`)
  await openTheFascia(page)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.reload()
  await (await openTheFascia(page)).getByRole('button', { name: 'Close' }).tap()
  // What was accepted has to be on this phone before the signal goes.
  await page.getByRole('button', { name: 'Changes' }).tap()
  await expect(page.getByText('Bid, as accepted')).toBeVisible()
  await expectFitsPhone(page, 'what is agreed')
  await page.getByRole('button', { name: 'Places' }).tap()
  await expectFitsPhone(page, 'places to open')
  await context.setOffline(true)

  await openTheFascia(page)
  const began = Date.now()
  await countOne(page)
  await page.getByRole('button', { name: /^Ask the owner: \$/ }).tap()
  const dialog = page.getByRole('dialog')
  await expectAccessible(page, '[role=dialog]')
  await dialog.getByRole('button', { name: 'Sign here…' }).tap()
  await dialog.getByLabel(/^Full name/).fill(OWNER)
  await dialog.getByRole('button', { name: /^Yes, do it/ }).tap()
  await expect(page.getByText(`yes from ${OWNER}, here`)).toBeVisible()
  expect(Date.now() - began).toBeLessThan(30_000)

  // Another phone with a signal opens the same board, and asks by link.
  const other = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  ).newPage()
  await signIn(other, PEOPLE.office)
  await other.goto(`/jobs/${id}/open`)
  await openTheFascia(other)
  await countOne(other)
  await other.getByRole('button', { name: /^Ask the owner: \$/ }).tap()
  await other.getByRole('dialog').getByRole('button', { name: 'Send the link' }).tap()
  await allSent(other)

  // The first phone dies and is turned on again, still without a signal: all is there. Then it has one.
  await page.close()
  const again = await context.newPage()
  await again.goto(`/jobs/${id}/open`)
  await expect(again.getByText(`yes from ${OWNER}, here`)).toBeVisible()
  await context.setOffline(false)
  await allSent(again)
  await again.getByRole('button', { name: 'Changes' }).tap()
  await expect(again.getByText(/^Change order \d/)).toHaveCount(2, { timeout: 60_000 })
  await expect(again.getByText(`yes from ${OWNER}, here`)).toBeVisible()
  await expect(again.getByText('withdrawn')).toBeVisible()
  const { change_orders, order_answers } = await jobOf(again, id)
  expect([change_orders.length, order_answers.length]).toEqual([2, 1])
})
