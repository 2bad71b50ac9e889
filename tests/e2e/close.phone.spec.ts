/** A crew’s clock on a phone with no signal: started, the phone killed, stopped; no money on it; a forgotten clock is told. */
import { expect, test } from '@playwright/test'
import { acceptedJob } from './acceptedJob'
import { jobOf } from './ownJob'
import { allSent, expectAccessible, expectFitsPhone, PEOPLE, signIn } from './support'

test.use({ serviceWorkers: 'allow' })

test('a clock started with no signal outlives its phone, and a crew sees no money', async ({
  page,
  context,
  browser,
}) => {
  test.setTimeout(180_000)
  const desk = await (await browser.newContext()).newPage()
  await signIn(desk, PEOPLE.estimator)
  const { id } = await acceptedJob(desk, 'Clocked')

  await signIn(page, PEOPLE.crew)
  const answers: string[] = []
  page.on('response', (answer) => {
    if (answer.url().includes('/api/jobs/'))
      void answer.text().then(
        (text) => answers.push(text),
        () => null,
      )
  })
  await page.goto(`/jobs/${id}/close`)
  await expect(page.getByRole('button', { name: 'Start', exact: true })).toBeVisible()
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.reload()
  await expect(page.getByRole('button', { name: 'Start', exact: true })).toBeInViewport()
  await expect(page.getByRole('button', { name: 'Money' })).toHaveCount(0)
  await expectFitsPhone(page, 'the clock')
  await expectAccessible(page)
  await context.setOffline(true)

  await page.getByRole('button', { name: 'People +' }).tap()
  await page.getByRole('button', { name: 'Start', exact: true }).tap()
  await expect(page.getByRole('timer')).toBeVisible()
  await expect(page.getByText(/2 people/)).toBeVisible()
  // Whoever begins something else has stopped what he was at.
  await page.getByLabel('On what').selectOption('supply')
  await page.getByRole('button', { name: 'Start', exact: true }).tap()
  await expect(page.getByRole('timer')).toHaveCount(1)

  await page.close()
  const again = await context.newPage()
  await again.goto(`/jobs/${id}/close`)
  await expect(again.getByRole('timer')).toBeVisible()
  await again.getByRole('button', { name: 'Stop' }).tap()
  await expect(again.getByRole('timer')).toHaveCount(0)
  await again.getByRole('button', { name: 'Español' }).tap()
  await expect(again.getByRole('button', { name: 'Empezar' })).toBeVisible()
  await again.getByRole('button', { name: 'Goods' }).tap()
  await expect(again.getByText('Comprado y sobrado').first()).toBeVisible()
  await expect(again.locator('body')).not.toContainText('$')
  await context.setOffline(false)
  await allSent(again)
  const { work_spells } = await jobOf(desk, id)
  expect(work_spells.map(({ on, people, by, how }) => [on.kind, people, by, how])).toEqual([
    ['item', 2, 'Dov Harrow', 'clock'],
    ['along', 2, 'Dov Harrow', 'clock'],
  ])
  expect(work_spells.every(({ ended_at }) => ended_at !== null)).toBe(true)
  expect(answers.length).toBeGreaterThan(1)
  expect(answers.filter((text) => text.includes('_cents'))).toEqual([])
})
