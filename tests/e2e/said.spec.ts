/** Values as they are said, at their fields; where somebody was after a break; and a device that is spared. */
import { expect, test } from '@playwright/test'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, openJob, openStage, PEOPLE, signIn } from './support'

test('what cannot be read says so at its field, stays as typed, and the last good value stands', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page)
  await page.getByRole('button', { name: 'Job details' }).click()
  const details = page.getByRole('dialog', { name: 'Job details' })
  const rain = details.getByLabel('Hours since rain')
  await rain.fill('two days')
  await rain.blur()
  await expect(rain).toHaveValue('48')
  await rain.fill('two moons')
  await rain.blur()
  await expect(details.getByRole('alert')).toContainText('“two moons” cannot be read here')
  await expect(rain).toHaveValue('two moons')
  await expectAccessible(page)
  const walked = details.getByLabel('Walked on')
  await walked.fill('yesterday')
  await walked.blur()
  await expect(walked).toHaveValue(/^[A-Z][a-z]+ \d{1,2}, \d{4}$/)
  await details.getByRole('button', { name: 'Done' }).click()
  await allSent(page)
  await page.reload()
  await page.getByRole('button', { name: 'Job details' }).click()
  await expect(page.getByRole('dialog').getByLabel('Hours since rain')).toHaveValue('48')
})

test('what stands on a wall is said in one line, and what is wrong with it there', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page, { features: [] })
  const line = page.getByLabel('On A front, left to right')
  await line.fill('3 10')
  await page.keyboard.press('Enter')
  await expect(page.getByText('“3” says where, but not what')).toBeVisible()
  await line.fill('w 3 10x30, d 19, upper w 3')
  await expect(page.getByText('3 windows, 1 door')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(line).toHaveValue('')
  await expect(page.getByRole('button', { name: /^window A4,/ })).toBeVisible()
  await allSent(page)
  const job = await jobOf(page, new URL(page.url()).pathname.split('/')[2]!)
  expect(
    job.features.map((each) => [
      each.kind,
      each.number,
      each.width / 64,
      'sill' in each ? each.sill.from : '',
    ]),
  ).toEqual([
    ['window', 1, 36, 'floor-1'],
    ['window', 2, 30, 'floor-1'],
    ['door', 3, 36, 'floor-1'],
    ['window', 4, 36, 'floor-2'],
  ])
})

test('after a break the job says where one was, what others did, and goes there', async ({ page }) => {
  await page.clock.install()
  await signIn(page, PEOPLE.estimator)
  await page.goto('/jobs')
  await openJob(page, 'Alder House')
  await openStage(page, 'Scope')
  await page
    .getByRole('tabpanel')
    .getByRole('button', { name: /deck ledger/ })
    .first()
    .click()
  await page.goto('/jobs')
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await page.clock.fastForward('03:00:00')
  await openJob(page, 'Alder House')
  const told = page.getByRole('status').filter({ hasText: 'you were in Scope' })
  await expect(told).toContainText(/3 hours ago you were in Scope, at 10, deck ledger/)
  await told.getByRole('button', { name: 'Go there' }).click()
  await expect(page.getByRole('tabpanel', { name: /^Scope/ })).toBeVisible()
  await expect(page.getByRole('heading', { name: /10\s+deck ledger/ })).toBeVisible()
  await expect(told).toHaveCount(0)
})

test('findings in the order asked for, and what a filter hides is said and undone', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  const panel = page.getByRole('region', { name: 'Findings', exact: true })
  await panel.getByLabel('Order of the findings').selectOption('walk')
  await expect(panel.getByRole('region').first()).toHaveAccessibleName('A front')
  await panel.getByLabel('Which findings').selectOption('unexplained')
  await expect(panel.getByText(/^\d+ of \d+ shown: only those not explained yet/)).toBeVisible()
  await expectAccessible(page)
  await page.reload()
  // Remembered by stage: Scope stands as it stood.
  await expect(panel.getByLabel('Order of the findings')).toHaveValue('walk')
  await openStage(page, 'Scope')
  await expect(page.getByLabel('Order of the findings')).toHaveValue('found')
  await openStage(page, 'Walk')
  await panel.getByRole('button', { name: 'Show all' }).click()
  await expect(panel.getByText(/shown: only/)).toHaveCount(0)
  await panel.getByLabel('Order of the findings').selectOption('found')
})

test('a device that is spared compares nothing until it is asked, and keeps what is done', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await page.goto('/account')
  await page.getByLabel('Save the battery').selectOption('on')
  await page.goto('/jobs')
  await openJob(page, 'Alder House')
  await openStage(page, 'Scope')
  const methods = page.getByRole('tabpanel')
  await expect(methods.getByText('Saving the battery')).toBeVisible()
  await methods.getByRole('button', { name: 'Do it all the same' }).click()
  await expect(methods.getByText('Saving the battery')).toHaveCount(0)
  await page.goto('/account')
  await expect(page.getByLabel('Save the battery')).toHaveValue('off')
  await page.getByLabel('Save the battery').selectOption('by-itself')
})

test('the crew’s sheets in Spanish, remembered on this device', async ({ page }) => {
  await signIn(page, PEOPLE.crew)
  await openJob(page, 'Alder House')
  await openStage(page, 'Cut')
  await page.getByRole('button', { name: 'Carpenter’s sheets' }).click()
  await page.getByRole('button', { name: 'Español' }).click()
  const front = page.getByRole('region', { name: 'frente A' })
  await expect(front).toHaveAttribute('lang', 'es')
  await expect(front.getByText('No pisar (hallazgo 10)')).toBeVisible()
  await expect(front.getByText(/^se corta lo blando/).first()).toBeVisible()
  await expectAccessible(page)
  await page.reload()
  await page.getByRole('button', { name: 'Carpenter’s sheets' }).click()
  await expect(page.getByRole('region', { name: 'frente A' })).toBeVisible()
  await page.getByRole('button', { name: 'English' }).click()
})
