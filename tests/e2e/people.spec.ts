/** The first hour and after: somebody is asked in by a link, takes it up on his own phone, gets another role and is let go; the firm's mark. */
import { expect, test } from '@playwright/test'
import { randomUUID } from 'node:crypto'
import { expectAccessible, PEOPLE, photo, signIn } from './support'

test('asked in by a link, in with the role it names, raised, and let go', async ({ page, browser }) => {
  await signIn(page, PEOPLE.estimator)
  await page.goto('/firm')
  const people = page.getByRole('region', { name: 'People' })
  const name = `Nell ${randomUUID().slice(0, 6)}`
  await people.getByLabel('Who').fill(name)
  await people.getByRole('button', { name: 'Make a link' }).click()
  const link = await people.getByLabel(`Link for ${name}`).inputValue()
  await expect(people.getByRole('listitem').filter({ hasText: name })).toContainText('invited as crew')
  await expectAccessible(page, '[aria-label="People"]')

  const theirs = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const phone = await theirs.newPage()
  await phone.goto(link)
  await expect(phone.getByRole('heading', { name: 'Join Tern & Mallet Repair' })).toBeVisible()
  await expect(phone.getByLabel('Your name')).toHaveValue(name)
  await expectAccessible(phone)
  await phone.getByLabel('E-mail').fill(`${randomUUID()}@tern.invalid`)
  await phone.getByLabel('Password').fill('short')
  await phone.getByRole('button', { name: 'Join' }).click()
  await expect(phone.getByText('at least 10 characters')).toBeVisible()
  await phone.getByLabel('Password').fill('four words make one')
  await phone.getByRole('button', { name: 'Join' }).click()
  await expect(phone.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await expect(phone.getByRole('link', { name: 'Outbox' })).toHaveCount(0)

  // A second use of the same link opens nothing.
  const stranger = await (await browser.newContext()).newPage()
  await stranger.goto(link)
  await expect(stranger.getByText('was used, taken back or has run out')).toBeVisible()

  await page.reload()
  await page.getByLabel(`Role of ${name}`).selectOption('office')
  await phone.reload()
  await expect(phone.getByRole('link', { name: 'Outbox' })).toBeVisible()

  await page.getByRole('button', { name: `Let ${name} go` }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Let go' }).click()
  await expect(page.getByLabel(`Role of ${name}`)).toHaveCount(0)
  await phone.goto('/jobs')
  await expect(
    phone.getByRole('button', { name: 'Sign in' }).or(phone.getByText('You were signed out')).first(),
  ).toBeVisible()
  await theirs.close()
})

test('the last owner stays; what was changed about the firm waits to be kept', async ({ page }) => {
  await signIn(page, PEOPLE.otherFirm)
  const licence = `Demo licence GG-${Math.floor(Math.random() * 9000) + 1000}`
  await page.goto('/firm')
  await page.getByLabel('Role of Tove Marram').selectOption('crew')
  await expect(page.getByText('A firm keeps at least one owner')).toBeVisible()
  await expect(page.getByLabel('Role of Tove Marram')).toHaveValue('owner-estimator')
  await page.getByLabel('Licence and insurance, as the law wants them said').fill(licence)
  await page.getByRole('button', { name: 'Keep 1 change' }).click()
  await expect(page.getByText(/^Kept as edition/)).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Licence and insurance, as the law wants them said')).toHaveValue(licence)
})

test('a mark is taken in, shown, and gone again', async ({ page }) => {
  await signIn(page, PEOPLE.otherFirm)
  await page.goto('/firm')
  await page.getByLabel('A mark for your bids').setInputFiles(await photo())
  await expect(page.getByAltText('The mark on your bids')).toBeVisible()
  await page.getByRole('button', { name: 'No mark' }).click()
  await expect(page.getByText('bids carry the name alone')).toBeVisible()
})

test('jobs begin from a contacts file, for those who are chosen', async ({ page }) => {
  await signIn(page, PEOPLE.otherFirm)
  await page.goto('/jobs')
  const street = `${Math.floor(Math.random() * 9000) + 100} Sedge Road`
  await page.getByLabel('Contacts file, CSV or vCard').setInputFiles({
    name: 'people.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`Name,Phone,Address\nAda Fell,555 0102,"${street}, Brae Haven"\nBo Reed,,\n,555,\n`),
  })
  const dialog = page.getByRole('dialog', { name: 'Begin jobs for whom?' })
  await expect(dialog.getByText('1 left out: it has no name or cannot be read.')).toBeVisible()
  await dialog.getByLabel('Find a contact').fill('sedge')
  await dialog.getByRole('checkbox').check()
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Begin one job' }).click()
  await dialog.getByRole('button', { name: 'Done' }).click()
  const row = page.getByRole('listitem').filter({ hasText: street })
  await expect(row).toContainText('Ada Fell')
  await page.getByLabel('Contacts file, CSV or vCard').setInputFiles({
    name: 'what.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('a,b\n1,2\n'),
  })
  await expect(page.getByText('No column of this file is one of names')).toBeVisible()
})
