/** Surveys at the desk: a floor from two set-ups drawn on the plan, a second date, what the bid says of it. */
import { expect, test } from '@playwright/test'
import { jobOf, openOwn, part } from './ownJob'
import { allSent, expectAccessible, openJob, openStage, PEOPLE, signIn } from './support'

test('a floor is levelled from two set-ups and drawn; what does not tie says so', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await part(page, 'Surveys')
  await page.getByRole('button', { name: 'Floor levels', exact: true }).click()
  const form = page.getByRole('region', { name: 'Floor levels', exact: true })
  const said = page.getByRole('region', { name: 'What it says' })
  const point = async (
    n: number,
    of: { setUp: string; name: string; along: string; back: string; rod: string },
  ): Promise<void> => {
    await form.getByRole('button', { name: 'Add a point' }).click()
    for (const [label, value] of [
      ['Set-up', of.setUp],
      ['Point', of.name],
      ['Along front', of.along],
      ['Back', of.back],
      ['Rod', of.rod],
    ] as const) {
      const field = form.getByLabel(`${label}, point ${n}`, { exact: true })
      await field.fill(value)
      await field.press('Enter')
    }
  }
  await point(1, { setUp: '1', name: 'a', along: '1', back: '1', rod: '48' })
  await point(2, { setUp: '1', name: 'b', along: '39', back: '1', rod: '48' })
  await point(3, { setUp: '2', name: 'd', along: '1', back: '27', rod: '50' })
  await expect(said).toContainText('Set-up 2 reads no point that one before it has read')
  await point(4, { setUp: '2', name: 'b', along: '39', back: '1', rod: '49' })
  await point(5, { setUp: '2', name: 'e', along: '39', back: '27', rod: '50' })
  await expect(said).toContainText('Falls 1" to the back')
  await expect(said.getByRole('region', { name: 'What Trace reads' })).toContainText(
    'floor falls to one side of the house',
  )
  await page.getByRole('button', { name: 'plan', exact: true }).click()
  await expect(page.getByRole('button', { name: /^Ground floor: Falls 1" to the back/ })).toBeVisible()
  await expectAccessible(page)
  await page.keyboard.press('Escape')
  await allSent(page)
  const [survey] = (await jobOf(page, id)).surveys
  expect(survey).toMatchObject({ kind: 'floor', floor: 'Ground floor' })
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await allSent(page)
})

test('two dates of one wall stand beside one another, in Trace and in the bid', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, '1190 Quarry Road')
  await part(page, 'Surveys')
  await page.getByRole('button', { name: /^Level along a wall, back C.*It fell/ }).click()
  await expect(page.getByRole('table', { name: 'Readings worked out' })).toContainText('-1.25 in')
  await expect(page.getByRole('region', { name: 'What it does' })).toContainText('back C: going down')
  // What is drawn on the wall opens its survey.
  await page.getByRole('button', { name: /^left D: 3 of 3 stations fall too little/ }).click()
  await expect(page.getByRole('region', { name: 'Fall of the ground', exact: true })).toBeVisible()
  await expectAccessible(page)
  await openStage(page, 'Bid')
  const bid = page.getByRole('tabpanel', { name: /^Bid/ })
  await expect(bid).toContainText('The left wall bellies in 5/8".')
  await expect(bid).toContainText('Together: the soil pushes the wall in.')
})
