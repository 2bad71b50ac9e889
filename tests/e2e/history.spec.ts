/** What was changed is read in the trade's words, and one line of it is taken back. */
import { expect, test } from '@playwright/test'
import { openOwn } from './ownJob'
import { allSent, PEOPLE, signIn } from './support'

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
