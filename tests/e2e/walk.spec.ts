/** The walk at a desk: parts of an opening, same again, the strip by mouse and keys, scope line, holds, devices, the plan. */
import { expect, test } from '@playwright/test'
import { jobOf, openOwn, part } from './ownJob'
import { allSent, expectAccessible, openJob, openStage, PEOPLE, signIn } from './support'

test('parts of a window are tapped, a sound part as quickly as a rotten one', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await page.getByRole('button', { name: /^window A1,/ }).click()
  const panel = page.getByRole('region', { name: 'window A1' })
  await panel
    .getByRole('list', { name: 'Parts' })
    .getByRole('button', { name: /^sill nose/ })
    .click()
  await panel.getByRole('button', { name: 'deep' }).click()
  await panel
    .getByRole('list', { name: 'Parts' })
    .getByRole('button', { name: /^head casing/ })
    .click()
  await panel.getByRole('button', { name: 'sound', exact: true }).click()
  await panel.getByRole('button', { name: 'The others are sound' }).click()
  await allSent(page)
  const { findings } = await jobOf(page, id)
  expect(findings).toHaveLength(5)
  expect(findings.filter((each) => each.stated_grade === 0)).toHaveLength(4)
  expect(findings[0]).toMatchObject({ component: 'sill-nose', stated_grade: 3, how_known: 'touched' })
  // What is sound wants no repair and does not stand in the bid.
  await expect(page.getByRole('tab', { name: /^Scope 0 repairs · 1 open/ })).toBeVisible()
  await expectAccessible(page)
})

test('same again puts one fault on many windows, linked, suspected where nobody touched', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const say = page.getByLabel('A word, or a whole line')
  await say.fill(`A1 sill nose 2' deep caulk split`)
  await say.press('Enter')
  await page
    .getByRole('region', { name: /^Finding/ })
    .getByRole('button', { name: 'Same again' })
    .click()
  const dialog = page.getByRole('dialog', { name: /Same again/ })
  await dialog.getByRole('button', { name: 'All' }).click()
  await dialog.getByLabel(/Touched there too/).uncheck()
  await dialog.getByRole('button', { name: 'Add 2' }).click()
  await expect(page.getByRole('button', { name: /^One detail on 3 places/ })).toBeVisible()
  await allSent(page)
  const { findings } = await jobOf(page, id)
  expect(new Set(findings.map((each) => each.detail_id)).size).toBe(1)
  expect(findings.map((each) => each.suspected)).toEqual([false, true, true])
  expect(findings.map((each) => each.number)).toEqual([1, 2, 3])
})

test('a window is dragged with the mouse, catches on the corner, and comes back by undo', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const mark = page.getByRole('button', { name: /^window A1,/ })
  await mark.click()
  const grip = (await page.locator('[data-grip=whole]').boundingBox())!
  const at = [grip.x + grip.width / 2, grip.y + grip.height / 2] as const
  await page.mouse.move(...at)
  await page.mouse.down()
  await page.mouse.move(at[0] - 20, at[1], { steps: 4 })
  await page.mouse.move(2, at[1], { steps: 6 })
  await expect(page.getByText(/left corner/)).toBeVisible()
  await page.mouse.up()
  await allSent(page)
  expect((await jobOf(page, id)).features[0]?.station).toBe(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await allSent(page)
  expect((await jobOf(page, id)).features[0]?.station).toBe(10 * 768)
  await page.getByRole('button', { name: 'Redo' }).click()
  await allSent(page)
  expect((await jobOf(page, id)).features[0]?.station).toBe(0)
})

test('the arrow keys move a window by inches, Alt its edge, D makes another like it', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await page.getByRole('button', { name: /^window A1,/ }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('group', { name: /^Move window A1/ }).focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('Alt+ArrowRight')
  await page.keyboard.press('d')
  await allSent(page)
  const [first, , , copy] = (await jobOf(page, id)).features
  expect(first).toMatchObject({ station: 10 * 768 + 64 + 768, width: 43 * 64 })
  expect(copy).toMatchObject({ kind: 'window', number: 4, width: 43 * 64 })
})

