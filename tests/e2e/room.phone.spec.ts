/** The walk on a phone: what is needed once a minute lies at the thumb, sheets keep the list's place, nothing jumps. */
import { expect, test, type Page } from '@playwright/test'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, expectFitsPhone, openJob, PEOPLE, photo, signIn } from './support'

const topOf = (page: Page): Promise<number> =>
  page.evaluate(() => document.querySelector('main [role="tabpanel"]')!.getBoundingClientRect().top)

test('the first control and the last findings are in view, cautions or not; the bar is at the thumb', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  const bar = page.getByRole('region', { name: 'At the thumb' })
  for (const name of ['Speak', 'Line']) {
    const box = (await bar.getByRole('button', { name }).boundingBox())!
    expect(box.y + box.height).toBeGreaterThan(844 - 130)
    expect(box.height).toBeGreaterThanOrEqual(56)
  }
  expect(await topOf(page)).toBeLessThanOrEqual(437)
  const rows = page.getByRole('region', { name: /^Findings, A front/ }).getByRole('listitem')
  for (const at of [0, 1, 2]) await expect(rows.nth(at)).toBeInViewport()
  await expect(page.getByRole('region', { name: 'Cautions' })).toContainText('KEEP OFF')
  await expectFitsPhone(page, 'Walk')
  await expectAccessible(page)
})

test('sides are swiped; the list is of the side in view and says what it leaves out', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await expect(page.getByRole('region', { name: 'Findings, A front' })).toBeVisible()
  const walls = page.getByRole('group', { name: 'Outside walls of the house' })
  const box = (await walls.boundingBox())!
  const swipe = async (from: number, to: number): Promise<void> => {
    const client = await page.context().newCDPSession(page)
    const at = (x: number): { x: number; y: number }[] => [{ x, y: box.y + 30 }]
    await client.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(from) })
    await client.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at((from + to) / 2) })
    await client.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(to) })
    await client.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
  }
  await swipe(300, 120)
  await expect(page.getByRole('region', { name: 'Findings, B right' })).toBeVisible()
  await swipe(120, 300)
  await expect(page.getByRole('region', { name: 'Findings, A front' })).toBeVisible()
  // A touch while the swipe still glides only stops it, as on any phone: it is touched again.
  await expect(async () => {
    await page.getByRole('button', { name: /elsewhere: show all/ }).tap({ timeout: 2000 })
    await expect(page.getByRole('region', { name: 'Findings', exact: true })).toBeVisible({ timeout: 1500 })
  }).toPass({ timeout: 15_000 })
})

test('a finding opens as a sheet and the list keeps its place under it; the walls fold while one reads', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  const panel = page.getByRole('tabpanel', { name: 'Walk' })
  // What is not drawn yet cannot be scrolled.
  await expect(
    page
      .getByRole('region', { name: /^Findings/ })
      .getByRole('listitem')
      .nth(8),
  ).toBeAttached()
  await panel.evaluate((element) => element.scrollTo(0, 160))
  await expect(page.getByRole('region', { name: 'Walls, folded' })).toBeVisible()
  const before = await panel.evaluate((element) => element.scrollTop)
  await page
    .getByRole('region', { name: /^Findings/ })
    .getByRole('listitem')
    .nth(5)
    .getByRole('button')
    .tap()
  await expect(page.getByRole('group', { name: /^Sheet: Finding/ })).toBeVisible()
  await page.getByRole('button', { name: 'Done', exact: true }).tap()
  await expect(page.getByRole('group', { name: /^Sheet/ })).toHaveCount(0)
  expect(Math.abs((await panel.evaluate((element) => element.scrollTop)) - before)).toBeLessThan(4)
  await panel.evaluate((element) => element.scrollTo(0, 0))
  await expect(page.getByRole('region', { name: 'Walls', exact: true })).toBeVisible()
})

test('photo, line, next window, all by thumb: the side in view and the last place are taken for granted', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await page.getByLabel('Photo of a new finding').setInputFiles(await photo())
  await expect(page.getByRole('group', { name: /^Sheet: Finding/ })).toBeVisible()
  await expect(page.getByRole('group', { name: 'Where along?' })).toBeVisible()
  await page.getByRole('button', { name: 'Done', exact: true }).tap()
  const say = async (words: string): Promise<void> => {
    await page.getByRole('button', { name: 'Line', exact: true }).tap()
    await page.getByLabel('A word, or a whole line').fill(words)
    await page.getByRole('form', { name: 'Photo and word' }).getByRole('button', { name: /^Add/ }).tap()
    await page.getByRole('button', { name: 'Done', exact: true }).tap()
  }
  await say('first window sill nose soft two feet')
  await say('next window the same')
  await say('fascia twelve foot in three foot rotten')
  await allSent(page)
  const { findings } = await jobOf(page, id)
  expect(findings.map(({ component, place }) => [component, place])).toMatchObject([
    [null, { kind: 'side', side_id: 'side-a', station_unsaid: true }],
    ['sill-nose', { feature_id: 'window-a1' }],
    ['sill-nose', { feature_id: 'window-a2' }],
    ['fascia', { side_id: 'side-a', station: 12 * 12 * 64, feature_id: null }],
  ])
})

test('what is spoken is a finding of the side in view, by a touch to begin and one to end, and is kept with its sound', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const bar = page.getByRole('region', { name: 'At the thumb' })
  await bar.getByRole('button', { name: 'Speak' }).tap()
  const running = bar.getByRole('button', { pressed: true })
  await expect(running).toHaveText(/^11\d s$/)
  await running.tap()
  await expect(page.getByRole('group', { name: /^Sheet: Finding/ })).toBeVisible()
  await allSent(page)
  const { findings, clips } = await jobOf(page, id)
  expect(findings).toMatchObject([
    { place: { side_id: 'side-a', station_unsaid: true }, clip_ids: [clips[0]!.id] },
  ])
  expect(clips[0]!.media_type).toMatch(/^audio\//)
  const sound = await page.request.get(`/api/clips/${clips[0]!.sha256}`)
  expect(sound.ok()).toBe(true)
  expect((await sound.body()).byteLength).toBeGreaterThan(1000)
  await expectAccessible(page)
})

test('marks that stand too close for a thumb are asked about, and the opening under them too', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  const together = page
    .getByRole('button', { name: /Finding 3: / })
    .and(page.getByRole('button', { name: /Finding 4: / }))
  await together.tap()
  const asked = page.getByRole('region', { name: 'Which one?' })
  await expect(asked.getByRole('button', { name: /^3/ })).toBeVisible()
  await asked.getByRole('button', { name: /^4/ }).tap()
  await expect(page.getByRole('region', { name: 'Finding 4' })).toBeVisible()
  await page.getByRole('button', { name: 'Done', exact: true }).tap()
  await together.tap()
  await asked.getByRole('button', { name: 'window A5' }).tap()
  await expect(page.getByRole('region', { name: 'window A5' })).toBeVisible()
})
