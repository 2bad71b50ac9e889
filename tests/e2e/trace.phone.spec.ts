/** Trace on a phone, on site: it fits, a check is answered by thumb without a signal, a cause is stated in one tap. */
import { expect, test } from '@playwright/test'
import { alderHouse } from '../support/jobs'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, expectFitsPhone, openStage, PEOPLE, signIn } from './support'

test('a check is answered by thumb without a signal, a cause stated in one tap; sent when the signal is back', async ({
  page,
  context,
}) => {
  await signIn(page, PEOPLE.estimator)
  const house = alderHouse()
  const id = await openOwn(page, {
    house: house.house,
    sides: house.sides,
    features: house.features,
    findings: house.findings.map((each) => ({ ...each, photo_ids: [], clip_ids: [] })),
  })
  await openStage(page, 'Trace')
  const sources = page.getByRole('region', { name: 'Sources' })
  await expect(sources.getByRole('button', { name: /No drip edge/ }).first()).toBeVisible()
  await expectFitsPhone(page, 'Trace')
  await expectAccessible(page)
  await context.setOffline(true)
  const checks = page.getByRole('region', { name: 'Check next' })
  const row = checks
    .getByRole('listitem')
    .filter({ hasText: 'Is it so:', hasNotText: 'not given yet' })
    .first()
  const words = (await row.textContent()) ?? ''
  await row.getByRole('button', { name: /^No:/ }).tap()
  await expect(checks.getByText(words, { exact: true })).toHaveCount(0)
  await sources
    .getByRole('button', { name: /No drip edge/ })
    .first()
    .tap()
  await page.getByRole('button', { name: 'That is it' }).tap()
  await expect(sources.getByText('stated by Imke Solvane').first()).toBeVisible()
  await expectFitsPhone(page, 'Trace, a source stated')
  await context.setOffline(false)
  await allSent(page)
  const job = await jobOf(page, id)
  expect(job.facts).toMatchObject([{ kind: 'test', present: false, by: 'Imke Solvane' }])
  expect(job.judgements).toMatchObject([{ cause: 'no-drip-edge', by: 'Imke Solvane' }])
})
