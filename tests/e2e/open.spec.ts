/** What shows when the boards are off, at a desk: counted, asked, answered by the owner's link, planned; and what is seen before it is covered. */
import { expect, test } from '@playwright/test'
import { jobOf } from './ownJob'
import { acceptedJob, openTheFascia, OWNER } from './acceptedJob'
import { allSent, expectAccessible, openStage, PEOPLE, photo, signIn } from './support'

test('found behind the fascia, asked by a link, answered, and planned', async ({ page, browser }) => {
  await signIn(page, PEOPLE.estimator)
  const { id, token } = await acceptedJob(page, 'Opened at a desk')
  await page.goto(`/jobs/${id}/open`)
  const behind = await openTheFascia(page)
  await behind.getByLabel('Photo of what is behind').setInputFiles(await photo())
  // Enough to be beyond what was agreed without a yes.
  for (let count = 0; count < 3; count += 1)
    await behind.getByRole('button', { name: 'One more A rafter end' }).click()
  const asked = behind.getByLabel('What had done it')
  await asked.selectOption({ label: 'Ice dam or wind-blown rain at the eave' })
  await expectAccessible(page)
  await behind.getByRole('button', { name: 'Keep: 3 found' }).click()
  // Seen goes before reckoned: it stands as stated, and what had been said stands beside it.
  await expect(behind.getByText(/^What had done it: Ice dam or wind-blown rain at the eave; /)).toBeVisible()
  await allSent(page)
  const seen = await jobOf(page, id)
  expect(seen.opened_places[0]).toMatchObject({ caused_by: 'ice-or-blown-rain', told: { stated: false } })
  expect(seen.judgements.at(-1)).toMatchObject({
    cause: 'ice-or-blown-rain',
    reason: 'seen when it was opened',
  })
  await expect(page.getByText('3 × rafter end', { exact: true })).toBeVisible()
  await expect(page.getByText('not asked yet: wait')).toBeVisible()
  const ask = page.getByRole('button', { name: /^Ask the owner: \$/ })
  const sum = /\$[\d,.]+/.exec((await ask.textContent())!)![0]
  await ask.click()
  const dialog = page.getByRole('dialog', { name: /^Ask the owner/ })
  await expect(dialog.getByText('This change', { exact: true }).first()).toBeVisible()
  await dialog.getByRole('button', { name: 'Send the link' }).click()
  await expect(page.getByText(/^Change order 1/)).toBeVisible({ timeout: 60_000 })

  // Its link is in the outbox; the owner opens it on his own phone, with no account.
  await page.goto('/outbox')
  const letter = await page.getByRole('main').textContent()
  const url = /\/o\/[\w-]+/.exec(letter!.slice(letter!.indexOf('Change order 1 for Opened at a desk')))![0]
  const owner = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await owner.goto(url)
  await expect(owner.getByRole('heading', { name: /^Change order 1 to bid 1/ })).toBeVisible()
  await expect(owner.getByText(sum).first()).toBeVisible()
  await expect(owner.getByRole('img', { name: 'What was found' })).toBeVisible()
  await expectAccessible(owner)
  await owner.getByLabel(/^Your full name/).fill(OWNER)
  await owner.getByRole('button', { name: /^Yes, do it/ }).click()
  await expect(owner.getByText(/has arrived|said yes to it/).first()).toBeVisible()
  // The bid's own link says what is agreed by now.
  await owner.goto(`/o/${token}`)
  await expect(owner.getByRole('region', { name: 'Changes since' })).toContainText('Change order 1, yes')

  await page.goto(`/jobs/${id}/open`)
  await expect(page.getByText(`yes from ${OWNER}`).first()).toBeVisible()
  await openStage(page, 'Plan')
  await expect(page.getByText(/Sister the rafter|rafter tail|Rafter/i).first()).toBeVisible()
  await expect(page.getByText(/not accepted/i)).toHaveCount(0)
})

