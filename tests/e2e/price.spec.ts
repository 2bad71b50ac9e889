/** The office looks at what may hide behind the boards: reckoned when asked, anew at a setting, with where it comes from. */
import { expect, test } from '@playwright/test'
import { expectAccessible, openJob, openStage, PEOPLE, signIn } from './support'

const dollars = (text: string | null): number => Number((text ?? '').replace(/[^\d]/g, ''))

test('what may hide is reckoned when asked, moves with a setting, and says where it comes from', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Kelp Row')
  await openStage(page, 'Price')
  const panel = page.getByRole('region', { name: 'What may hide' })
  await expect(panel.getByRole('row', { name: /^Expected/ })).toHaveCount(0)
  await panel.getByRole('button', { name: 'Reckon what may hide' }).click()
  const row = (name: RegExp) => panel.getByRole('row', { name }).getByRole('cell')
  await expect(row(/^Expected/)).toBeVisible({ timeout: 30_000 })
  const [mean, high, reserve] = [/^Expected/, /^Enough in 19 of 20/, /^Reserve/].map(row)
  const [was, wasHigh, wasReserve] = await Promise.all(
    [mean!, high!, reserve!].map(async (cell) => dollars(await cell.textContent())),
  )
  expect(was).toBeGreaterThan(0)
  expect(wasHigh).toBeGreaterThan(was!)
  // Each its own coin: the same is expected, and less has to be put by.
  await panel.getByLabel('Places of one source move together').selectOption('0')
  await expect
    .poll(async () => dollars(await reserve!.textContent()), { timeout: 30_000 })
    .toBeLessThan(wasReserve!)
  expect(Math.abs(dollars(await mean!.textContent()) / was! - 1)).toBeLessThan(0.03)
  await panel.getByText('Where it comes from').click()
  await expect(panel.getByText(/of the spread/).first()).toBeVisible()
  await panel.getByText('Prices of finds it is reckoned with').click()
  await expect(panel.getByText('A wall stud, one beside the soft one')).toBeVisible()
  await expectAccessible(page)
})

test('the crew sees none of it', async ({ page }) => {
  await signIn(page, PEOPLE.crew)
  await openJob(page, 'Kelp Row')
  await openStage(page, 'Price')
  await expect(page.getByText('Prices are not shown to your role.', { exact: false })).toBeVisible()
  await expect(page.getByRole('region', { name: 'What may hide' })).toHaveCount(0)
})
