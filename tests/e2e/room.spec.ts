/** Room: how much of the screen belongs to the work, and that the drawing folds, comes back and is remembered. */
import { expect, test, type Page } from '@playwright/test'
import { expectAccessible, openJob, openStage, PEOPLE, signIn, stageDoor } from './support'

/** Pixels below the drawing and the tabs that belong to the work. */
const roomOf = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const panel = document.querySelector('main [role="tabpanel"]')!.getBoundingClientRect()
    return Math.round(Math.min(panel.bottom, window.innerHeight) - panel.top)
  })
/** The page itself never scrolls: its panes do. */
const overflowOf = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight)

test('of 800 px at least 500 belong to Scope, Cut, Price and Bid, cautions or not; the page itself does not scroll', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  for (const stage of ['Scope', 'Cut', 'Price', 'Plan', 'Bid']) {
    await openStage(page, stage)
    expect({ stage, room: (await roomOf(page)) >= 500 }).toEqual({ stage, room: true })
    expect({ stage, overflow: await overflowOf(page) }).toEqual({ stage, overflow: 0 })
    await expectAccessible(page)
  }
  await openStage(page, 'Walk')
  expect(await roomOf(page)).toBeGreaterThanOrEqual(395)
})

test('the drawing folds by key, by button and by the tape, each stage for itself, and stays so after a reload', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  const full = page.getByRole('region', { name: 'Walls', exact: true })
  const folded = page.getByRole('region', { name: 'Walls, folded' })
  await expect(full).toBeVisible()
  await page.keyboard.press('f')
  await expect(folded).toBeVisible()
  await openStage(page, 'Price')
  await expect(folded).toBeVisible()
  await page.getByRole('button', { name: 'Pull down the drawing' }).click()
  await expect(full).toBeVisible()
  await page.reload()
  await expect(full).toBeVisible()
  await openStage(page, 'Walk')
  await expect(folded).toBeVisible()
  // Pushed up by the tape it is put away; pulled down it comes back.
  const tape = folded.locator('svg').last()
  const box = (await tape.boundingBox())!
  await page.mouse.move(box.x + 200, box.y + 8)
  await page.mouse.down()
  await page.mouse.move(box.x + 200, box.y - 40, { steps: 4 })
  await page.mouse.up()
  await expect(folded.getByRole('group', { name: 'Where things are' })).toHaveCount(0)
  expect(await roomOf(page)).toBeGreaterThan(640)
})

test('what stands on the wall leads to its row, with its sum under its side', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await openStage(page, 'Price')
  await page.getByRole('button', { name: /^On the wall, done: .*Jamb foot/ }).click()
  await expect(page.locator('[data-row]').filter({ hasText: 'Jamb foot' }).first()).toBeInViewport()
  const sides = page.getByRole('group', { name: 'Where things are' })
  await expect(sides).toBeVisible()
  await page.getByLabel('Order of the items').selectOption('dearest first')
  await expect(page.getByRole('group', { name: 'A front' })).toHaveCount(0)
})

test('keys: the list of them, stages by number, to the line from anywhere; silent in a field', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.keyboard.press('5')
  await expect(page.getByRole('tabpanel', { name: /^Price/ })).toBeVisible()
  await page.keyboard.press('l')
  const line = page.getByLabel('A word, or a whole line')
  await expect(line).toBeFocused()
  await page.keyboard.type('fascia 5 feet soft')
  await expect(line).toHaveValue('fascia 5 feet soft')
  await expect(stageDoor(page)).toBeVisible()
})

test('a line that cannot be known is asked, and placed by one tap', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  const form = page.getByRole('form', { name: 'Photo and word' })
  await form.getByLabel('A word, or a whole line').fill('front corner board bottom two feet rotten')
  const asked = form.getByRole('group', { name: 'Which corner?' })
  await asked.getByRole('button', { name: /^right end/ }).click()
  await expect(form.getByText(/^front A, at 42'/)).toBeVisible()
  await form.getByRole('button', { name: 'Add', exact: true }).click()
  const finding = page.getByRole('region', { name: /^Finding / })
  await expect(finding.getByLabel('Station')).toHaveValue(`42'`)
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('a figure that was told is kept with its day, and says how far the price has gone from it', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Kelp Row')
  await openStage(page, 'Price')
  await page.getByRole('button', { name: 'I told them a figure…' }).click()
  const form = page.getByRole('form', { name: 'A figure that was told' })
  await form.getByLabel('Told', { exact: true }).fill('two days')
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(form.getByRole('alert')).toBeVisible()
  await form.getByLabel('Told', { exact: true }).fill('100')
  await form.getByLabel('To whom').fill('the owner')
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('list', { name: 'Told' })).toContainText(
    /You told the owner \$100\.00 on .*more now/,
  )
})

test('enlarged to twice its size everything can still be reached, and nothing goes sideways', async ({
  page,
}) => {
  await page.setViewportSize({ width: 640, height: 400 })
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  for (const stage of ['Walk', 'Trace', 'Scope', 'Price', 'Bid']) {
    await openStage(page, stage)
    expect({ stage, room: (await roomOf(page)) >= 150 }).toEqual({ stage, room: true })
    const sideways = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
    expect({ stage, sideways }).toEqual({ stage, sideways: 0 })
  }
  // Enlarged to four times it scrolls as a whole, and the work is there.
  await page.setViewportSize({ width: 320, height: 256 })
  await openStage(page, 'Walk')
  const panel = page.getByRole('tabpanel', { name: 'Walk' })
  await panel.scrollIntoViewIfNeeded()
  await expect(panel).toBeInViewport({ ratio: 0.3 })
})