test('nothing more is one touch; what is covered is seen first, by name; a crew sees no money', async ({
  page,
  browser,
}) => {
  await signIn(page, PEOPLE.estimator)
  const { id } = await acceptedJob(page, 'Nothing behind it')
  const crew = await (await browser.newContext()).newPage()
  await signIn(crew, PEOPLE.crew)
  const answers: string[] = []
  crew.on('response', (answer) => {
    if (answer.url().includes('/api/jobs/'))
      void answer.text().then(
        (text) => answers.push(text),
        () => null,
      )
  })
  await crew.goto(`/jobs/${id}/open`)
  await openTheFascia(crew)
  await crew.getByRole('button', { name: 'Nothing more behind it' }).click()
  await expect(crew.getByText('nothing more')).toBeVisible()
  await crew.getByRole('button', { name: 'Before it is covered' }).click()
  const seen = crew.getByRole('button', { name: 'Seen', exact: true }).first()
  await seen.click()
  await expect(crew.getByText(/seen, Dov Harrow/).first()).toBeVisible()
  await expectAccessible(crew)
  await allSent(crew)
  await expect(crew.locator('body')).not.toContainText('$')
  expect(answers.length).toBeGreaterThan(2)
  expect(answers.filter((text) => text.includes('_cents'))).toEqual([])
  const job = await jobOf(page, id)
  expect(job.opened_places).toMatchObject([{ found: [], opened_by: 'Dov Harrow' }])
  expect(job.facts.some(({ kind, by }) => kind === 'hold-point' && by === 'Dov Harrow')).toBe(true)
})

test('a find that was asked too soon is taken back with its question; one with a yes comes off again', async ({
  page,
  browser,
}) => {
  await signIn(page, PEOPLE.estimator)
  const { id } = await acceptedJob(page, 'Taken back')
  await page.goto(`/jobs/${id}/open`)
  const ask = async (): Promise<void> => {
    const behind = await openTheFascia(page)
    await behind.getByRole('button', { name: 'One more A rafter end' }).click()
    await behind
      .getByLabel('What had done it')
      .selectOption({ label: 'Ice dam or wind-blown rain at the eave' })
    await behind.getByRole('button', { name: 'Keep: 1 found' }).click()
    await page.getByRole('button', { name: /^Ask the owner: \$/ }).click()
    const dialog = page.getByRole('dialog', { name: /^Ask the owner/ })
    await dialog.getByRole('button', { name: 'Send the link' }).click()
    await allSent(page)
  }
  await ask()
  await expect(page.getByText(/its question to the owner is withdrawn/)).toBeVisible()
  await page.getByRole('button', { name: 'It was not opened after all' }).click()
  const changes = page.getByRole('region', { name: 'Change orders' })
  await expect(changes.getByText('withdrawn', { exact: true })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Ask the owner: \$/ })).toHaveCount(0)
  await allSent(page)
  // What had been stated by what was seen goes with it.
  expect((await jobOf(page, id)).judgements.map(({ removed }) => removed)).toEqual([true])

  await ask()
  await expect(page.getByText(/^Change order 2/)).toBeVisible({ timeout: 60_000 })
  await page.goto('/outbox')
  const letter = await page.getByRole('main').textContent()
  const url = /\/o\/[\w-]+/.exec(letter!.slice(letter!.indexOf('Change order 2 for Taken back')))![0]
  const owner = await (await browser.newContext()).newPage()
  await owner.goto(url)
  await owner.getByLabel(/^Your full name/).fill(OWNER)
  await owner.getByRole('button', { name: /^Yes, do it/ }).click()
  await expect(owner.getByText(/has arrived|said yes to it/).first()).toBeVisible()

  await page.goto(`/jobs/${id}/open`)
  const before = page.getByRole('region', { name: 'Agreed' })
  await expect(before).toContainText('Changes with a yes')
  await openTheFascia(page)
  await page.getByRole('button', { name: 'It was not opened after all' }).click()
  const notAsked = page.getByRole('region', { name: 'Not asked yet' })
  await expect(notAsked).toContainText(/Agreed in change order 2, and not done/)
  await expect(
    notAsked.getByRole('button', { name: /^Ask the owner: -\$|^Ask the owner: −\$/ }),
  ).toBeVisible()
})
