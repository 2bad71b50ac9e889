import { expect, test } from '@playwright/test'
import { expectAccessible, openJob, openStage, PEOPLE, photo, signIn } from './support'

test('the first finding in ten seconds: a photo, a word, no house', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const quick = page.getByRole('form', { name: 'New finding' })
  await quick.getByLabel('Photo of the finding').setInputFiles(await photo())
  await quick.getByLabel('A word').fill('spongy')
  await quick.getByRole('button', { name: 'New finding' }).tap()
  await expect(page.getByRole('button', { name: /1 spongy/ })).toBeVisible()
  await expect(page.getByText('Untitled job')).toBeVisible()
  await expectAccessible(page)
})

test('the walk fits a phone: one side at a time, big targets, nothing sideways', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await expect(page.getByText(/^A Front/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Next side' }).tap()
  await expect(page.getByRole('button', { name: /^Side B, right/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Side A, front/ })).toHaveCount(0)
  const sideways = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
  expect(sideways).toBeLessThanOrEqual(0)
  const small = await page
    .getByRole('main')
    .getByRole('button')
    .evaluateAll((buttons) =>
      // The file input is hidden; its label, which is large, stands for it.
      buttons
        .filter((each) => each.tagName !== 'INPUT' && each.getBoundingClientRect().height < 44)
        .map((each) => each.textContent),
    )
  expect(small).toEqual([])
  await expectAccessible(page)
})

test('the owner’s page on a phone: hazards first, the price, the acceptance', async ({ page, browser }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await openStage(page, 'Bid')
  await page.getByRole('button', { name: 'Send the bid' }).tap()
  await page
    .getByRole('dialog', { name: 'As the owner will see it' })
    .getByRole('button', { name: /^Send it/ })
    .tap()
  const url = await page.getByRole('link', { name: /\/o\// }).getAttribute('href')
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
  })
  const owner = await context.newPage()
  await owner.goto(url!)
  const headings = await owner.getByRole('heading', { level: 2 }).allTextContents()
  expect(headings.slice(0, 3)).toEqual(['Read this first', 'Where it is', 'What we propose'])
  await expect(owner.getByRole('img', { name: /^Walls front, right/ })).toBeVisible()
  await expect(owner.getByRole('button', { name: 'Say yes…' })).toBeInViewport()
  await expect(owner.getByText(/^\$[\d,]+\.\d\d$/).first()).toBeInViewport()
  await owner.getByRole('heading', { name: /^Side A, front/ }).tap()
  await expect(owner.getByRole('img', { name: 'sill nose, front' })).toBeVisible()
  await expectAccessible(owner)
  const sideways = await owner.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
  expect(sideways).toBeLessThanOrEqual(0)
  const text = await owner.getByRole('main').innerText()
  expect(text).not.toMatch(/overhead|profit|margin|markup|productive|labou?r/i)
  await context.close()
})
