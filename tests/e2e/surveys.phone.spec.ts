/** Measuring on site with a phone: a wall with plumb line and laser, without a signal; a deck point by point from below. */
import { expect, test, type Locator } from '@playwright/test'
import { sillNose } from '../support/jobs'
import { jobOf, openOwn, part } from './ownJob'
import { allSent, expectAccessible, expectFitsPhone, PEOPLE, signIn } from './support'

/** Adds a row: the button moves as rows come and the drawing folds, so a tap that missed it is made again. */
async function addRow(form: Locator, button: string, field: string): Promise<void> {
  const row = form.getByLabel(field, { exact: true })
  await expect(async () => {
    if (!(await row.isVisible())) await form.getByRole('button', { name: button, exact: true }).tap()
    await expect(row).toBeVisible({ timeout: 5000 })
  }).toPass()
}

test('a wall is measured with a plumb line and no signal, and Trace reads it', async ({ page, context }) => {
  await signIn(page, PEOPLE.estimator)
  const crack = sillNose({
    words: 'Horizontal crack in the foundation',
    component: 'foundation-wall',
    material: 'unknown',
    stated_grade: null,
    how_known: 'seen-close',
    signs: [],
  })
  const id = await openOwn(page, { findings: [crack] })
  // A job of one finding opens on it.
  await page.getByRole('button', { name: 'Done', exact: true }).tap()
  await part(page, 'Surveys')
  await expectFitsPhone(page, 'surveys, none yet')
  await page.getByRole('button', { name: 'Wall out of plumb', exact: true }).tap()
  const form = page.getByRole('region', { name: 'Wall out of plumb', exact: true })
  await addRow(form, 'Add a station', 'Foot, station 1')
  await context.setOffline(true)
  await addRow(form, 'Add a station', 'Foot, station 2')
  // A station only begun is no reading: the wall is not called plumb.
  await expect(page.getByRole('region', { name: 'What it says' })).toContainText('No station yet.')
  for (const height of ['Foot', 'Top']) {
    await form.getByLabel(`${height}, station 2`, { exact: true }).fill('0')
    await form.getByLabel(`${height}, station 2`, { exact: true }).press('Enter')
  }
  const middle = form.getByLabel('Middle, station 2', { exact: true })
  await middle.fill('2 1/8')
  await middle.press('Enter')
  const said = page.getByRole('region', { name: 'What it says' })
  await expect(said).toContainText('The wall bellies in 2-1/8" at 6 ft. An engineer goes first.')
  await expect(said.getByRole('region', { name: 'What Trace reads' })).toContainText('wall bellies in')
  await expect(page.getByText(/ENGINEER/i).first()).toBeVisible()
  await expectFitsPhone(page, 'a wall being measured')
  await expectAccessible(page)
  // What cannot be read stays as it was typed and says what to do; the last good value stands.
  const top = form.getByLabel('Top, station 2', { exact: true })
  await top.fill('a bit')
  await top.press('Enter')
  await expect(top).toHaveValue('a bit')
  await expect(top).toHaveAttribute('aria-invalid', 'true')
  await expect(form.getByRole('alert')).not.toBeEmpty()
  await top.fill('-1/4')
  await top.press('Enter')
  await expect(top).toHaveValue('-1/4"')
  await context.setOffline(false)
  await allSent(page)
  const job = await jobOf(page, id)
  expect(job.surveys).toHaveLength(1)
  expect(job.surveys[0]).toMatchObject({
    kind: 'plumb',
    side_id: 'side-a',
    stations: [{ station: 0 }, { station: 6 * 768, middle: 136, top: -16 }],
  })
})

test('a rod is read with the laser', async ({ page, context }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const devices = await context.newPage()
  await devices.goto('/devices')
  // A page that is not warm yet hears nothing: set until it says so.
  await expect(async () => {
    await devices.getByLabel('True height over the beam').fill('-0.75')
    await devices.getByRole('region', { name: 'Laser receiver' }).getByLabel('Noise').fill('0')
    await expect(devices.getByLabel('Receiver says')).toHaveText('−0.75 in', { timeout: 2000 })
  }).toPass()
  await devices.close()
  await part(page, 'Surveys')
  await page.getByRole('button', { name: 'Level along a wall', exact: true }).tap()
  const form = page.getByRole('region', { name: 'Level along a wall', exact: true })
  await addRow(form, 'Add a station', 'Line over edge, station 1')
  await addRow(form, 'Add a station', 'Line over edge, station 2')
  await form.getByLabel('Line over edge, station 1', { exact: true }).fill('0')
  await form.getByLabel('Line over edge, station 1', { exact: true }).press('Enter')
  await form.getByRole('button', { name: 'Line over edge, station 2: take it from the laser receiver' }).tap()
  await expect(form.getByLabel('Line over edge, station 2', { exact: true })).toHaveValue('-3/4"')
  await expect(page.getByRole('region', { name: 'What it says' })).toContainText('3/4" under 8 ft')
  await allSent(page)
  expect((await jobOf(page, id)).surveys[0]).toMatchObject({
    readings: [{ over_edge: 0 }, { over_edge: -48 }],
  })
})

