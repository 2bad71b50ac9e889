/** The plan in a pocket: what is today, done without a signal, weather by the thumb. */
import { expect, test } from '@playwright/test'
import { finding, workItem } from '../support/jobs'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, expectFitsPhone, openStage, PEOPLE, signIn } from './support'

test('a crew marks its work done with no signal, and it is sent later', async ({ page, context }) => {
  await signIn(page, PEOPLE.estimator)
  const fascia = finding({
    n: 1,
    words: 'Fascia soft',
    component: 'fascia',
    at: { side: 'a', ft: 6, up_in: 104 },
    length_in: 24,
    grade: 3,
  })
  const id = await openOwn(page, {
    findings: [fascia],
    work_items: [workItem('board', { method: 'piece-in', component: 'fascia', finding_ids: [fascia.id] })],
  })
  await page.getByRole('button', { name: 'Done', exact: true }).tap()
  await openStage(page, 'Plan')
  await expectFitsPhone(page, 'the days of the work')
  await expectAccessible(page)
  await page.getByText('Fascia: piece in').first().tap()
  const piece = page.getByRole('region', { name: 'Fascia: piece in' })
  await expect(piece).toBeVisible()
  await context.setOffline(true)
  await piece.getByRole('button', { name: 'Done today' }).tap()
  await expect(piece.getByRole('button', { name: 'Not done after all' })).toBeVisible()
  await context.setOffline(false)
  await allSent(page)
  expect((await jobOf(page, id)).plan_marks).toMatchObject([{ done_on: expect.stringMatching(/^\d{4}-/) }])
})
