/** The list of jobs as the firm's day. */
import { expect, test } from '@playwright/test'
import { openOwn } from './ownJob'
import { expectAccessible, PEOPLE, signIn } from './support'

test('a job is given a date, closed, taken back, put away and brought back, and copied', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const title = `Day ${Date.now().toString(36)}`
  await openOwn(page, { job: { ...jobHead(), title } })
  await page.goto('/jobs')
  await page.getByLabel('Find a job').fill(title)
  const row = page.getByRole('listitem').filter({ hasText: title })
  await expect(row).toContainText('Walk the house')
  const more = row.getByRole('button', { name: /^More of/ })
  // The list is read again once the words are typed; on a slow machine that may still go on.
  await expect(async () => {
    const date = page.getByRole('menuitem', { name: 'Set a date…' })
    if (!(await date.isVisible())) await more.click({ timeout: 5000 })
    await date.click({ timeout: 5000 })
  }).toPass()
  await page.getByLabel('First day').fill('2031-03-04')
  await page.getByRole('button', { name: 'Set the date' }).click()
  await expect(row).toContainText('scheduled')
  await expect(page.getByRole('region', { name: 'On the way' })).toContainText(title)
  await more.click()
  await page.getByRole('menuitem', { name: 'Done and closed' }).click()
  await expect(page.getByRole('region', { name: 'Done' })).toContainText(title)
  await more.click()
  await page.getByRole('menuitem', { name: /back$/ }).click()
  await expect(row).toContainText('Walk the house')
  await more.click()
  await page.getByRole('menuitem', { name: 'Put away' }).click()
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: 'Those put away' }).click()
  await expect(row).toBeVisible()
  await more.click()
  await page.getByRole('menuitem', { name: 'Back into the list' }).click()
  await page.getByRole('button', { name: 'Back to those at work' }).click()
  await expect(row).toBeVisible()
  await expectAccessible(page)
  await more.click()
  await page.getByRole('menuitem', { name: 'New job at this house' }).click()
  await expect(page.getByRole('heading', { name: `${title} (copy)` })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Side A, front/ })).toBeVisible()
})

test('sums and next steps come by themselves; a state is shown alone and says so; the crew sees no money', async ({
  page,
  browser,
}) => {
  await signIn(page, PEOPLE.estimator)
  await page.getByLabel('Find a job').fill('Kelp Row')
  const row = page.getByRole('listitem').filter({ hasText: '7 Kelp Row' })
  await expect(row).toContainText('$', { timeout: 30_000 })
  await page
    .getByRole('group', { name: 'State of the jobs' })
    .getByRole('button', { name: /^(priced|walked|sent|seen)/ })
    .first()
    .click()
  await expect(
    page.getByRole('group', { name: 'State of the jobs' }).getByRole('button', { pressed: true }),
  ).toHaveCount(1)
  const context = await browser.newContext()
  const crew = await context.newPage()
  await signIn(crew, PEOPLE.crew)
  await crew.getByLabel('Find a job').fill('Kelp Row')
  const theirs = crew.getByRole('listitem').filter({ hasText: '7 Kelp Row' })
  await expect(theirs).toContainText('findings')
  await expect(theirs).not.toContainText('$')
  await expect(theirs.getByRole('button', { name: /^More of/ })).toHaveCount(0)
  await context.close()
})

function jobHead() {
  return {
    id: 'job' as const,
    removed: false,
    title: '',
    address: '',
    time_zone: 'UTC',
    asked: '',
    scope_line: '',
    walked_on: null,
    weather: '',
    hours_since_rain: null,
    present: '',
    ...{ must_stay: '', may_talk_to: '', permit: 'unknown' as const },
    house_on: 'left' as const,
    claim_of: null,
  }
}

test('rates are fitted to jobs one remembers, each misfit shown, and taken over as the firm’s own', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await page.goto('/firm')
  await page.getByRole('button', { name: 'Fit to jobs you remember' }).click()
  const dialog = page.getByRole('dialog', { name: 'Fit to jobs you remember' })
  const asked = ['900', '1,400', '1,100']
  for (const [at, dollars] of asked.entries())
    await dialog
      .getByRole('listitem', { name: `Job ${at + 1}` })
      .getByLabel('You asked, $')
      .fill(dollars)
  await expect(dialog.getByRole('status')).toContainText(/\$\d+\.\d\d an hour.*overhead/)
  await expect(dialog.getByRole('listitem', { name: 'Job 1' }).getByLabel('Met')).toContainText('%')
  await dialog.getByRole('listitem', { name: 'Job 4' }).getByLabel('You asked, $').fill('about a grand')
  await expect(dialog.getByRole('listitem', { name: 'Job 4' }).getByRole('alert')).toBeVisible()
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Take these over' }).click()
  await expect(page.getByRole('button', { name: /^Keep \d changes?$/ })).toBeEnabled()
  await page.getByRole('button', { name: 'Leave them' }).click()
})