test('a deck is looked through from below: it keeps people off at once, and what is wrong becomes findings', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await part(page, 'Surveys')
  await page.getByRole('button', { name: 'Deck check', exact: true }).tap()
  const form = page.getByRole('region', { name: 'Deck check', exact: true })
  const answer = (asks: RegExp, value: string): Promise<void> =>
    form.getByRole('group', { name: asks }).getByRole('button', { name: value, exact: true }).tap()
  await answer(/^Ledger held by bolts/, 'wrong')
  await expect(page.getByText('KEEP OFF').first()).toBeVisible()
  await answer(/^Guard firm/, 'right')
  await answer(/^A rail to hold along/, 'wrong')
  await form.getByLabel('Joists', { exact: true }).selectOption('2x6')
  await form.getByLabel('Joists every').selectOption('24')
  await form.getByLabel('Joist span').fill('9')
  await form.getByLabel('Joist span').press('Enter')
  const said = page.getByRole('region', { name: 'What it says' })
  await expect(said).toContainText('Outside the table: replace it, or an engineer.')
  await expect(said).not.toContainText(/\b(safe|adequate)\b/i)
  await expectFitsPhone(page, 'a deck being looked through')
  await expectAccessible(page)
  await form.getByRole('button', { name: 'Write down the 2 findings' }).tap()
  await expect(form.getByRole('button', { name: /^Write down/ })).toHaveCount(0)
  await allSent(page)
  const job = await jobOf(page, id)
  expect(job.findings.map(({ component, words }) => [component, words])).toEqual([
    ['ledger', 'Ledger held by nails alone'],
    ['stair', 'No rail to hold along the stair'],
  ])
})

test('under a floor, support by support: how each stands, what hangs on it, and what Trace reads', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const joist = sillNose({
    words: 'Hall floor gives; joists soft along the top',
    component: 'joist',
    material: 'unknown',
    stated_grade: 2,
    signs: [],
  })
  const id = await openOwn(page, { findings: [joist] })
  await page.getByRole('button', { name: 'Done', exact: true }).tap()
  await part(page, 'Surveys')
  await page.getByRole('button', { name: 'Floor frame', exact: true }).tap()
  const form = page.getByRole('region', { name: 'Floor frame', exact: true })
  const said = page.getByRole('region', { name: 'What it says' })
  const enter = async (label: string, value: string): Promise<void> => {
    await form.getByLabel(label, { exact: true }).fill(value)
    await form.getByLabel(label, { exact: true }).press('Enter')
  }
  for (const [n, along] of ['0', '8', '16', '24'].entries()) {
    await addRow(form, 'Add a support', `Along the line, support ${n + 1}`)
    await enter(`Along the line, support ${n + 1}`, along)
  }
  await form.getByLabel('Stands, support 2', { exact: true }).selectOption('loose')
  await form.getByLabel('On, support 2', { exact: true }).selectOption('loose blocks')
  await expect(said).toContainText('post 2 loose, on loose blocks')
  await expect(said).toContainText('Not looked at: post 1, post 3, post 4.')
  await enter('Clear span', '12')
  await enter('Joists beyond the line', '12')
  // 8 ft of the line × 12 ft of floor, at 50 to 55 lb a square foot.
  await expect(said).toContainText('post 2 bears most: 4,800 to 5,280 lb.')
  await form.getByLabel('Wall on the line', { exact: true }).selectOption('plaster')
  await expect(said).toContainText('More than 6,000 lb at post 2, post 3: an engineer')
  await expect(said.getByRole('region', { name: 'What Trace reads' })).toContainText(
    'jack or block without a pad',
  )
  await addRow(form, 'Add a member', 'Is, member 1')
  await form.getByLabel('Is, member 1', { exact: true }).selectOption('broken')
  await enter('Its end bears, member 1', '1')
  await expect(said).toContainText('Bears too little: joist 1 1 in.')
  await expectFitsPhone(page, 'a floor frame being looked through')
  // What is wrong becomes findings with one touch, each once.
  await form.getByRole('button', { name: 'Write down the 2 findings', exact: true }).tap()
  await expect(form).toContainText('Noted already: ')
  await expect(form.getByRole('button', { name: /^Write down/ })).toHaveCount(0)
  await allSent(page)
  expect((await jobOf(page, id)).findings.map(({ component, count }) => [component, count])).toEqual([
    ['joist', null],
    ['pier', 1],
    ['joist', 1],
  ])
  await expectAccessible(page)
  await allSent(page)
  const [survey] = (await jobOf(page, id)).surveys
  expect(survey).toMatchObject({
    kind: 'frame',
    supports: [{ support: 'post 1' }, { stands: 'loose', on: 'loose-blocks', along: 8 * 768 }, {}, {}],
    members: [{ member: 'joist 1', state: 'broken', bearing: 64 }],
  })
  // Said where it lies, the line is drawn there; what is drawn opens its survey.
  await form.getByLabel('Line of supports beside', { exact: true }).selectOption('A front')
  await enter('In from that wall', '13')
  await allSent(page)
  // The drawing is folded while one reads down the survey, and opens over it by its tape.
  await form.getByRole('button', { name: 'Add a member', exact: true }).scrollIntoViewIfNeeded()
  const plan = page.getByRole('button', { name: 'plan', exact: true })
  await expect(plan).toBeHidden()
  const folded = page.getByRole('region', { name: 'Walls, folded' })
  await expect(async () => {
    if (await folded.isVisible()) await folded.getByRole('button', { name: /^Side A/ }).tap()
    await expect(plan).toBeVisible({ timeout: 2000 })
  }).toPass()
  await plan.tap()
  await expect(form).toBeVisible()
  await page.getByRole('button', { name: /^Ground floor: 4 supports, 1 not as it should stand/ }).click()
  await expect(form).toBeVisible()
  await expectFitsPhone(page, 'a line of supports on the plan')
})