test('the scope line is drawn on the strip; what lies outside says so, down to the bid', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const say = page.getByLabel('A word, or a whole line')
  await say.fill(`C 5' fascia 3' soft`)
  await say.press('Enter')
  await part(page, 'Scope line')
  const wall = (await page.getByRole('button', { name: /^Scope line on side C/ }).boundingBox())!
  await page.mouse.move(wall.x + 2, wall.y + 120)
  await page.mouse.down()
  await page.mouse.move(wall.x + wall.width / 2, wall.y + 120, { steps: 5 })
  await page.mouse.up()
  const dialog = page.getByRole('dialog', { name: 'Scope line, side C' })
  await dialog.getByRole('button', { name: 'Put it on the line' }).click()
  await expect(dialog.getByRole('alert')).toContainText('Say why')
  await dialog.getByLabel('To', { exact: true }).fill('20')
  await dialog.getByLabel('Why').fill('an extension is planned')
  await dialog.getByRole('button', { name: 'Put it on the line' }).click()
  await expect(page.getByText(/Left out: back C from 0" to 20' \(an extension is planned\)/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'Outside the line' })).toContainText(
    'outside the scope line, left out',
  )
  await expect(page.getByRole('button', { name: /^Side C from 0" to 20': left out/ })).toBeVisible()
  await allSent(page)
  expect((await jobOf(page, id)).scope_stretches).toMatchObject([{ kind: 'left-out', to: 20 * 768 }])
  await openStage(page, 'Bid')
  await expect(page.getByRole('tabpanel', { name: /^Bid/ })).toContainText('outside the scope line, left out')
})

test('an unseen gable and an untouched look-alike become holds with a price; the crew sees no money', async ({
  page,
  browser,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const say = page.getByLabel('A word, or a whole line')
  await say.fill(`A1 sill nose 2' deep, same on A2`)
  await say.press('Enter')
  await part(page, 'Looked at')
  await page.getByLabel('roof edge').selectOption('height')
  const holds = page.getByRole('region', { name: /^To look at yet/ })
  await expect(holds).toContainText('roof edge (front A)')
  await expect(holds).toContainText('sill nose of window A3')
  await expect(holds.getByText(/^all of it \$\d/)).toBeVisible()
  await holds.getByRole('button', { name: 'Write them down as suspected' }).click()
  await expect(page.getByRole('tab', { name: /^Walk 3 findings/ })).toBeVisible()
  await allSent(page)
  await openStage(page, 'Bid')
  await expect(page.getByRole('tabpanel', { name: /^Bid/ })).toContainText(
    /We can look at these: .*all of them \$/,
  )
  const crew = await browser.newPage()
  await signIn(crew, PEOPLE.crew)
  await crew.goto(`/jobs/${id}/walk#looked`)
  await expect(crew.getByRole('region', { name: /^To look at yet/ })).toContainText('roof edge (front A)')
  expect(await crew.getByRole('region', { name: /^To look at yet/ }).innerText()).not.toContain('$')
  await crew.close()
})

test('opening asks who permitted it; nothing is recorded as opened without', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await part(page, 'Looked at')
  await page.getByLabel('field').selectOption('opened')
  const dialog = page.getByRole('dialog', { name: 'Who permitted opening?' })
  await dialog.getByRole('button', { name: 'Not permitted' }).click()
  await page.getByLabel('field').selectOption('opened')
  await dialog.getByLabel('Given by').fill('Orla Fennimore')
  await dialog.getByRole('button', { name: 'Note it' }).click()
  await expect(page.getByText(/open \(lift, cut, drill, hose\), from Orla Fennimore/)).toBeVisible()
  await allSent(page)
  const { facts } = await jobOf(page, id)
  expect(facts.map((fact) => fact.kind)).toEqual(['permission', 'coverage'])
})

test('a reading is taken from the simulated meter through its adapter, set on its own page', async ({
  page,
  context,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const devices = await context.newPage()
  await devices.goto('/devices')
  // The page listens to what is typed once its meter speaks.
  await expect(devices.getByLabel('Meter says')).toHaveText(/%/)
  await devices.getByLabel('True moisture').fill('31')
  await devices.getByRole('region', { name: 'Moisture meter' }).getByLabel('Noise').fill('0')
  await expect(devices.getByLabel('Meter says')).toHaveText('31.0 %')
  await expectAccessible(devices)
  const say = page.getByLabel('A word, or a whole line')
  await say.fill('A1 sill nose soft')
  await say.press('Enter')
  await page.getByRole('button', { name: /^Note a fact/ }).click()
  const dialog = page.getByRole('dialog', { name: 'Note a fact' })
  await dialog.getByRole('button', { name: 'Listen to the meter' }).click()
  await expect(dialog.getByLabel('Meter', { exact: true }).first()).toHaveText('31.0 %')
  await dialog.getByRole('button', { name: 'Take it here' }).click()
  await dialog.getByLabel('Dry reference spot, %').fill('12')
  await dialog.getByLabel('Species, if known').fill('fir')
  await dialog.getByLabel('Meter’s table, points').fill('-1.5')
  await dialog.getByRole('button', { name: 'Write it down' }).click()
  await allSent(page)
  const reading = (await jobOf(page, id)).facts.find((fact) => fact.kind === 'reading')
  expect(reading).toMatchObject({
    moisture_percent: 31,
    reference_percent: 12,
    species: 'fir',
    species_points: -1.5,
    wood_temperature_c: 11,
    instrument: 'simulated moisture meter',
  })
  // By hand: 31 read, 0.91 for wood at 51.8 °F, 1.5 less by the meter's table.
  await page.getByRole('button', { name: /^Note a fact/ }).click()
  await expect(dialog.getByText(/Set right: 30\.4 %/)).toBeVisible()
})

test('a word the firm teaches once is understood from then on, by everybody', async ({ page, browser }) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page)
  const say = page.getByRole('form', { name: 'Photo and word' })
  await say.getByLabel('A word, or a whole line').fill('A1 glibbet soft')
  await say.getByRole('button', { name: '? glibbet' }).click()
  const dialog = page.getByRole('dialog', { name: /What does “glibbet” mean/ })
  await dialog.getByLabel('Namely').selectOption({ label: 'sill nose' })
  await dialog.getByRole('button', { name: 'Remember it' }).click()
  await expect(say.getByRole('list', { name: 'Understood' }).getByText('sill nose')).toBeVisible()
  await expect(say.getByRole('button', { name: '? glibbet' })).toHaveCount(0)
  const crew = await browser.newPage()
  await signIn(crew, PEOPLE.crew)
  await openJob(crew, 'Alder House')
  await crew.getByLabel('A word, or a whole line').fill('A1 glibbet soft')
  await expect(crew.getByRole('list', { name: 'Understood' }).getByText('sill nose')).toBeVisible()
  await crew.close()
})

test('before, framing, measures, told and the plan of the demo house; axe finds nothing', async ({
  page,
}) => {
  test.setTimeout(150_000)
  await signIn(page, PEOPLE.estimator)
  await openJob(page, 'Alder House')
  await part(page, 'Before')
  await expect(page.getByLabel('First guess of the scope')).toHaveValue(/Two or three sills/)
  await expect(page.getByRole('region', { name: 'Kept beside each other' })).toContainText(/3\d findings/)
  await expectAccessible(page)
  await part(page, 'Framing')
  await expect(page.getByRole('region', { name: 'Members and supports' })).toContainText('some years')
  await expectAccessible(page)
  await part(page, 'Measures')
  await page.getByRole('region', { name: 'Side A' }).getByText('Wall, gross').first().click()
  // 42 ft × 19 ft: foundation 1 ft 8 in to the eave at 20 ft 8 in.
  await expect(page.getByText('42.00 ft × 19.00 ft').first()).toBeVisible()
  await page.getByLabel('Courses counted').fill('24')
  await expect(page.getByText(`8'`, { exact: true })).toBeVisible()
  await expectAccessible(page)
  await part(page, 'Told')
  await expect(page.getByText(/Number 4, at 34'.*sill nose of window A5/)).toBeVisible()
  await part(page, 'Photos')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'plan', exact: true }).click()
  await expect(page.getByRole('group', { name: 'The plan: walls from above' })).toBeVisible()
  await expectAccessible(page)
})

test('the whole walk goes by keyboard alone', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  /** Tabs on until something named so has the focus, as a person without a mouse does. */
  async function tabTo(name: RegExp): Promise<void> {
    for (let presses = 0; presses < 120; presses += 1) {
      await page.keyboard.press('Tab')
      const label = await page.evaluate(() => {
        const at = document.activeElement
        const labelled =
          at instanceof HTMLInputElement || at instanceof HTMLSelectElement
            ? (at.labels?.[0]?.textContent ?? '')
            : ''
        return at?.getAttribute('aria-label') ?? (labelled || (at?.textContent ?? ''))
      })
      if (name.test(label)) return
    }
    throw new Error(`Nothing named ${String(name)} was reached with the Tab key.`)
  }
  await tabTo(/^Side B,/)
  await page.keyboard.press('Enter')
  await tabTo(/^A word, or a whole line/)
  await page.keyboard.type(`B 4' corner board 14" deep`)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: /^Finding (new )?1/ })).toBeAttached()
  await page.getByRole('tab', { name: /^Walk/ }).focus()
  await tabTo(/^Find$/)
  await page.keyboard.press('ArrowRight')
  // The tabs move the focus in a timer of their own: Enter pressed before it would choose *Find* again.
  await expect(page.getByRole('tab', { name: 'Looked at' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'The way round' })).toBeVisible()
  await tabTo(/^roof edge/)
  await page.keyboard.press('ArrowDown')
  await allSent(page)
  const job = await jobOf(page, id)
  expect(job.findings).toMatchObject([{ component: 'corner-board', stated_grade: 3 }])
  expect(job.facts.some((fact) => fact.kind === 'coverage')).toBe(true)
})

