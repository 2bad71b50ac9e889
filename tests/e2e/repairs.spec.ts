import { readFile } from 'node:fs/promises'
import { expect, test } from '@playwright/test'
import { inches } from '../../src/core/measure'
import { finding, sillNose, smallHouse } from '../support/jobs'
import { at, mend } from '../support/priced'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, openStage, PEOPLE, signIn } from './support'

const fascia = finding({
  n: 2,
  words: 'soft at the gutter',
  component: 'fascia',
  at: { side: 'c', ft: 15, up_in: 110 },
  length_in: 48,
  grade: 3,
})
const ledger = finding({
  n: 3,
  words: 'soft, nails only',
  component: 'ledger',
  at: { side: 'c', ft: 5, up_in: 18 },
  length_in: 144,
  grade: 3,
  signs: ['ledger-nails-only'],
})

test('a finding is answered by the way that is recommended, compared by price and years, down to the list for the yard', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page, { findings: [fascia] })
  await openStage(page, 'Scope')
  // Why, in a sentence, with what each is a year.
  await expect(
    page.getByText(/Fascia let in, with drip edge costs \$[\d,.]+ more than piece in/),
  ).toBeVisible()
  const row = page.getByRole('row', { name: /^Fascia let in, with drip edge/ })
  await expect(row).toContainText('recommended')
  const onBid = await row
    .getByText(/^\$[\d,.]+$/)
    .first()
    .textContent()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Choose Fascia let in, with drip edge' }).click()
  await openStage(page, 'Price')
  await expect(page.getByLabel(/^Fascia let in, with drip edge/)).toContainText(onBid!)
  await openStage(page, 'Cut')
  // 4 ft seen and 12 in past it at either end: 6 ft, from a board of 8; the metal by the length of 10.
  const list = page.getByRole('region', { name: 'Buy list' })
  await expect(list.getByRole('row', { name: /1x8 finger-jointed primed pine/ })).toContainText(`1 × 8'`)
  await expect(page.getByRole('row', { name: /^Drip edge/ })).toContainText('1 × 10 ft length')
  await expect(page.getByText('No plan buys less.')).toBeVisible({ timeout: 20_000 })
})

test('what shores first may mend what carries load; all that is advised is taken with one touch, and taken back with one', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page, { findings: [sillNose(), fascia, ledger] })
  await openStage(page, 'Scope')
  await page.getByRole('button', { name: /^Take all advised \(\d+\)$/ }).click()
  await expect(page.getByRole('button', { name: /^Take all advised/ })).toHaveCount(0)
  const chosen = page.getByRole('region', { name: 'In the scope' })
  await expect(chosen.getByRole('button', { name: /^Renew the ledger, shored/ })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(chosen.getByText('Nothing chosen yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(chosen.getByText('Nothing chosen yet.')).toHaveCount(0)
  await openStage(page, 'Bid')
  await expect(page.getByText(/Nothing is taken out before a temporary support stands/)).toBeVisible()
  await allSent(page)
  expect((await jobOf(page, id)).work_items.filter((item) => !item.removed).length).toBeGreaterThan(2)
})

test('work of one’s own: named, with hours, boards and a trade; a size that is said says so', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page, { findings: [fascia] })
  await openStage(page, 'Scope')
  await page.getByRole('button', { name: 'Add work of your own' }).click()
  const form = page.getByRole('form', { name: 'Work of your own' })
  await form.getByRole('button', { name: 'Add it' }).click()
  await expect(form.getByText(/^Say what it is/)).toBeVisible()
  await form.getByLabel('What is done, in your words').fill('Move the oil tank')
  await form.getByRole('button', { name: 'Add it' }).click()
  await page.getByRole('button', { name: 'Change Move the oil tank' }).click()
  const change = page.getByRole('group', { name: 'Change Move the oil tank' })
  await change.getByRole('button', { name: 'Add hours' }).click()
  await change.getByLabel('Work').fill('Two of us, a dolly')
  await change.getByRole('button', { name: 'Add the line' }).click()
  await expect(change.getByText('Type a number, such as 2.5.')).toBeVisible()
  await change.getByLabel('Hours').fill('3')
  await change.getByRole('button', { name: 'Add the line' }).click()
  await change.getByRole('button', { name: 'Add goods or a trade' }).click()
  await change.getByLabel('What', { exact: true }).selectOption({ label: 'Plumber’s visit, visit' })
  await change.getByLabel('How many').fill('1')
  await change.getByRole('button', { name: 'Add the line' }).click()
  await expect(page.getByText('2 lines of its own.')).toBeVisible()
  await openStage(page, 'Price')
  await expect(page.getByLabel(/^Move the oil tank/)).toContainText('$')
  await openStage(page, 'Cut')
  await expect(page.getByRole('region', { name: 'Trades that come' })).toContainText('Plumber’s visit')

  await openStage(page, 'Scope')
  await page.getByRole('button', { name: 'Choose Piece in' }).click()
  await page.getByRole('button', { name: 'Change Fascia: piece in' }).click()
  const size = page.getByRole('group', { name: 'Change Fascia: piece in' })
  await size.getByLabel('Length').fill(`7'`)
  await expect(page.getByText(/7' said here, 4' as found\./)).toBeVisible()
})

