/** What was changed is read in the trade's words, and one line of it is taken back. */
import { expect, test } from '@playwright/test'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, openStage, PEOPLE, photo, signIn } from './support'

test('one line of the history is taken back; a later one on the same field stands in its way', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page)
  await page.getByRole('button', { name: 'Job details' }).click()
  const details = page.getByRole('dialog', { name: 'Job details' })
  const weather = details.getByLabel('Weather')
  await weather.fill('rain since noon')
  await weather.blur()
  await details.getByLabel('Who was there').fill('Dov alone')
  await details.getByLabel('Who was there').blur()
  await weather.fill('dry again')
  await weather.blur()
  await details.getByRole('button', { name: 'Done' }).click()
  await allSent(page)

  await page.getByRole('button', { name: /^History/ }).click()
  const history = page.getByRole('dialog', { name: 'History' })
  const lines = history.getByRole('listitem')
  await expect(lines.filter({ hasText: 'weather: “dry again”, was “rain since noon”' })).toHaveCount(1)
  await expect(lines.filter({ hasText: 'weather: “rain since noon”, was nothing' })).toContainText(
    'changed again since',
  )
  await lines
    .filter({ hasText: 'who was there: “Dov alone”' })
    .getByRole('button', { name: /^Take back/ })
    .click()
  await expect(lines.filter({ hasText: 'who was there: nothing, was “Dov alone”' })).toHaveCount(1)
  await history.getByLabel('Find in the history').fill('weather')
  await expect(history.getByText(/2 of \d+ lines shown/)).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Job details' }).click()
  await expect(page.getByRole('dialog').getByLabel('Who was there')).toHaveValue('')
  await expect(page.getByRole('dialog').getByLabel('Weather')).toHaveValue('dry again')
})

test('a note on a side, with a picture: for the firm alone, in the history, taken back', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await page.getByRole('button', { name: 'Notes on side A, front, 0' }).click()
  const notes = page.getByRole('dialog', { name: 'Notes on side A, front' })
  await expect(notes.getByRole('button', { name: 'Write it down' })).toBeDisabled()
  await notes.getByLabel('A note', { exact: true }).fill('Gate code 1928; the dog is friendly.')
  await notes.getByLabel('Photo to the note').setInputFiles(await photo())
  await expect(notes.getByText('Photo (1)')).toBeVisible()
  await notes.getByRole('button', { name: 'Write it down' }).click()
  await expect(notes.getByRole('listitem')).toContainText('the dog is friendly')
  await expect(notes.getByRole('img')).toHaveCount(1)
  await expectAccessible(page)
  await notes.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByRole('button', { name: 'Notes on side A, front, 1' })).toBeVisible()
  await allSent(page)
  await page.getByRole('button', { name: /^History/ }).click()
  const line = page
    .getByRole('dialog', { name: 'History' })
    .getByRole('listitem')
    .filter({ hasText: /Noted at front A/ })
  await expect(line).toContainText('“Gate code 1928; the dog is friendly.”')
  await line.getByRole('button', { name: /^Take back/ }).click()
  await expect(line.getByText('holds no more')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: 'Notes on side A, front, 0' })).toBeVisible()
  await openStage(page, 'Bid')
  await expect(page.getByRole('heading', { name: 'Small house' }).nth(1)).toBeVisible()
  await expect(page.getByRole('tabpanel', { name: /^Bid/ })).not.toContainText('Gate code')
  await allSent(page)
  const job = await jobOf(page, id)
  expect(job.facts.map((fact) => fact.kind)).toEqual(['note', 'retraction'])
})