test('what happened and since when damage is there is told as people say it, and Trace reads what came after what', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const say = page.getByLabel('A word, or a whole line')
  await say.fill('A 12 ft siding soft 4 ft')
  await say.press('Enter')
  await page
    .getByRole('region', { name: 'Findings' })
    .getByRole('button', { name: /^\d* ?lap siding/ })
    .click()
  const since = page.getByLabel('There since')
  await since.fill('soonish')
  await expect(page.getByText(/such as May 2024/)).toBeVisible()
  await since.fill('November 2024')
  await since.blur()
  await part(page, 'Before')
  const events = page.getByRole('region', { name: 'What happened when' })
  await events.getByLabel('What happened').selectOption({ label: 'washed with pressure' })
  await events.getByRole('button', { name: 'Add it' }).click()
  await expect(events.getByText('Say when, as near as you can: a year is enough.')).toBeVisible()
  await events.getByLabel('When').fill('May 2024')
  await events.getByRole('button', { name: 'Add it' }).click()
  await expect(events.getByRole('listitem')).toHaveText([
    /^May 2024 washed with pressure/,
    /^November 2024 finding \d* ?was there/,
  ])
  await expectAccessible(page)
  await allSent(page)
  const job = await jobOf(page, id)
  expect(job.house_events).toMatchObject([{ what: 'washed', when: { year: 2024, month: 5 } }])
  expect(job.findings).toMatchObject([{ first_seen: { year: 2024, month: 11 } }])
  await openStage(page, 'Trace')
  await expect(page.getByText(/began within a year of pressure washing/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByText(/began within a year of pressure washing/)).toHaveCount(0)
})

