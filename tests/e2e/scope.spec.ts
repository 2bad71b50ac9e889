import { expect, test } from '@playwright/test'
import type { WorkItem } from '../../src/core/job'
import { finding, sillNose, smallHouse, workItem } from '../support/jobs'
import { jobOf, openOwn } from './ownJob'
import { allSent, expectAccessible, openStage, OWN, PEOPLE, signIn } from './support'

const fascia = finding({
  n: 2,
  words: 'soft at the gutter',
  component: 'fascia',
  at: { side: 'c', ft: 15, up_in: 110 },
  length_in: 48,
  grade: 3,
})
const on = (
  id: string,
  of: Partial<WorkItem> & Pick<WorkItem, 'method' | 'component' | 'finding_ids'>,
): WorkItem => workItem(id, of)

test('a rate that is missing is said where it is missed, and the price stands', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const { rates } = smallHouse()
  await openOwn(page, {
    findings: [sillNose()],
    work_items: [on('nose', { method: 'piece-in', component: 'sill-nose', finding_ids: ['finding-1'] })],
    rates: { ...rates!, section_cents_per_ft: {} },
  })
  await openStage(page, 'Price')
  const field = page.getByLabel(/^5\/4x4 .*, \$ a ft$/)
  await field.fill('about four')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText(/No rate yet/)).toBeVisible()
  const before = await page.getByTestId('total').textContent()
  await field.fill('4.10')
  await field.press('Enter')
  await expect(page.getByText(/No rate yet/)).toHaveCount(0)
  await expect(page.getByTestId('total')).not.toHaveText(before!)
  await openStage(page, 'Bid')
  await expect(page.getByText(/No rate for/)).toHaveCount(0)
})

test('an item is made an option, named, given to others: the price and the bid follow', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page, {
    findings: [sillNose(), fascia],
    work_items: [
      on('nose', { method: 'piece-in', component: 'sill-nose', finding_ids: ['finding-1'] }),
      on('board', { method: 'piece-in', component: 'fascia', finding_ids: ['finding-2'] }),
    ],
  })
  await openStage(page, 'Price')
  const total = page.getByTestId('total')
  const both = await total.textContent()
  await openStage(page, 'Scope')
  await page.getByRole('button', { name: 'Change Fascia: piece in' }).click()
  const change = page.getByRole('group', { name: 'Change Fascia: piece in' })
  await change.getByLabel('How it stands').selectOption({ label: 'optional' })
  await expect(page.getByText('Not in the price: optional')).toBeVisible()
  await expectAccessible(page)
  await openStage(page, 'Price')
  const apart = page.getByRole('region', { name: 'Priced apart' })
  await expect(apart.getByLabel(/^Fascia: piece in/)).toContainText('$')
  await expect(total).not.toHaveText(both!)
  await apart.getByLabel(/^Fascia: piece in/).click()
  // The difference, and below it what that is made of.
  const made = apart.getByText(/^\$[\d,.]+ with it − \$[\d,.]+ without/)
  await expect(made.first()).toBeVisible()
  await expect(apart.getByText('Labour', { exact: true })).toBeVisible()
  await openStage(page, 'Bid')
  const choices = page.getByRole('region', { name: 'Your choices' })
  await expect(choices).toContainText('Roof-edge board: a new piece let in')
  await expect(choices).toContainText(/\+ \$[\d,]+\.\d\d/)
  await openStage(page, 'Scope')
  await page.getByRole('button', { name: 'Change Fascia: piece in' }).click()
  await change.getByLabel('How it stands').selectOption({ label: 'others do it' })
  await change.getByLabel('Who does it').fill('the roofer')
  await change.getByLabel('Handed over when').fill('before we paint')
  await change.getByLabel('Called').fill('New fascia at the back')
  await change.getByLabel('Note').click()
  await expect(page.getByText('Not in the price: others do it, the roofer')).toBeVisible()
  await allSent(page)
  const item = (await jobOf(page, id)).work_items.find((each) => each.id === 'board')
  expect(item).toMatchObject({
    state: 'by-others',
    who: 'the roofer',
    hand_over: 'before we paint',
    name: 'New fascia at the back',
  })
})

