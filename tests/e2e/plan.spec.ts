/** The days of the work at the desk: rain, a piece dragged, what has to come, sheets for the crew, several jobs on one calendar. */
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { expect, test, type Locator, type Page } from '@playwright/test'
import { INVENTED_CLIMATES } from '../../src/core/house'
import { finding, smallHouse, workItem } from '../support/jobs'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, openJob, openStage, PEOPLE, signIn } from './support'

const FASCIA = finding({
  n: 1,
  words: 'Fascia soft',
  component: 'fascia',
  at: { side: 'a', ft: 6, up_in: 104 },
  length_in: 24,
  grade: 3,
})
/** A board and the paint of its side, from a Monday on, by a crew that no other job has. */
const own = (crew = randomUUID()) => ({
  findings: [FASCIA],
  work_items: [
    workItem('board', { method: 'piece-in', component: 'fascia', finding_ids: [FASCIA.id] }),
    workItem('paint', {
      method: 'paint-side',
      component: null,
      places: [{ at: { kind: 'whole-side' as const, side_id: 'side-a' }, size: null, height: null }],
    }),
  ],
  plan: {
    id: 'plan',
    removed: false,
    start: '2031-05-05',
    finish_by: null,
    crews: [{ id: crew, name: 'Own crew', people: 2 }],
    week: [1, 2, 3, 4, 5],
    order: [],
  },
})
const dayRow = (page: Page, day: string): Locator =>
  page.getByRole('listitem').filter({ has: page.getByRole('button', { name: `Show ${day} on the walls` }) })

test('rain moves what is outside; a piece is dragged to another day; undo brings both back', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page, own())
  await openStage(page, 'Plan')
  const monday = dayRow(page, 'Mon, May 5')
  const tuesday = dayRow(page, 'Tue, May 6')
  await expect(monday.getByText('Fascia: piece in')).toBeVisible()
  await expectAccessible(page)
  await monday.getByLabel('Weather on Mon, May 5').selectOption('wet')
  await expect(monday.getByText('Fascia: piece in')).toHaveCount(0)
  await expect(tuesday.getByText('Fascia: piece in')).toBeVisible()
  await tuesday.getByText('Fascia: piece in').click()
  const piece = page.getByRole('region', { name: 'Fascia: piece in' })
  await expect(piece).toContainText(/May 5, 2031 is wet|After The whole job/)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(monday.getByText('Fascia: piece in')).toBeVisible()

  // Dragged by its grip onto the Wednesday.
  const grip = monday.getByRole('button', { name: 'Move Fascia: piece in, open and trim, to another day' })
  const wednesday = page.getByRole('button', { name: 'Show Wed, May 7 on the walls' })
  await wednesday.scrollIntoViewIfNeeded()
  const [from, to] = [(await grip.boundingBox())!, (await wednesday.boundingBox())!]
  await page.mouse.move(from.x + 5, from.y + 5)
  await page.mouse.down()
  await page.mouse.move(from.x - 20, from.y + 20, { steps: 4 })
  await page.mouse.move(to.x + 20, to.y + 10, { steps: 8 })
  await page.mouse.up()
  await expect(dayRow(page, 'Wed, May 7').getByText('Fascia: piece in')).toBeVisible()
  await allSent(page)
  expect((await jobOf(page, id)).plan_marks).toMatchObject([{ not_before: '2031-05-07' }])

  // What cannot be sooner says why, and loses nothing.
  await piece.getByLabel('Not before').fill('2031-05-05')
  await expect(monday.getByText('Fascia: piece in')).toBeVisible()
  await piece.getByRole('button', { name: 'Done today' }).click()
  await expect(piece.getByRole('button', { name: 'Not done after all' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(piece.getByRole('button', { name: 'Done today' })).toBeVisible()
})

test('an order that ends sooner is looked for with its progress, and can be stopped', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await openStage(page, 'Plan')
  const look = page.getByRole('button', { name: 'Look for an order that ends sooner' })
  // A search that was done before anybody could stop it is begun again.
  await expect(async () => {
    if (await look.isVisible()) await look.click()
    await expect(page.getByText('Looking for an order that ends sooner')).toBeVisible({ timeout: 5000 })
    await page.getByRole('button', { name: 'Stop', exact: true }).click({ timeout: 5000 })
  }).toPass()
  await expect(look).toBeVisible()
})

