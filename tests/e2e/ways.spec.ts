import { expect, test } from '@playwright/test'
import { at, mend } from '../support/priced'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, openStage, PEOPLE, signIn } from './support'

const DOLLARS = /^\$[\d,]+\.\d\d$/

test('a house is priced in ways: paint all round or new siding all round, each by one sum, and one touch turns them about', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page, { findings: [], work_items: [] })
  await openStage(page, 'Scope')
  await page.getByLabel('Add to every side').selectOption('Paint it')
  await page.getByLabel('Add to every side').selectOption('New siding on it')
  // New siding over a wall that is to be painted is the owner’s choice: nothing is charged twice.
  const works = page.getByRole('region', { name: 'Work on a side' })
  await expect(works.getByText('in place of paint this side, if the owner chooses it')).toHaveCount(4)
  await expect(works.getByText('The new boards come primed. Painting them is not part of this.')).toHaveCount(
    4,
  )
  await page.getByLabel('Add to every side').selectOption('Paint on the new siding')
  await expect(works.getByText(/^The new boards come primed/)).toHaveCount(0)
  await expectAccessible(page)
  await openStage(page, 'Bid')
  const ways = page.getByRole('group', { name: 'Ways to have it' })
  await expect(ways.getByRole('row', { name: /^All as proposed here/ })).toBeVisible({ timeout: 20_000 })
  const row = ways.getByRole('row', { name: /^New siding; Paint on the new siding \(.+\) in place of Paint/ })
  const clad = await row.getByText(DOLLARS).textContent()
  // Turned about, side by side: what was the other way is proposed, for the same money.
  await openStage(page, 'Scope')
  for (const letter of ['A', 'B', 'C', 'D'])
    await works
      .getByRole('button', {
        name: new RegExp(`^Take it into the price ?: new siding on this side, side ${letter}$`),
      })
      .click()
  await expect(works.getByText('in place of new siding on this side, if the owner chooses it')).toHaveCount(4)
  await allSent(page)
  const { work_items } = await jobOf(page, id)
  expect(
    work_items
      .filter(({ state }) => state === 'ours')
      .map(({ method }) => method)
      .sort(),
  ).toEqual([...Array<string>(4).fill('coat-new-side'), ...Array<string>(4).fill('re-clad-side')])
  await openStage(page, 'Bid')
  await expect(ways.getByRole('row', { name: /^All as proposed here/ })).toContainText(clad!, {
    timeout: 20_000,
  })
})

test('two in the price are told, and one touch makes a choice of them', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const soft = at(1, 'lap-siding')
  const id = await openOwn(page, { findings: [soft], work_items: [mend('boards', [soft], 'replace-course')] })
  await openStage(page, 'Scope')
  await page.getByLabel('Add to side A').selectOption('Paint it')
  await page.getByLabel('Add to side A').selectOption('New siding on it')
  const chosen = page.getByRole('region', { name: 'In the scope' })
  await chosen.getByRole('button', { name: /^Change New siding/ }).click()
  await page.getByLabel('How it stands').selectOption('ours, in the price')
  await page.getByRole('button', { name: /^Let the owner choose/ }).click()
  await expect(page.getByText(/are both in the price/)).toHaveCount(0)
  await allSent(page)
  const { work_items } = await jobOf(page, id)
  const paint = work_items.find(({ method }) => method === 'paint-side')!
  expect(work_items.find(({ method }) => method === 're-clad-side')).toMatchObject({
    state: 'alternate',
    instead_of: [paint.id, 'boards'],
  })
})