test('work of one’s own is kept for the firm, and taken twice into the next job', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page, { findings: [fascia] })
  await openStage(page, 'Scope')
  const form = page.getByRole('form', { name: 'Work of your own' })
  await page.getByRole('button', { name: 'Add work of your own' }).click()
  await form.getByLabel('What is done, in your words').fill('Hang the storm bell')
  await form.getByRole('button', { name: 'Add it' }).click()
  await page.getByRole('button', { name: 'Change Hang the storm bell' }).click()
  const change = page.getByRole('group', { name: 'Change Hang the storm bell' })
  await change.getByRole('button', { name: 'Add hours' }).click()
  await change.getByLabel('Hours').fill('1.5')
  await change.getByRole('button', { name: 'Add the line' }).click()
  await change.getByRole('button', { name: 'Keep as the firm’s kit' }).click()
  await expect(change.getByText(/^“Hang the storm bell” is kept\./)).toBeVisible()

  await openOwn(page, { findings: [fascia] })
  await openStage(page, 'Scope')
  await page.getByRole('button', { name: 'Add work of your own' }).click()
  await form.getByLabel('Or one of the firm’s kits').selectOption('Hang the storm bell')
  await form.getByLabel('Times').fill('2')
  await form.getByRole('button', { name: 'Add “Hang the storm bell”' }).click()
  await expect(page.getByRole('button', { name: 'Change Hang the storm bell, 2 times' })).toBeVisible()
  await openStage(page, 'Price')
  // By hand: two of 1.5 h are 3 h of work.
  await page.getByLabel(/^Hang the storm bell, 2 times/).click()
  await expect(page.locator('details[open]').first()).toContainText('3.00 h')
})

test('at the saw: what lies there is used first, a bad board is bought again; the marks outlive a reload', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page, { findings: [fascia] })
  await openStage(page, 'Scope')
  await page.getByRole('button', { name: 'Choose Piece in' }).click()
  await openStage(page, 'Cut')
  const open = async () => {
    await page.getByText('At the saw').first().click()
    return page.getByRole('group', { name: /^At the saw/ }).first()
  }
  const saw = await open()
  await saw.getByLabel('Left over, lying there, ft').fill('some')
  await saw.getByLabel('Left over, lying there, ft').blur()
  await expect(saw.getByText('Lengths in feet, such as 6, 4, 4.')).toBeVisible()
  // By hand: 4 ft found and 12 in past either end are 6 ft; a piece of 10 ft lying there is enough.
  await saw.getByLabel('Left over, lying there, ft').fill('10')
  await saw.getByLabel('Left over, lying there, ft').blur()
  await expect(saw.getByRole('status')).toContainText('Nothing to buy: what lies there is enough.')
  await saw.getByLabel('Left over, lying there, ft').fill('')
  await saw.getByLabel('Left over, lying there, ft').blur()
  await saw.getByLabel(/^1: /).selectOption('bad, not used')
  await expect(saw.getByRole('status')).toContainText(/Still to buy: 1 × 8'/)
  await page.reload()
  const again = await open()
  await expect(again.getByLabel(/^1: /)).toHaveValue('bad')
  await expectAccessible(page)
})