test('on the walls stand the days; a day is shown out; a tap on a piece opens it', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await openStage(page, 'Plan')
  await page.keyboard.press('f')
  const walls = page.getByRole('group', { name: 'The strip: outside walls unrolled' })
  const ledger = walls.getByRole('button', { name: /^Day \d+(–\d+)?: Renew the ledger/ })
  await ledger.click()
  await expect(page.getByRole('region', { name: 'Renew the ledger, shored' })).toContainText('wait for it')
  await expect(page.getByRole('region', { name: 'Has to come' })).toContainText('promised for')
  await expectAccessible(page)
})

test('day sheets in Spanish hold no money, and the plan leaves as a calendar file', async ({ page }) => {
  await signIn(page, PEOPLE.crew)
  await openJob(page, 'Alder House')
  await openStage(page, 'Plan')
  await page.getByRole('button', { name: 'Day sheets' }).click()
  await page.getByRole('button', { name: 'Español' }).click()
  await expect(page.getByText('toda la obra: Toda la obra').first()).toBeVisible()
  await expect(page.getByText('Se abre y se cierra al agua antes de la tarde.').first()).toBeVisible()
  expect(await page.getByRole('main').textContent()).not.toContain('$')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'English' }).click()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar file' }).click(),
  ])
  expect(file.suggestedFilename()).toBe('Alder-House-plan.ics')
  const text = readFileSync(await file.path(), 'utf8')
  expect(text).toContain('BEGIN:VCALENDAR')
  expect(text.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(20)
  await page.getByRole('button', { name: 'Needed when' }).click()
  await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible()
})

test('two jobs on one calendar: the later says by whom it is pushed', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const job = own()
  const first = await openOwn(page, job)
  const second = await openOwn(page, job)
  const [soon, later] = [first, second].toSorted()
  await page.goto('/calendar')
  const row = page.getByRole('row').filter({ has: page.locator(`a[href="/jobs/${later}/plan"]`) })
  await expect(row.first()).toContainText('later because of')
  await expect(
    page
      .getByRole('row')
      .filter({ has: page.locator(`a[href="/jobs/${soon}/plan"]`) })
      .first(),
  ).not.toContainText('later because of')
  await expect(page.getByRole('columnheader', { name: 'Mon' })).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel('From').fill('2031-05-06')
  await page.getByRole('button', { name: 'Put in' }).click()
  await expect(page.getByText('Say the day, and why nobody works.')).toBeVisible()
  await page.getByLabel('Why').fill('fair')
  await page.getByRole('button', { name: 'Put in' }).click()
  await expect(page.getByRole('button', { name: 'Tue, May 6 is worked' })).toBeVisible()
  await page.goto(`/jobs/${soon}/plan`)
  await expect(page.getByText(/Tue, May 6.*fair/)).toBeVisible()
  await page.goto('/calendar')
  await page.getByRole('button', { name: 'Tue, May 6 is worked' }).click()
  await expect(page.getByRole('button', { name: 'Tue, May 6 is worked' })).toHaveCount(0)
})

test('coats that fall into a wet month may wait for a dry one, with the price of the visit; an appointment holds its day', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const house = smallHouse().house!
  const id = await openOwn(page, {
    ...own(),
    house: { ...house, climate: INVENTED_CLIMATES[0]! },
    plan: { ...own().plan, start: '2031-12-01' },
  })
  await openStage(page, 'Plan')
  await expect(page.getByText(/Coats fall into a month with \d+ days of rain\./)).toContainText(/about \$\d+/)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Paint in the dry season' }).click()
  // The visit is sold, the coats move into the summer, and the offer is gone.
  await expect(page.getByRole('button', { name: 'Paint in the dry season' })).toHaveCount(0)
  await allSent(page)
  const taken = await jobOf(page, id)
  expect(taken.work_items.map(({ name }) => name)).toContain(
    'A visit of its own for the paint, in the dry season',
  )
  // The coats, and the visit with them.
  expect(taken.plan_marks.length).toBeGreaterThanOrEqual(2)
  expect(taken.plan_marks.every(({ not_before }) => (not_before ?? '') > '2032-03')).toBe(true)

  // One touch, one undo.
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Paint in the dry season' })).toBeVisible()
  await page.getByRole('button', { name: 'Redo', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Paint in the dry season' })).toHaveCount(0)

  await page.getByText('Add an appointment').click()
  await page.getByLabel('For', { exact: true }).selectOption({ value: 'board' })
  await page.getByLabel('On', { exact: true }).fill('2031-12-10')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(dayRow(page, 'Wed, Dec 10').getByText('Fascia: piece in')).toBeVisible()
  await allSent(page)
  expect((await jobOf(page, id)).bookings).toMatchObject([{ what: 'appointment', comes_on: '2031-12-10' }])
})