test('what has no recipe has no price, and holds the bid until one is typed', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const post = finding({
    n: 1,
    words: '',
    component: 'deck-post',
    at: { side: 'c', ft: 12, up_in: 10 },
    grade: 1,
  })
  await openOwn(page, {
    findings: [post],
    work_items: [
      on('post', { method: 'replace-member', component: 'deck-post', finding_ids: ['finding-1'] }),
    ],
  })
  await openStage(page, 'Price')
  const line = page.getByLabel(/^Deck post: replace the member/)
  await expect(line).toContainText('no price')
  await openStage(page, 'Bid')
  await expect(page.getByText('No recipe for deck post yet: type a price, or refer it.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Send the bid' })).toBeDisabled()
  await openStage(page, 'Price')
  await line.click()
  await page.getByRole('button', { name: 'Type a price', exact: true }).click()
  await page.getByRole('textbox', { name: 'Price for Deck post: replace the member' }).fill('640')
  await page.getByRole('button', { name: 'It stands' }).click()
  await openStage(page, 'Bid')
  await expect(page.getByRole('button', { name: 'Send the bid' })).toBeEnabled()
})

test('an edit of a repair that waited in an older program is taken as one of a work item', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page, {
    findings: [sillNose()],
    work_items: [on('nose', { method: 'piece-in', component: 'sill-nose', finding_ids: ['finding-1'] })],
  })
  const change = {
    id: `old-${id}`,
    schema: 4,
    made_at: '2026-05-04T09:00:00Z',
    device: 'an-old-tab',
    op: 'set',
    entity: { kind: 'repair', id: 'nose' },
    base: 0,
    fields: { note: 'said in the old tab' },
  }
  const answer = await page.request.post(`/api/jobs/${id}/changes`, {
    data: { known: 0, changes: [change] },
    headers: OWN,
  })
  expect(answer.status(), await answer.text()).toBe(200)
  expect((await jobOf(page, id)).work_items[0]?.note).toBe('said in the old tab')
  const history = (await (await page.request.get(`/api/jobs/${id}/history`)).json()) as unknown
  expect(JSON.stringify(history)).toContain('work_item')
})

test('a line that says rain is the weather of that day; what is open to it is made dry, and is still to be mended', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const gone = { ...fascia, stated_grade: 4 as const }
  const id = await openOwn(page, { findings: [sillNose(), gone] })
  const line = page.getByRole('form', { name: 'Photo and word' })
  await line.getByLabel('A word, or a whole line').fill('it will rain tonight')
  await expect(line.getByRole('status')).toContainText('kept as that day’s weather')
  await line.getByRole('button', { name: 'Add', exact: true }).click()
  // What the owner wants kept goes where such things stand; it is no finding either.
  await line.getByLabel('A word, or a whole line').fill('the patio must stay')
  await expect(line.getByRole('status')).toContainText('Must stay: patio.')
  await line.getByRole('button', { name: 'Add', exact: true }).click()
  await allSent(page)
  const walked = await jobOf(page, id)
  expect(walked.job.must_stay).toBe('patio')
  expect(walked.findings).toHaveLength(2)
  expect(walked.plan_days).toMatchObject([{ sky: 'wet', said: 'person' }])
  await openStage(page, 'Scope')
  await expect(page.getByRole('heading', { name: /^Rain on / })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Make it dry (1)' }).click()
  await expect(page.getByRole('heading', { name: /^Rain on / })).toHaveCount(0)
  await allSent(page)
  const { work_items } = await jobOf(page, id)
  expect(work_items).toMatchObject([{ method: 'stop-gap', finding_ids: [gone.id] }])
  await expect(page.getByRole('region', { name: 'Findings', exact: true })).toContainText('2 open')
})