test('the scope line holds so high and for some parts, and the bid says it', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await part(page, 'Scope line')
  await page.getByRole('button', { name: 'On A', exact: true }).click()
  const dialog = page.getByRole('dialog', { name: 'Scope line, side A' })
  await dialog.getByLabel('This stretch is').selectOption('ours')
  await dialog.getByLabel('Only above').fill('6')
  await dialog.getByLabel('Only below').fill('4')
  await dialog.getByRole('button', { name: 'Put it on the line' }).click()
  await expect(dialog.getByRole('alert')).toContainText('It holds nowhere')
  await dialog.getByLabel('Only above').fill('')
  await expectAccessible(page)
  await dialog.getByRole('button', { name: 'Put it on the line' }).click()
  await expect(page.getByText("We work on: front A up to 4' high.")).toBeVisible()
  await expect(page.getByRole('button', { name: /^Side A from 0" to 40' above 4': left out/ })).toBeVisible()

  await page.getByRole('button', { name: 'On B', exact: true }).click()
  const other = page.getByRole('dialog', { name: 'Scope line, side B' })
  await other.getByLabel('Only for one part more').selectOption({ label: 'sash' })
  await expect(other.getByText('Only: sash')).toBeVisible()
  await other.getByLabel('Why').fill('the window firm comes in May')
  await other.getByRole('button', { name: 'Put it on the line' }).click()
  await expect(page.getByText('right B, only sash (the window firm comes in May)')).toBeVisible()
  await allSent(page)
  expect((await jobOf(page, id)).scope_stretches).toMatchObject([
    { kind: 'ours', below: 4 * 768, above: null },
    { kind: 'left-out', parts: ['sash'] },
  ])
})