test('patches of a floor are cut from sheets, and where the cuts need more than is bought it says so', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const soft = [1, 2, 3].map((n) => ({
    ...at(n, 'subfloor', { at: { side: 'a', ft: 9 * n, up_in: 0 }, length_in: 54 }),
    face_width: inches(30),
  }))
  await openOwn(page, { findings: soft, work_items: [mend('floor', soft, 'subfloor-new')] })
  await openStage(page, 'Cut')
  // By hand: 54 + 6 in, to the joists 64, by 30 + 6 in: none shares a sheet; by area 48 ft² with a tenth are 1.65, so 2.
  const sheets = page.getByRole('region', { name: 'Subfloor sheet, 4 × 8' })
  await expect(sheets).toContainText('3 as cut, 2 bought by area.')
  await expect(sheets).toContainText('The cuts need 1 more')
  await expect(sheets.getByRole('img').first()).toHaveAttribute('aria-label', /5' 4" × 3'|3' × 5' 4"/)
  await expectAccessible(page)
})

test('the lists go out as files, and a sheet a side for whoever builds it has no money', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page, { ...smallHouse(), findings: [fascia] })
  await openStage(page, 'Scope')
  await page.getByRole('button', { name: 'Choose Piece in' }).click()
  await openStage(page, 'Cut')
  const file = async (name: string): Promise<Buffer> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ])
    return readFile(await download.path())
  }
  expect((await file('Buy list, CSV')).toString()).toContain(
    `boards,1x8 finger-jointed primed pine,1,8',8,ft`,
  )
  // A workbook is a zip: it begins with the letters of whoever made the format.
  expect((await file('Workbook')).subarray(0, 2).toString()).toBe('PK')
  const data = JSON.parse((await file('JSON')).toString()) as { format: string; lists: unknown[] }
  expect([data.format, data.lists.length]).toEqual(['detrimus-lists', 2])
  // Bought one's own way, with what that costs.
  await page.getByText('Bought in 8, 12, 16 ft').click()
  const lengths = page.getByLabel('Lengths of 1x8 finger-jointed primed pine, ft')
  await lengths.fill('lots')
  await expect(page.getByText('Lengths in feet, such as 8, 12, 16.').first()).toBeVisible()
  await lengths.fill('16')
  await expect(page.getByText(/^Buys 8', \$[\d.]+ more than with the usual lengths\.$/)).toBeVisible()
  await page.getByRole('button', { name: 'Carpenter’s sheets' }).click()
  const sheet = page.getByRole('region', { name: 'back C' })
  await expect(sheet).toContainText(`1 × 6' 1x8 finger-jointed primed pine`)
  expect(await sheet.textContent()).not.toContain('$')
  await expectAccessible(page)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  await expect(sheet).toBeVisible()
})

test('findings of one part are ticked and answered together: one item, a place each', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const second = {
    ...fascia,
    id: 'finding-3',
    number: 3,
    place: { ...fascia.place, side_id: 'side-a' } as never,
  }
  const id = await openOwn(page, { findings: [fascia, second] })
  await openStage(page, 'Scope')
  await page.getByRole('checkbox', { name: 'Together: finding 2' }).check()
  await page.getByRole('checkbox', { name: 'Together: finding 3' }).check()
  await expect(page.getByText('What is chosen here is for 2 findings', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'Choose Piece in' }).click()
  await expectAccessible(page)
  await allSent(page)
  expect((await jobOf(page, id)).work_items.map((item) => item.finding_ids)).toEqual([
    ['finding-2', 'finding-3'],
  ])
})
