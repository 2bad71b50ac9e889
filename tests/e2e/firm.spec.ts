import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import writeXlsxFile from 'write-excel-file/node'
import { finding, smallHouse, workItem } from '../support/jobs'
import { openOwn } from './ownJob'
import { expectAccessible, PEOPLE, signIn } from './support'

test('the firm puts its own hours in, says why, takes a price list in after a look, and new jobs start from them', async ({
  page,
}) => {
  await signIn(page, PEOPLE.office)
  await page.getByRole('link', { name: 'Firm' }).click()
  await expect(page.getByRole('heading', { name: 'What the firm reckons with' })).toBeVisible()
  await expect(page.getByText('Looking…')).toHaveCount(0)
  const search = page.getByLabel('Search')
  await search.fill('soffit typical')
  const ours = page.getByLabel('Ours for Soffit boards replaced: typical')
  await expect(page.getByRole('row', { name: /Soffit boards replaced: typical/ })).toContainText('0.18')
  await ours.fill('0.24')
  await ours.blur()
  await page.getByRole('button', { name: 'Keep 1 change' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'say why' })).toBeVisible()
  await page.getByLabel('Why, for Soffit boards replaced: typical').fill('four closed jobs')
  await page.getByLabel('Why, for Soffit boards replaced: typical').blur()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Keep 1 change' }).click()
  await expect(page.getByText(/Kept as edition \d+/)).toBeVisible()

  // Out as CSV, changed, and in again: first what it would change, then on the page, then kept.
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'CSV out' }).click(),
  ])
  const text = readFileSync(await file.path(), 'utf8')
  expect(text).toContain(
    'task.soffit.typical,Soffit boards replaced: typical,h a ft²,0.18,0.24,four closed jobs',
  )
  const changed = text
    .replace(/^good\.sealant,(.*?),8\.5,,$/m, 'good.sealant,$1,8.5,9.75,price list of May')
    .replace(/^good\.primer,(.*?),38,,$/m, 'good.primer,$1,38,dear,')
  await page
    .getByLabel('Table of values to take in')
    .setInputFiles({ name: 'v.csv', mimeType: 'text/csv', buffer: Buffer.from(changed) })
  const dialog = page.getByRole('dialog', { name: 'What this file would change' })
  await expect(dialog.getByRole('alert')).toContainText('Primer: “dear” is no number.')
  await expect(dialog).toContainText('Sealant: as shipped → 9.75 price list of May')
  await dialog.getByRole('button', { name: 'Put them on the page' }).click()
  await page.getByRole('button', { name: 'Only our own' }).click()
  await search.fill('')
  await expect(page.getByLabel('Ours for Sealant')).toHaveValue('9.75')
  await page.getByLabel('Required notices').fill('Lien notice of this state.')
  await page.getByRole('button', { name: 'Keep 2 changes' }).click()
  await expect(page.getByText(/Kept as edition \d+/)).toBeVisible()
  const template = (await (await page.request.get('/api/jobs/template')).json()) as {
    settings: { values: Record<string, unknown>; clauses: { required_notices: string } }
    rates: { consumable_cents: Record<string, number> }
  }
  expect(template.settings.values['task.soffit.typical']).toEqual({ value: 0.24, reason: 'four closed jobs' })
  expect(template.settings.clauses.required_notices).toBe('Lien notice of this state.')
  expect(template.rates.consumable_cents.sealant).toBe(975)

  // As shipped again, so that other tests reckon with what they know.
  await page.getByLabel('Ours for Sealant').fill('')
  await page.getByLabel('Ours for Sealant').blur()
  await ours.fill('')
  await ours.blur()
  await page.getByRole('button', { name: 'Keep 2 changes' }).click()
  await expect(page.getByText('Nothing of our own here yet.')).toBeVisible()
})

test('a spreadsheet is taken in after a look; open jobs say what they would come to at these rates, and stay as they are', async ({
  page,
}) => {
  test.setTimeout(240_000)
  await signIn(page, PEOPLE.office)
  const title = `Swept ${Date.now().toString(36)}`
  const fascia = finding({
    n: 1,
    words: 'Fascia soft',
    component: 'fascia',
    at: { side: 'a', ft: 6, up_in: 104 },
    length_in: 240,
    grade: 3,
  })
  await openOwn(page, {
    job: { ...smallHouse().job, title },
    findings: [fascia],
    work_items: [
      workItem('board', { method: 'replace-member', component: 'fascia', finding_ids: [fascia.id] }),
    ],
  })
  await page.goto('/firm')
  await expect(page.getByText('Looking…')).toHaveCount(0)
  const take = async (own: string, reason: string): Promise<void> => {
    const sheet = await writeXlsxFile([
      ['key', 'name', 'own', 'reason'],
      ['good.primer', 'Primer', own, reason],
    ]).toBuffer()
    await page.getByLabel('Table of values to take in').setInputFiles({
      name: 'prices.xlsx',
      mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
      buffer: sheet,
    })
  }
  const dialog = page.getByRole('dialog', { name: 'What this file would change' })
  await take('48', 'price list of the yard')
  await expect(dialog).toContainText('Primer: as shipped → 48 price list of the yard')
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Put them on the page' }).click()
  await page.getByRole('button', { name: 'Keep 1 change' }).click()
  await expect(page.getByText(/Kept as edition \d+/)).toBeVisible()

  const sweep = page.getByRole('region', { name: 'Open jobs at these rates' })
  await sweep.getByRole('button', { name: 'Reckon the open jobs' }).click()
  await expect(sweep.getByText(/^\d+ of \d+ move\.$/)).toBeVisible({ timeout: 150_000 })
  const row = sweep.getByRole('row', { name: new RegExp(title) })
  // Primer is dearer: the job would cost more, and is told by how much.
  await expect(row).toContainText(/\+ \$\d+\.\d\d/)
  await expectAccessible(page)

  // As shipped again, so that other tests reckon with what they know.
  await take('', '')
  await dialog.getByRole('button', { name: 'Put them on the page' }).click()
  // The word of the first keeping still stands: what counts is that the server has taken the second.
  const kept = page.waitForResponse(
    (answer) => answer.url().endsWith('/api/firm/values') && answer.request().method() === 'POST',
  )
  await page.getByRole('button', { name: 'Keep 1 change' }).click()
  expect((await kept).ok()).toBe(true)
})

test('whoever sees no money is not shown the page', async ({ page }) => {
  await signIn(page, PEOPLE.crew)
  await expect(page.getByRole('link', { name: 'Firm', exact: true })).toHaveCount(0)
  await page.goto('/firm')
  await expect(page).toHaveURL(/\/jobs|\/$/)
})
