/** The end of a job at a desk: hours beside what was reckoned, what is done, invoices, handed over, and what it says to the next one. */
import { expect, test } from '@playwright/test'
import { randomUUID } from 'node:crypto'
import type { FirmValuesAnswer } from '../../src/core/contract'
import { printJobFile } from '../../src/core/job'
import { sillNose, smallHouse } from '../support/jobs'
import { acceptedJob } from './acceptedJob'
import { jobOf } from './ownJob'
import { allSent, expectAccessible, OWN, PEOPLE, photo, signIn } from './support'

test('hours, what is done, invoices to the cent, handed over to the owner, and looked back on', async ({
  page,
  browser,
}) => {
  test.setTimeout(180_000)
  await signIn(page, PEOPLE.estimator)
  const { id, token } = await acceptedJob(page, 'Closed at a desk')
  await page.goto(`/jobs/${id}/close`)
  const tally = page.getByRole('region', { name: 'Reckoned and spent' })
  await expect(tally.getByRole('row', { name: /fascia/i })).toBeVisible()
  await expectAccessible(page)

  // Hours that somebody remembers: what cannot be is said at once, and nothing typed is lost.
  await page.getByRole('button', { name: 'Write hours down…' }).click()
  const form = page.getByRole('dialog', { name: 'Write hours down' })
  await form.getByLabel('On what').selectOption({ index: 0 })
  await form.getByLabel('Began').fill('2026-06-01T12:00')
  await form.getByLabel('Ended').fill('2026-06-01T08:00')
  await form.getByLabel('People').fill('2')
  await form.getByRole('button', { name: 'Keep' }).click()
  await expect(form.getByRole('alert')).toHaveText('It ends before it begins.')
  await form.getByLabel('Began').fill('2026-06-01T08:00')
  await form.getByLabel('Ended').fill('2026-06-01T12:00')
  await form.getByLabel('Rest, minutes').fill('30')
  await form.getByRole('button', { name: 'Keep' }).click()
  // Two people, four hours less half an hour.
  await expect(page.getByRole('region', { name: 'Times' })).toContainText('7 h 00')
  await expect(tally.getByRole('row', { name: /fascia/i })).toContainText('7.00')

  // A board by the name the cut plan gives it, and something nobody reckoned with.
  await page.getByRole('button', { name: 'Goods', exact: true }).click()
  const goods = page.getByRole('region', { name: 'Bought and left' })
  await goods.getByRole('textbox', { name: /^Bought or taken along, ft/ }).fill('24')
  await goods.getByRole('textbox', { name: 'Left over' }).fill('30')
  await goods.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(goods.getByRole('alert')).toBeVisible()
  await goods.getByRole('textbox', { name: 'Left over' }).fill('4')
  await goods.getByRole('button', { name: 'Add', exact: true }).click()
  const bought = goods.getByRole('list', { name: 'Bought and left' }).getByRole('listitem')
  await expect(bought).toContainText(['20 ft'])
  await expect(bought.first()).toContainText(/reckoned/)
  await goods.getByLabel('What', { exact: true }).selectOption('')
  await goods.getByRole('textbox', { name: 'What' }).fill('Oak plug')
  await goods.getByRole('textbox', { name: 'Counted in' }).fill('each')
  await goods.getByRole('textbox', { name: /^Bought or taken along/ }).fill('6')
  await goods.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(bought).toHaveCount(2)
  await expect(bought.filter({ hasText: 'Oak plug' })).toContainText('6 each')

  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await page
    .getByLabel('Picture of it now')
    .first()
    .setInputFiles(await photo())
  await expect(page.getByText(/^done /).first()).toBeVisible()
  await expectAccessible(page)

  // All stages one after another come to what was agreed, to the cent.
  await page.getByRole('button', { name: 'Money', exact: true }).click()
  const stands = page.getByRole('region', { name: 'Where the money stands' })
  const agreed = (await jobOf(page, id)).rates!.payments.stages.length
  for (let stage = 1; stage <= agreed; stage += 1) {
    await stands.getByRole('button', { name: /^Make the next invoice/ }).click()
    await expect(page.getByText(`Invoice ${stage}`, { exact: true })).toBeVisible()
  }
  await expect(stands).toContainText('All that is agreed was asked for.')
  // One made too soon is undone and made again; its number is not given twice.
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('taken back', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(page.getByText('taken back', { exact: true })).toHaveCount(0)
  await expect(stands).toContainText('All that is agreed was asked for.')
  const sums = await stands.locator('dd').allTextContents()
  expect(sums[1]).toBe(sums[0])
  expect(sums[3]).toBe('$0.00')
  await page.getByLabel('Came in').fill('a lot')
  await page.getByRole('button', { name: 'Note the payment' }).click()
  await expect(page.getByText(/^An amount in dollars/)).toBeVisible()
  await page.getByLabel('Came in').fill(sums[0]!.replace('$', ''))
  await page.getByRole('button', { name: 'Note the payment' }).click()
  await expect(page.getByText('paid', { exact: true })).toHaveCount(agreed)
  await expectAccessible(page)
  await allSent(page)
  const pdf = await page.request.get(
    (await page.getByRole('link', { name: 'PDF' }).first().getAttribute('href'))!,
  )
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')

  await page.getByRole('button', { name: 'Handover', exact: true }).click()
  await page.getByRole('button', { name: 'Handed over today' }).click()
  await expect(page.getByRole('region', { name: 'Warranty by item' })).toContainText(/until/)
  await page.getByRole('button', { name: 'Take it' }).first().click()
  await expectAccessible(page)
  await allSent(page)
  await page.getByRole('button', { name: 'Send it to the owner' }).click()
  await expect(page.getByText(/^Sent: pictures before and after/)).toBeVisible({ timeout: 60_000 })

  // The owner, with no account: on the link he has.
  const owner = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await owner.goto(`/o/${token}`)
  const handed = owner.getByRole('region', { name: 'Handed over' })
  await expect(handed.getByRole('heading', { name: /^Handed over on/ })).toBeVisible()
  // What the bid said of the house before the work is folded away; a question can be asked as before.
  await expect(owner.getByText('The bid as it was before the work')).toBeVisible()
  await expect(owner.getByRole('heading', { name: 'Payments' })).toBeHidden()
  await expect(owner.getByRole('button', { name: /ask/i })).toBeVisible()
  const days = await owner.request.get(`/api/owner/${token}/handover/calendar`)
  expect(await days.text()).toContain('RRULE:FREQ=MONTHLY')
  await expectAccessible(owner)

  // What it says to the next one; nothing is changed by itself.
  await page.goto('/look-back')
  await expect(page.getByRole('link', { name: 'Closed at a desk' }).first()).toBeVisible({ timeout: 60_000 })
  const kinds = page.getByRole('region', { name: 'Earned by the paid hour, by kind of work' })
  await expect(kinds.getByRole('row').nth(1)).toContainText('$')
  await expectAccessible(page)
  // Taken once, the same jobs have nothing more to offer.
  const tasks = page.getByRole('region', { name: 'Hours, task by task' })
  const offer = tasks.getByRole('button', { name: /^Take the hours of/, disabled: false }).first()
  const named = (await offer.getAttribute('aria-label'))!
  await offer.click()
  await expect(page.getByText(/kept as edition/)).toBeVisible()
  await tasks.getByText(/with nothing to change$/).click()
  await expect(tasks.getByRole('button', { name: named })).toHaveText('taken')
  await expect(tasks.getByRole('button', { name: named })).toBeDisabled()
  // The other tests bid with what was shipped.
  const { edition, clauses, firm, values } = (await (
    await page.request.get('/api/firm/values')
  ).json()) as FirmValuesAnswer
  const changes = values
    .filter(({ reason }) => reason.startsWith('Our own '))
    .map(({ key }) => ({ key, value: null, reason: '' }))
  expect(changes.length).toBeGreaterThan(0)
  const back = await page.request.post('/api/firm/values', {
    headers: OWN,
    data: { edition, changes, clauses, firm },
  })
  expect(back.ok()).toBe(true)
})

test('a claim inside its warranty opens a job with the old one beside it', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const { id } = await acceptedJob(page, 'Claimed upon')
  await page.goto(`/jobs/${id}/close`)
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await page.getByRole('listitem').getByRole('button', { name: 'Done', exact: true }).first().click()
  await page.getByRole('button', { name: 'Handover', exact: true }).click()
  await page.getByRole('button', { name: 'Handed over today' }).click()
  await allSent(page)
  await page.getByRole('button', { name: 'Something failed…' }).click()
  const dialog = page.getByRole('dialog', { name: 'Something failed' })
  await expect(dialog.getByText(/inside its warranty/).first()).toBeVisible()
  await dialog.getByRole('button', { name: 'Open a job for it' }).click()
  await expect(dialog.getByRole('alert')).toBeVisible()
  await dialog.getByRole('checkbox').first().check()
  await dialog.getByLabel(/^What is wrong/).fill('It is soft again.')
  await dialog.getByRole('button', { name: 'Open a job for it' }).click()
  const claims = page.getByRole('region', { name: 'Claims' })
  await expect(claims).toContainText('It is soft again.', { timeout: 30_000 })
  await allSent(page)
  await claims.getByRole('link', { name: 'its job' }).click()
  await expect(page.getByRole('link', { name: 'claim on Claimed upon' })).toBeVisible()
})

test('why a bid was lost is one touch, and told when looking back', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const title = `Lost ${Date.now().toString(36)}`
  await acceptedJob(page, title)
  await page.goto('/jobs')
  await page.getByLabel('Find a job').fill(title)
  await page.getByRole('button', { name: `More of ${title}` }).click()
  await page.getByRole('menuitem', { name: 'The owner said no…' }).click()
  await expectAccessible(page, '[role=dialog]')
  await page.getByRole('button', { name: 'could not wait so long' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: title })).toContainText('said no')
  await page.goto('/look-back')
  await expect(page.getByRole('region', { name: 'Bids lost, and why' })).toContainText(
    'could not wait so long',
    {
      timeout: 60_000,
    },
  )
})

test('what opened places say of causes is told when looking back, and a weight is taken from it', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const [cause, sign] = ['gutter-none', 'no-gutter-above']
  // Twelve places: eight were a missing gutter, seven with its sign noted; four were weather, none with it.
  const findings = Array.from({ length: 13 }, (_, index) => ({
    ...sillNose(),
    ...{ id: `f${index}`, number: index + 1 },
  }))
  const place = (index: number, was: string | null, signs: string[]) => ({
    ...{
      id: randomUUID(),
      removed: false,
      finding_id: `f${index}`,
      opened_on: '2026-06-01',
      opened_by: 'Dov',
    },
    ...{ guess: null, found: [], taped: null, said: null, words: '', tonight: '', photo_ids: [] },
    told: { cause, stated: false, shares: [{ cause, percent: 60 }], signs },
    caused_by: was,
  })
  const opened_places = findings.map((_, index) =>
    index < 8 ? place(index, cause, index < 7 ? [sign] : []) : place(index, 'ordinary-exposure', []),
  )
  const handover = { id: 'handover', removed: false, on: '2026-06-02', by: 'Imke', words: '' }
  const job = smallHouse({ findings, opened_places, handover })
  const taken = await page.request.post('/api/jobs/import', {
    data: Buffer.from(printJobFile({ ...job, id: `causes-${randomUUID().slice(0, 8)}` })),
    headers: OWN,
  })
  expect(taken.status()).toBe(201)

  await page.goto('/look-back')
  const said = page.getByRole('region', { name: 'Causes: what was said, and what it was' })
  await expect(said.getByText(/^Said first and right at \d+ of \d+/)).toBeVisible({ timeout: 60_000 })
  await expect(said.getByRole('row', { name: /no gutter/i }).first()).toContainText(/\d+ of \d+/)
  const offer = said
    .getByRole('listitem')
    .filter({ hasText: /no gutter/i })
    .first()
  await expect(offer).toContainText('× 2 →')
  await expectAccessible(page)
  await offer.getByRole('button', { name: /^Take the weight of/ }).click()
  await expect(page.getByText(/kept as edition \d+/)).toBeVisible()
  await expect(said.getByRole('listitem').filter({ hasText: '× 2 →' })).toHaveCount(0)
  type Weights = { edition: number; likelihood_overrides: { cause: string; sign: string; reason: string }[] }
  const kept = (await (await page.request.get('/api/firm/weights')).json()) as Weights
  const isOurs = (each: { cause: string; sign: string }): boolean =>
    each.cause === cause && each.sign === sign
  expect(kept.likelihood_overrides.find(isOurs)?.reason).toMatch(
    /^Our own opened places: noted at \d+ of \d+/,
  )
  // The other tests trace with what was shipped.
  const back = await page.request.post('/api/firm/weights', {
    headers: OWN,
    data: { ...kept, likelihood_overrides: kept.likelihood_overrides.filter((each) => !isOurs(each)) },
  })
  expect(back.ok()).toBe(true)
})
